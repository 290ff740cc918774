<script setup lang="ts">
import {
  gateLabel,
  criterionLabels,
  sig,
  type Candidate,
  type Criterion,
  type CriterionId,
} from '@hornblende/core';
import { computed } from 'vue';
import { useUnits } from '../composables/useUnits';
import StatusMark from './StatusMark.vue';

const props = defineProps<{ candidates: Candidate[]; selected: string | null }>();
const emit = defineEmits<{
  select: [material: string];
  working: [candidate: Candidate, criterion: Criterion];
  score: [candidate: Candidate];
}>();
const { convert } = useUnits();
function show(c: Candidate, id: CriterionId): void {
  const k = c.criteria.find(x => x.id === id);
  if (k) emit('working', c, k);
}
const ids = computed<CriterionId[]>(() =>
  (props.candidates[0]?.criteria ?? []).filter(c => c.weight > 0).map(c => c.id),
);
const value = (c: Candidate, id: CriterionId): string => {
  const k = c.criteria.find(x => x.id === id);
  return k
    ? `${Number.isFinite(k.value) ? sig(convert(k.value, k.unit).value, 2) : '∞'} (${k.desirability.toFixed(2)})`
    : '';
};
const unit = (id: CriterionId): string =>
  convert(0, props.candidates[0]?.criteria.find(k => k.id === id)?.unit ?? '').unit;
</script>

<template>
  <div class="scroll" tabindex="0" role="region" aria-label="Ranking as a table">
    <table class="plain">
      <caption class="visually-hidden">
        Candidates by rank, with each criterion’s value and desirability
      </caption>
      <thead>
        <tr>
          <th scope="col">Filament</th>
          <th scope="col">Status</th>
          <th scope="col">Score</th>
          <th v-for="id in ids" :key="id" scope="col">{{ criterionLabels[id].label }}<br />{{ unit(id) }}</th>
          <th scope="col">Fails</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="c in candidates" :key="c.material" :class="{ on: c.material === selected }">
          <th scope="row">
            <button type="button" class="quiet-button" @click="emit('select', c.material)">
              {{ c.name }}
            </button>
          </th>
          <td><StatusMark :status="c.status" /></td>
          <td>
            <button type="button" class="num" @click="emit('score', c)">{{ c.score.toFixed(2) }}</button>
          </td>
          <td v-for="id in ids" :key="id">
            <button type="button" class="num" @click="show(c, id)">{{ value(c, id) }}</button>
          </td>
          <td class="out">
            {{
              c.gates
                .filter(g => g.verdict === 'fail')
                .map(g => gateLabel(g.id))
                .join(', ')
            }}
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}
td,
th {
  white-space: nowrap;
  font-size: 13.5px;
}
.on {
  background: var(--hover);
}
tbody th {
  padding: 4px 10px 4px 0;
  border-bottom: 1px solid var(--rule);
}
</style>
