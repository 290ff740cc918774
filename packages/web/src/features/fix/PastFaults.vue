<script setup lang="ts">
import { causeLabel, isSolved, symptomWords } from '@hornblende/core/triage';
import { Button } from '../../ui/kit';
import { computed, ref } from 'vue';
import { useFaults } from '../../stores/faults';
import { dayText } from '../../ui/day-text';
import { useFeedback } from '../../ui/useFeedback';

/** What faults turned out to be here, the newest first, and which cause it is the most often. */
const faults = useFaults();
const { attempt, offerUndo } = useFeedback();
const MOST_FAULTS_SHOWN = 6;
const all = ref(false);
const solved = computed(() => faults.list.filter(f => isSolved(f.fault)));
const shown = computed(() => (all.value ? solved.value : solved.value.slice(0, MOST_FAULTS_SHOWN)));
const often = computed(() =>
  Object.entries(faults.history)
    .sort((a, b) => b[1] - a[1])
    .filter(([, n]) => n > 1)
    .slice(0, 3)
    .map(([id, n]) => `${causeLabel(id).toLowerCase()} ${n} times`)
    .join(', '),
);
const helped = { helped: '● it helped', 'did not': '○ it did not help', 'not known': '◐ not known yet' };
function remove(id: string): void {
  void attempt(async () => {
    const gone = faults.list.find(f => f.id === id)!.fault;
    await faults.remove(id);
    offerUndo('Taken out of the record.', () => faults.add(gone));
  });
}
</script>

<template>
  <section v-if="solved.length" class="past" aria-label="What it was before" data-testid="fix-past">
    <h2>What it was before</h2>
    <p v-if="often" class="small">Most often: {{ often }}.</p>
    <ul class="small">
      <li v-for="{ id, fault } in shown" :key="id">
        <span class="soft">{{ dayText(fault.end!.at) }}</span>
        <span>
          <b>{{ causeLabel(fault.end!.cause) }}</b>
          <template v-if="fault.of.name">, {{ fault.of.name }}</template>
          <span class="soft">
            ({{ fault.symptoms.map(s => symptomWords[s].toLowerCase()).join(', ') || 'nothing noted' }})</span
          >
          <template v-if="fault.end!.remedy"><br />{{ fault.end!.remedy }}.</template>
          {{ helped[fault.end!.mending] }}
        </span>
        <Button type="text" size="small" @click="remove(id)">Remove</Button>
      </li>
    </ul>
    <Button v-if="solved.length > MOST_FAULTS_SHOWN && !all" type="text" @click="all = true"
      >All {{ solved.length }}</Button
    >
  </section>
</template>

<style scoped src="./fault-list.css"></style>
<style scoped>
li {
  display: grid;
  grid-template-columns: 92px 1fr auto;
  gap: 4px 12px;
  border-top: 1px solid var(--rule);
  padding: 6px 0;
}
@media (max-width: 560px) {
  li {
    grid-template-columns: 1fr auto;
  }
  li > span:first-child {
    grid-column: 1 / -1;
  }
}
</style>
