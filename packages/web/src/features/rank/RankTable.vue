<script setup lang="ts">
import WorkingNumber from '../../ui/WorkingNumber.vue';
import { Button } from '../../ui/kit';
import { sig, type CriterionId } from '@hornblende/core/lib';
import {
  gateLabel,
  criterionLabels,
  type Candidate,
  type Criterion,
  scoreShown,
} from '@hornblende/core/score';
import { computed } from 'vue';
import DataTable from '../../ui/DataTable.vue';
import { useUnits } from '../../ui/useUnits';
import StatusMark from '../../ui/StatusMark.vue';

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
const failures = (c: Candidate): string =>
  c.gates
    .filter(g => g.verdict === 'fail')
    .map(g => gateLabel(g.id))
    .join(', ');
const columns = computed(() => [
  { key: 'name', title: 'Filament' },
  { key: 'status', title: 'Status' },
  { key: 'score', title: 'Score', number: true },
  ...ids.value.map(id => ({
    key: id as string,
    title: `${criterionLabels[id].label} ${unit(id)}`,
    number: true,
  })),
  { key: 'fails', title: 'Fails' },
]);
const unit = (id: CriterionId): string =>
  convert(0, props.candidates[0]?.criteria.find(k => k.id === id)?.unit ?? '').unit;
</script>

<template>
  <div class="scroll" tabindex="0" role="region" aria-label="Ranking as a table">
    <DataTable
      :columns="columns"
      :rows="candidates"
      :row-key="c => c.material"
      :row-class="c => (c.material === selected ? 'on' : '')"
      label="Candidates by rank, with each criterion’s value and desirability"
    >
      <template #name="{ row }">
        <Button type="link" @click="emit('select', row.material)">{{ row.name }}</Button>
      </template>
      <template #status="{ row }"><StatusMark :status="row.status" /></template>
      <template #score="{ row }">
        <WorkingNumber @click="emit('score', row)">{{ scoreShown(row).toFixed(2) }}</WorkingNumber>
      </template>
      <template v-for="id in ids" :key="id" #[id]="{ row }">
        <WorkingNumber @click="show(row, id)">{{ value(row, id) }}</WorkingNumber>
      </template>
      <template #fails="{ row }"
        ><span class="out">{{ failures(row) }}</span></template
      >
    </DataTable>
  </div>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}
</style>
