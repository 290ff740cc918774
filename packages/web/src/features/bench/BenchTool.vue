<script setup lang="ts">
/**
 * A tool of the bench: what it is for in a sentence, its questions, and beside them a drawing of what to do with its
 * one result, large. On a narrow screen the drawing stands over the questions.
 */
defineProps<{ name: string }>();
</script>

<template>
  <section :aria-label="name" class="tool">
    <header>
      <h2>{{ name }}</h2>
      <p><slot name="what" /></p>
    </header>
    <aside>
      <slot name="drawing" />
      <div class="answer"><slot name="answer" /></div>
    </aside>
    <div class="work"><slot /></div>
  </section>
</template>

<style scoped>
.tool {
  display: grid;
  grid-template:
    'head side' auto
    'work side' 1fr / minmax(0, 1fr) minmax(300px, 420px);
  gap: 14px 36px;
  width: 100%;
}
header {
  grid-area: head;
}
h2 {
  font-size: 18px;
  margin-bottom: 4px;
}
header p {
  margin: 0;
  max-width: 62ch;
}
aside {
  grid-area: side;
  align-self: start;
  border-left: 3px solid var(--rule-strong);
  padding-left: 22px;
}
.work {
  grid-area: work;
  display: grid;
  gap: 12px;
  align-content: start;
}
.answer {
  display: grid;
  gap: 6px;
  margin-top: 6px;
}
@media (max-width: 900px) {
  .tool {
    grid-template: 'head' 'side' 'work' / minmax(0, 1fr);
  }
  aside {
    border-left: 0;
    padding-left: 0;
  }
}
</style>
