<script setup lang="ts">
import { Button } from '../../ui/kit';
import { scoreShown } from '@hornblende/core/score';
import type { Candidate, Ranking } from '@hornblende/core/score';
import { computed } from 'vue';
import StatusMark from '../../ui/StatusMark.vue';

/** A ranking as it is beside the ranking as it would be; nothing is changed until it is taken. */
const props = defineProps<{ sentence: string; now: Ranking; then: Ranking; takeable: boolean }>();
const emit = defineEmits<{ take: []; drop: [] }>();
const MOST_FILAMENTS_SHOWN = 6;
const running = (r: Ranking): Candidate[] =>
  r.candidates.filter(c => c.rank !== null).slice(0, MOST_FILAMENTS_SHOWN);
const sides = computed(() => [
  { title: 'As it is', list: running(props.now), other: props.then },
  { title: 'What if', list: running(props.then), other: props.now },
]);
function moved(c: Candidate, other: Ranking): string {
  const there = other.candidates.find(x => x.material === c.material)?.rank ?? null;
  return there === null ? 'was out' : there === c.rank ? '' : `was ${there}.`;
}
</script>

<template>
  <section class="what-if" data-testid="what-if" aria-label="What if">
    <p>
      <b>{{ sentence }}</b>
    </p>
    <div class="sides">
      <div v-for="(s, i) in sides" :key="s.title">
        <h3>{{ s.title }}</h3>
        <ol>
          <li v-for="c in s.list" :key="c.material">
            <span>{{ c.name }}</span><StatusMark :status="c.status" /><span class="n">{{
              scoreShown(c).toFixed(2)
            }}</span
            ><span class="soft small">{{ i ? moved(c, s.other) : '' }}</span>
          </li>
        </ol>
        <p v-if="!s.list.length" class="out">○ nothing fits</p>
      </div>
    </div>
    <p>
      <Button v-if="takeable" type="text" @click="emit('take')"> Take it into the brief</Button
      ><Button type="text" @click="emit('drop')">Leave it</Button>
    </p>
  </section>
</template>

<style scoped>
.what-if {
  border-left: 3px solid var(--info);
  padding: 6px 16px;
  margin: 10px 0;
  background: var(--panel-soft);
  max-width: 760px;
}
.sides {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 28px;
}
ol {
  margin: 2px 0 8px;
  padding-left: 20px;
}
li > span {
  margin-right: 10px;
}
.n {
  font-weight: 700;
}
</style>
