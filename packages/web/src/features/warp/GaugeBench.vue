<script setup lang="ts">
import type { Family } from '@hornblende/core/materials';
import type { WithInterval } from '@hornblende/core/models';
import { gaugeCalibrationFor } from '@hornblende/core/print';
import { usualGaugeSizes, type Gauge } from '@hornblende/core/workshop';
import { Button } from '../../ui/kit';
import { computed, ref } from 'vue';
import TextField from '../../ui/TextField.vue';
import WorkingNumber from '../../ui/WorkingNumber.vue';
import { useWorking } from '../../stores/working';
import { useUnits } from '../../ui/useUnits';
import SerialToolLine from '../bench/SerialToolLine.vue';
import GaugeDrawing from './GaugeDrawing.vue';
import MeasuringEffect from './MeasuringEffect.vue';
import { useGaugeSheet } from './useGaugeSheet';
import { useMeasured } from './useMeasured';

/** Gauges printed on this machine, measured: its shrinkage and offsets, and what to type against them. */
const props = defineProps<{ family: Family }>();
const { show } = useUnits();
const working = useWorking();
const { printer, changed, keep } = useMeasured(() => props.family);
const { sheet, put, clear, problemOf, gauge, doubts } = useGaugeSheet(() => props.family, printer);
const said = ref(false);
const calibration = computed(() => gaugeCalibrationFor(printer.value?.profile ?? null, props.family));
const gauges = computed(() => calibration.value?.gauges ?? []);

async function add(): Promise<void> {
  if (!gauge.value || !printer.value) return;
  if (doubts.value.length && !said.value) {
    said.value = true;
    return;
  }
  const done = await keep(
    { gauges: [...printer.value.profile.gauges, gauge.value] },
    'The gauge counts for this printer now.',
  );
  if (done) clear();
  said.value = false;
}
async function remove(gone: Gauge): Promise<void> {
  await keep(
    { gauges: (printer.value?.profile.gauges ?? []).filter(g => g !== gone) },
    'The gauge is taken out.',
  );
}
/** What a tool sends goes to the first size that was not read yet. */
function fill(mm: number): void {
  const empty = usualGaugeSizes.find(s => !(sheet.value[s.id] ?? '').trim());
  if (empty) put(empty.id, String(mm));
}
function open(): void {
  const { value } = calibration;
  if (!value) return;
  const inputs = { sizes: value.sizes, shrinkPct: value.usualPct };
  const makers = value.makers ? [{ model: 'makers.shrink', inputs: { ...value.makers } }] : [];
  working.show({ title: 'Shrinkage and offsets', refs: [{ model: 'accuracy.gauge', inputs }, ...makers] });
}
const pct = ({ value, low, high }: WithInterval): string =>
  `${value.toFixed(2)} % (${low.toFixed(2)} to ${high.toFixed(2)})`;
const mm = ({ value, low, high }: WithInterval): string =>
  `${show(value, 'length', 2)} (${show(low, 'length', 2)} to ${show(high, 'length', 2)})`;
const signed = (x: number): string => `${x < 0 ? '−' : '+'}${Math.abs(x).toFixed(2)}`;
const odd = computed(() => {
  const { value } = calibration;
  return value?.outliers.map(i => value.sizes[i]!) ?? [];
});
</script>

<template>
  <section v-if="printer" aria-label="How true it is" data-testid="gauge-bench">
    <h2>How true it is</h2>
    <div v-if="calibration" data-testid="gauge-answer">
      <p>
        By {{ gauges.length }} {{ gauges.length === 1 ? 'gauge' : 'gauges' }}, {{ family.name }} on
        {{ printer.profile.name }} shrinks
        <WorkingNumber @click="open">{{ pct(calibration.shrinkXyPct) }}</WorkingNumber> along the plate and
        {{ pct(calibration.shrinkZPct) }} upright; outsides come out {{ mm(calibration.outsideMm) }} too wide,
        holes {{ mm(calibration.holeMm) }} too narrow. Single sizes scatter by
        {{ show(calibration.scatterMm, 'length', 2) }}.
      </p>
      <p>
        <b
          >To type in: {{ calibration.compensation.scaleXyPct.toFixed(2) }} % along the plate,
          {{ calibration.compensation.scaleZPct.toFixed(2) }} % upright, outlines
          {{ signed(calibration.compensation.outlineMm) }} mm a side, holes
          {{ signed(calibration.compensation.holeMm) }} mm more.</b
        >
        Ranking and card count on it.
      </p>
      <p v-for="(s, i) in odd" :key="i" class="marginal small">
        ◐ {{ show(s.measuredMm, 'length', 2) }} where {{ show(s.nominalMm, 'length', 0) }} was drawn lies far
        from the others and counts for little.
      </p>
    </div>
    <p v-else>
      Print the gauge with no compensation set, let it cool, and read what you can of these; a few sizes are
      enough to begin with.
    </p>
    <GaugeDrawing />
    <p class="take">
      <Button type="text" size="small" href="/api/coupons/gauge.stl">The gauge as STL</Button>
      <Button type="text" size="small" href="/api/coupons/gauge.3mf">as 3MF</Button>
    </p>
    <SerialToolLine @heard="fill" />
    <div class="sizes">
      <TextField
        v-for="(s, i) in usualGaugeSizes"
        :key="s.id"
        :model-value="sheet[s.id] ?? ''"
        :label="`${i + 1} ${s.label}, ${s.nominalMm} mm`"
        :maxlength="80"
        :problem="problemOf(s.id)"
        @update:model-value="v => put(s.id, v)"
      />
      <TextField
        :model-value="sheet.note ?? ''"
        label="How it was printed"
        :maxlength="120"
        @update:model-value="v => put('note', v)"
      />
      <Button type="primary" :disabled="!gauge" @click="add">{{
        said && doubts.length ? 'Take it all the same' : 'Take the gauge'
      }}</Button>
    </div>
    <ul v-if="doubts.length" class="marginal small" role="alert">
      <li v-for="d in doubts" :key="d">{{ d }}</li>
    </ul>
    <MeasuringEffect :sentences="changed" />
    <ul v-if="gauges.length" class="list small" data-testid="gauges">
      <li v-for="(g, i) in gauges" :key="i">
        <span
          >{{ g.at }}: {{ g.sizes.length }} {{ g.sizes.length === 1 ? 'size' : 'sizes'
          }}{{ g.note ? `, ${g.note}` : '' }}</span
        >
        <Button type="text" size="small" :aria-label="`Take the gauge of ${g.at} out`" @click="remove(g)"
          >Take it out</Button
        >
      </li>
    </ul>
  </section>
</template>

<style scoped>
p {
  margin: 4px 0 8px;
}
.sizes {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(180px, 1fr));
  gap: 10px 14px;
  align-items: end;
}
.list {
  list-style: none;
  margin: 8px 0 0;
  padding: 0;
}
.list li {
  display: flex;
  gap: 18px;
  align-items: baseline;
  border-top: 1px solid var(--rule);
  padding: 3px 0;
}
</style>
