<script setup lang="ts">
import { ref } from 'vue';
import { explained, type GlossaryWord } from './glossary';
import { Popover } from './kit';

/** A word of the trade: a press, or Enter, opens what the guide says of it. */
const props = defineProps<{ word: GlossaryWord }>();
const open = ref(false);
const said = ref('');
async function show(now: boolean): Promise<void> {
  open.value = now;
  if (now && !said.value) said.value = await explained(props.word);
}
</script>

<template>
  <Popover :open="open" trigger="click" :overlay-style="{ maxWidth: '340px' }" @open-change="show">
    <template #content
      ><span role="status" data-testid="term-said">{{ said }}</span></template
    >
    <button type="button" class="term" :aria-expanded="open" @keydown.esc="open = false"><slot /></button>
  </Popover>
</template>

<style scoped>
.term {
  font: inherit;
  color: inherit;
  background: none;
  border: 0;
  padding: 0;
  cursor: help;
  text-decoration: underline dotted var(--rule-strong);
  text-underline-offset: 3px;
}
.term:hover {
  text-decoration-color: var(--info);
}
</style>
