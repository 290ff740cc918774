<script setup lang="ts">
import WorkingNumber from '../../ui/WorkingNumber.vue';
import { Button } from '../../ui/kit';
import { parseBrief } from '@hornblende/core/brief';
import { InputError, type Problem } from '@hornblende/core/input';
import { sig, type CriterionId } from '@hornblende/core/lib';
import { criterionLabels, desirability, type Candidate, type Criterion } from '@hornblende/core/score';
import { computed, ref } from 'vue';
import { useUnits } from '../../ui/useUnits';
import { useDraft } from '../part/draft';
import DataTable from '../../ui/DataTable.vue';
import NumberInput from '../../ui/NumberInput.vue';

/**
 * How each criterion of a candidate becomes a number from 0 to 1: its value, and the two points of the
 * curve, which can be changed.
 */
const props = defineProps<{ candidate: Candidate }>();
const emit = defineEmits<{ working: [candidate: Candidate, criterion: Criterion] }>();
const draft = useDraft();
const { convert, store } = useUnits();
/** A point or value in the reader's unit, to four figures. */
const inUnit = (c: Criterion, v: number): number => Number(convert(v, c.unit).value.toPrecision(4));
const problem = ref('');
const rows = computed(() => props.candidate.criteria.filter(c => c.weight > 0));
const own = computed(() => draft.brief?.points ?? {});
function set(c: Criterion, part: 'unacceptable' | 'comfortable', value: number): void {
  const stored = store(value, c.unit);
  const pair: [number, number] = part === 'unacceptable' ? [stored, c.comfortable] : [c.unacceptable, stored];
  put({ ...own.value, [c.id]: pair });
}
function reset(id: CriterionId): void {
  put(Object.fromEntries(Object.entries(own.value).filter(([k]) => k !== id)));
}
/** Only points that the format allows become part of the brief. */
function put(points: object): void {
  if (!draft.brief) return;
  try {
    parseBrief(JSON.parse(JSON.stringify({ ...draft.brief, points })));
    problem.value = '';
    draft.set('points', points);
  } catch (e) {
    problem.value = e instanceof InputError ? e.problems.map(inWords).join('; ') : (e as Error).message;
  }
}
/** A refused pair of points, by the criterion's name: "Strength must run up: …". */
function inWords({ field, message }: Problem): string {
  const id = field.replace(/^points\./, '') as CriterionId;
  return `${criterionLabels[id]?.label ?? field} ${message}`;
}
const shown = (v: number): string => (Number.isFinite(v) ? sig(v, 3) : 'no limit');
const W = 110;
const parts = ['unacceptable', 'comfortable'] as const;
const columns = [
  { key: 'criterion', title: 'Criterion' },
  { key: 'value', title: 'Value', number: true },
  { key: 'unacceptable', title: 'Unacceptable', number: true },
  { key: 'comfortable', title: 'Comfortable', number: true },
  { key: 'curve', title: 'Curve' },
  { key: 'worth', title: 'Worth', number: true },
  { key: 'reset', title: 'Reset', hiddenTitle: true },
];
/** The curve between its points, and where the value stands on it. */
function picture(c: Criterion): { path: string; x: number; y: number } {
  const scale = c.log ? Math.log : (v: number): number => v;
  const u = (v: number): number =>
    (scale(v) - scale(c.unacceptable)) / (scale(c.comfortable) - scale(c.unacceptable));
  const at = (t: number): number => (W * (Math.min(2.2, Math.max(-0.3, t)) + 0.3)) / 2.5;
  const path = Array.from({ length: 26 }, (_, i) => {
    const t = -0.3 + (2.5 * i) / 25;
    return `${i ? 'L' : 'M'}${at(t).toFixed(1)} ${(22 - 20 * desirability(t, 0, 1)).toFixed(1)}`;
  }).join(' ');
  return { path, x: at(Number.isFinite(c.value) ? u(c.value) : 2.2), y: 22 - 20 * c.desirability };
}
</script>

<template>
  <div data-testid="points">
    <p class="soft small">
      Each criterion is worth 0 at its unacceptable point and 1 from its comfortable one on: enough is enough.
      The points follow from the brief until you set them; they hold for every candidate, and beyond an
      unacceptable point of your own a candidate is out. Here {{ candidate.name }}.
    </p>
    <p v-if="problem" class="out small" role="alert">{{ problem }}</p>
    <DataTable :columns="columns" :rows="rows" :row-key="c => c.id" label="How each criterion is scored">
      <template #criterion="{ row }">
        {{ criterionLabels[row.id].label
        }}<span class="soft small measure">{{ criterionLabels[row.id].measure }}</span>
      </template>
      <template #value="{ row }">
        <WorkingNumber @click="emit('working', candidate, row)">{{
          shown(convert(row.value, row.unit).value)
        }}</WorkingNumber>
        <span class="soft small"> {{ convert(row.value, row.unit).unit }}</span>
      </template>
      <template v-for="part in parts" :key="part" #[part]="{ row }">
        <NumberInput
          inline
          :label="`${part} ${criterionLabels[row.id].label}`"
          :min="-1e9"
          :max="1e9"
          :model-value="inUnit(row, row[part])"
          @update:model-value="v => v !== null && set(row, part, v)"
        />
      </template>
      <template #curve="{ row }">
        <svg :viewBox="`0 0 ${W} 25`" :width="W" height="25" aria-hidden="true">
          <path :d="picture(row).path" class="curve" />
          <circle :cx="picture(row).x" :cy="picture(row).y" r="3.4" :fill="`var(--s-${row.id})`" />
        </svg>
      </template>
      <template #worth="{ row }"
        ><b>{{ row.desirability.toFixed(2) }}</b></template
      >
      <template #reset="{ row }">
        <Button v-if="own[row.id]" type="text" size="small" @click="reset(row.id)">Reset</Button>
      </template>
    </DataTable>
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
  text-align: left;
  font-weight: 400;
  color: var(--ink) !important;
  font-size: 14px !important;
}
.what {
  width: 32%;
}
.measure {
  display: block;
  line-height: 1.25;
}
.n {
  text-align: right !important;
  white-space: nowrap;
}
.curve {
  fill: none;
  stroke: var(--rule-strong);
  stroke-width: 1.6;
}
svg {
  display: block;
}
table tbody th {
  border-bottom-color: var(--rule);
}
</style>
