<script setup lang="ts">
import type { Family } from '@hornblende/core/materials';
import {
  barBowMm,
  barDoubts,
  barErrorMm,
  barPredictedMm,
  type WarpCalibration,
} from '@hornblende/core/print';
import type { WarpBar } from '@hornblende/core/workshop';
import { Button } from '../../ui/kit';
import { computed, ref } from 'vue';
import NumberInput from '../../ui/NumberInput.vue';
import TextField from '../../ui/TextField.vue';
import { useUnits } from '../../ui/useUnits';
import SerialToolLine from '../bench/SerialToolLine.vue';
import MeasuringEffect from './MeasuringEffect.vue';
import { useBarSheet } from './useBarSheet';
import { useMeasured } from './useMeasured';

/** Bars printed on this machine, measured at both ends and in the middle: they set its own scale of warp. */
const props = defineProps<{ family: Family; calibration: WarpCalibration | null }>();
const { show } = useUnits();
const { printer, familyKey, changed, keep } = useMeasured(() => props.family);

const { sheet, put, bar, bad, missing, usual } = useBarSheet(() => props.family, printer);
const said = ref(false);
/** How the bar was printed, and what was read of it, as fields. */
const numbers = computed(() => [
  { key: 'lengthMm', label: 'Length, mm', value: sheet.value.lengthMm, min: 20, max: 500 },
  { key: 'heightMm', label: 'Height, mm', value: sheet.value.heightMm, min: 2, max: 100 },
  { key: 'solidPct', label: 'Plastic inside, %', value: sheet.value.solidPct, min: 1, max: 100 },
  { key: 'bedC', label: 'Bed, °C', value: sheet.value.bedC ?? usual.value.bedC, min: 0, max: 250 },
  {
    key: 'chamberC',
    label: 'Air, °C',
    value: sheet.value.chamberC ?? usual.value.chamberC,
    min: -10,
    max: 250,
  },
]);
const texts = [
  { key: 'endA', label: 'One end, mm' },
  { key: 'middle', label: 'Middle, mm' },
  { key: 'endB', label: 'Other end, mm' },
  { key: 'note', label: 'Door open or closed' },
] as const;
/** What a tool sends goes where nothing stands yet: the one end, the middle, the other. */
function fill(mm: number): void {
  const empty = (['endA', 'middle', 'endB'] as const).find(key => !sheet.value[key].trim());
  if (empty) put({ [empty]: String(mm) });
}
const doubts = computed(() => (bar.value ? barDoubts(bar.value) : []));
const bars = computed(() => printer.value?.profile.warpBars.filter(b => b.family === familyKey.value) ?? []);

async function add(): Promise<void> {
  const { value } = bar;
  if (!value || !printer.value) return;
  if (doubts.value.length && !said.value) {
    said.value = true;
    return;
  }
  const warpBars = [...printer.value.profile.warpBars, value];
  const done = await keep({ warpBars }, 'The bar counts for this printer now.');
  if (done) put({ endA: '', endB: '', middle: '', note: '' });
  said.value = false;
}
async function remove(gone: WarpBar): Promise<void> {
  const warpBars = (printer.value?.profile.warpBars ?? []).filter(b => b !== gone);
  await keep({ warpBars }, 'The bar is taken out.');
}
const fileOf = (as: 'stl' | '3mf'): string =>
  `/api/coupons/warp-bar.${as}?lengthMm=${sheet.value.lengthMm}&heightMm=${sheet.value.heightMm}`;
const isOut = (b: WarpBar): boolean => {
  const at = props.calibration?.bars.indexOf(b) ?? -1;
  return at >= 0 && (props.calibration?.outliers.includes(at) ?? false);
};
</script>

<template>
  <section aria-label="Measured here" data-testid="bar-bench">
    <h2>Measured here</h2>
    <p v-if="!printer" class="soft">
      Say in the brief which printer it is for, and bars can set its own scale.
    </p>
    <template v-else>
      <p data-testid="calibration">
        <template v-if="calibration">
          By {{ calibration.bars.length }} {{ calibration.bars.length === 1 ? 'bar' : 'bars' }} of it,
          {{ printer.profile.name }} warps <b>{{ calibration.scale.toFixed(2) }} times</b> what the model says
          ({{ calibration.scaleLow.toFixed(2) }} to {{ calibration.scaleHigh.toFixed(2) }}); ranking, card and
          this page use it.
          <template v-if="calibration.fitsExponent">
            Light against heavy: the bow goes with the plastic inside to the power
            {{ calibration.solidExponent.toFixed(2) }} ({{ calibration.exponentLow.toFixed(2) }} to
            {{ calibration.exponentHigh.toFixed(2) }}).
          </template>
        </template>
        <template v-else>
          Nothing of {{ family.name }} was measured on {{ printer.profile.name }}. Print a bar, let it cool,
          take it off, and measure how high its ends and its middle stand on a flat table.
        </template>
      </p>
      <div class="field-row">
        <NumberInput
          v-for="n in numbers"
          :key="n.key"
          :model-value="n.value"
          :label="n.label"
          :min="n.min"
          :max="n.max"
          @update:model-value="v => put({ [n.key]: v })"
        />
        <span class="take">
          <Button type="text" size="small" :href="fileOf('stl')">The bar as STL</Button>
          <Button type="text" size="small" :href="fileOf('3mf')">as 3MF</Button>
        </span>
      </div>
      <div class="field-row">
        <TextField
          v-for="t in texts"
          :key="t.key"
          :model-value="sheet[t.key]"
          :label="t.label"
          :maxlength="120"
          @update:model-value="v => put({ [t.key]: v })"
        />
        <Button type="primary" :disabled="!bar" @click="add">{{
          said && doubts.length ? 'Take it all the same' : 'Take it'
        }}</Button>
      </div>
      <SerialToolLine @heard="fill" />
      <p class="soft small">Several readings of one place, with spaces between, are averaged.</p>
      <p v-if="bad" class="out small" role="alert">Only numbers in mm, with spaces between them.</p>
      <p v-if="missing.length" class="soft small">Still to read: {{ missing.join(', ') }}.</p>
      <p v-if="bar" class="small">
        It bows {{ show(barBowMm(bar), 'length', 2) }} ± {{ show(barErrorMm(bar), 'length', 2) }}; the model
        says {{ show(barPredictedMm(bar, family), 'length', 2) }}.
      </p>
      <ul v-if="doubts.length" class="marginal small" role="alert">
        <li v-for="d in doubts" :key="d">{{ d }}</li>
      </ul>
      <MeasuringEffect :sentences="changed" />
      <ul v-if="bars.length" class="bars small" data-testid="bars">
        <li v-for="(b, i) in bars" :key="i">
          <span
            >{{ b.at }}: {{ b.lengthMm }} × {{ b.heightMm }} mm, {{ Math.round(100 * b.solidFraction) }} %
            plastic, bed {{ b.bedC }} °C, air {{ b.chamberC }} °C{{ b.note ? `, ${b.note}` : '' }}</span
          >
          <span>
            {{ show(barBowMm(b), 'length', 2) }} measured,
            {{ show(barPredictedMm(b, family), 'length', 2) }} by the model
            <b v-if="isOut(b)" class="marginal">◐ far from the others, counts for little</b>
          </span>
          <Button type="text" size="small" :aria-label="`Take the bar of ${b.at} out`" @click="remove(b)"
            >Take it out</Button
          >
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
p {
  margin: 4px 0 8px;
}
.field-row + .field-row {
  margin-top: 12px;
}
.take {
  white-space: nowrap;
}
.bars {
  list-style: none;
  margin: 8px 0 0;
  padding: 0;
}
.bars li {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 18px;
  align-items: baseline;
  border-top: 1px solid var(--rule);
  padding: 3px 0;
}
</style>
