<script setup lang="ts">
import { compareTwo } from '@hornblende/core/advice';
import { sig } from '@hornblende/core/lib';
import type { Candidate } from '@hornblende/core/score';
import { computed, ref, watch } from 'vue';
import DataTable from '../../ui/DataTable.vue';
import SentenceSelect from '../../ui/SentenceSelect.vue';
import { useUnits } from '../../ui/useUnits';

/** Any two candidates, criterion by criterion: where each wins, and the trade in a sentence. */
const props = defineProps<{ candidates: Candidate[]; selected: string | null }>();
const { convert, say } = useUnits();
const of = (key: string): Candidate | undefined => props.candidates.find(c => c.material === key);
const a = ref('');
const b = ref('');
/** The best of another family: its own grades are nearly the same, and tell nothing. */
function rivalOf(key: string): string {
  const family = of(key)?.family;
  const inRunning = props.candidates.filter(c => c.material !== key && c.rank !== null);
  const rival = inRunning.find(c => c.family !== family) ?? inRunning[0];
  return (rival ?? props.candidates.find(c => c.material !== key))?.material ?? '';
}
// The first against the one that is selected, or the best of another family.
watch(
  () => [props.candidates, props.selected],
  () => {
    const keys = props.candidates.map(c => c.material);
    if (!keys.includes(a.value)) a.value = keys[0] ?? '';
    if (props.selected && props.selected !== a.value) b.value = props.selected;
    if (!keys.includes(b.value) || b.value === a.value) b.value = rivalOf(a.value);
  },
  { immediate: true },
);
const comparison = computed(() => {
  const x = of(a.value);
  const y = of(b.value);
  return x && y && x !== y ? { x, y, ...compareTwo(x, y) } : null;
});
const widest = computed(() =>
  Math.max(0.001, ...(comparison.value?.criteria ?? []).map(c => Math.abs(c.worth))),
);
const shown = (v: number): string => (Number.isFinite(v) ? sig(v, 3) : 'no limit');
/** Less than this is lost in the rounding: the two are as good there. */
const SLIGHT = 0.0005;
function worthText(worth: number): string {
  if (Math.abs(worth) < SLIGHT) return 'as good';
  return `${worth > 0 ? '◂ ' : ''}${Math.abs(worth).toFixed(3)}${worth < 0 ? ' ▸' : ''}`;
}
const HALF = 130;
const names = computed(() =>
  props.candidates.map(c => ({ value: c.material, label: c.status === 'out' ? `${c.name} (out)` : c.name })),
);
const columns = computed(() => [
  { key: 'criterion', title: 'Criterion' },
  { key: 'a', title: comparison.value?.x.name ?? '', number: true },
  { key: 'b', title: comparison.value?.y.name ?? '', number: true },
  { key: 'worth', title: 'Worth in the score' },
]);
</script>

<template>
  <div data-testid="compare-two">
    <p class="who">
      <SentenceSelect v-model="a" label="First of the two" :options="names" />
      against
      <SentenceSelect v-model="b" label="Second of the two" :options="names" />
    </p>
    <p v-if="!comparison" class="soft">Choose two different filaments.</p>
    <template v-else>
      <p>{{ say(comparison.sentence) }}</p>
      <DataTable
        :columns="columns"
        :rows="comparison.criteria"
        :row-key="c => c.id"
        label="Criterion by criterion"
      >
        <template #criterion="{ row }">
          {{ row.label }} <span class="soft small">weighs {{ sig(row.weight, 2) }}</span>
        </template>
        <template #a="{ row }">
          <span :class="{ win: row.winner === 'a' }">{{ shown(convert(row.a, row.unit).value) }}</span>
          <span class="soft small unit">{{ convert(row.a, row.unit).unit }}</span>
        </template>
        <template #b="{ row }">
          <span :class="{ win: row.winner === 'b' }">{{ shown(convert(row.b, row.unit).value) }}</span>
          <span class="soft small unit">{{ convert(row.b, row.unit).unit }}</span>
        </template>
        <template #worth="{ row }">
          <svg :viewBox="`0 0 ${HALF * 2} 16`" :width="HALF * 2" height="16" aria-hidden="true">
            <line :x1="HALF" :x2="HALF" y1="0" y2="16" class="axis" />
            <rect
              :x="row.worth > 0 ? HALF - (HALF * row.worth) / widest : HALF"
              y="3"
              :width="(HALF * Math.abs(row.worth)) / widest"
              height="10"
              :fill="`var(--s-${row.id})`"
            /></svg
          ><span class="small worth">{{ worthText(row.worth) }}</span>
        </template>
      </DataTable>
    </template>
  </div>
</template>

<style scoped>
th,
td {
  padding: 3px 16px 3px 0 !important;
  border-bottom: 1px solid var(--rule);
  vertical-align: middle !important;
}
tbody th {
  font-weight: 400;
  text-align: left;
  color: var(--ink);
  font-size: 14px !important;
  white-space: nowrap;
}
.n {
  text-align: right !important;
  white-space: nowrap;
}
.unit {
  margin-left: 4px;
}
.win {
  font-weight: 700;
}
.mid {
  white-space: nowrap;
}
svg {
  vertical-align: middle;
  max-width: 70%;
}
.axis {
  stroke: var(--rule-strong);
}
.worth {
  margin-left: 8px;
}
table tbody th {
  border-bottom-color: var(--rule);
}
</style>
