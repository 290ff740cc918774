<script setup lang="ts">
import {
  FlexInfillInput,
  flexInfillModel,
  infillCurve,
  infillPatterns,
  type InfillReading,
} from '@hornblende/core/models';
import { Button } from '../../ui/kit';
import { computed, ref } from 'vue';
import ChartFrame from '../../charts/ChartFrame.vue';
import { chartAxis, chartText } from '../../charts/chart-parts';
import { useChartColours } from '../../charts/useChartColours';
import { useWorking } from '../../stores/working';
import { useUnits } from '../../ui/useUnits';
import NumberInput from '../../ui/NumberInput.vue';
import OptionSelect from '../../ui/OptionSelect.vue';
import BenchResult from './BenchResult.vue';
import BenchTool from './BenchTool.vue';
import ScaleChoice from './ScaleChoice.vue';
import InfillDrawing from './drawings/InfillDrawing.vue';
import { useBenchSheet } from './useBenchSheet';

/** The infill for a wanted hardness, by the cellular estimate until pads of one's own were measured. */
const colours = useChartColours();
const working = useWorking();
const { show } = useUnits();
const { sheet, put } = useBenchSheet('infill', {
  scale: 'A' as 'A' | 'D',
  solidHardness: 85,
  wantedHardness: 65,
  pattern: 'gyroid' as FlexInfillInput['pattern'],
  walls: 0,
  sideMm: 30,
  pressed: 'onto-layers' as FlexInfillInput['pressed'],
  volumeCm3: 20,
  densityGcm3: 1.2,
  readings: [] as InfillReading[],
});
const patterns = infillPatterns.map(value => ({ value, label: value }));
const ways = [
  { value: 'onto-layers', label: 'onto its layers' },
  { value: 'from-the-side', label: 'from the side' },
];
const pct = ref<number | null>(null);
const hardness = ref<number | null>(null);
const input = computed(() => Object.assign(new FlexInfillInput(), sheet.value));
const answer = computed(() => flexInfillModel.compute(input.value));
const curve = computed(() => infillCurve(input.value));
function take(): void {
  if (pct.value === null || hardness.value === null) return;
  put({ readings: [...sheet.value.readings, { infill: pct.value / 100, hardness: hardness.value }] });
  pct.value = null;
  hardness.value = null;
}
const infillWords = computed(() => {
  const { massG, byReadings } = answer.value.result;
  const whose = byReadings ? 'by your own pads.' : 'an estimate until you have measured pads.';
  const { wantedHardness, scale } = sheet.value;
  return `for ${wantedHardness} Shore ${scale}, some ${show(massG ?? 0, 'mass', 0)}; ${whose}`;
});
const STEPS = 60;
const option = computed(() => ({
  animation: false,
  textStyle: chartText,
  grid: { left: 54, right: 18, top: 14, bottom: 46 },
  xAxis: chartAxis(colours.value, 'infill, %', 26, { min: 0, max: 100, splitLine: { show: false } }),
  yAxis: chartAxis(colours.value, `hardness, Shore ${sheet.value.scale}`, 36, { min: 0, max: 100 }),
  series: [
    {
      type: 'line',
      symbol: 'none',
      data: Array.from({ length: STEPS + 1 }, (_, i) => [(100 * i) / STEPS, curve.value(i / STEPS)]),
      lineStyle: { color: colours.value.strength, width: 2 },
      markLine: {
        symbol: 'none',
        silent: true,
        lineStyle: { color: colours.value.ink, type: 'dotted' },
        label: { formatter: 'wanted', color: colours.value.ink, position: 'insideEndTop' },
        data: [{ yAxis: sheet.value.wantedHardness }],
      },
    },
    {
      type: 'scatter',
      symbol: 'diamond',
      symbolSize: 11,
      data: sheet.value.readings.map(r => [100 * r.infill, r.hardness]),
      itemStyle: { color: colours.value.out },
    },
  ],
}));
const words = computed(
  () =>
    `Hardness from 0 to 100 % infill: up to ${curve.value(1).toFixed(0)} Shore ${sheet.value.scale} solid`,
);
function open(): void {
  working.show({ title: 'Infill', refs: [{ model: 'flex.infill', inputs: { ...sheet.value } }] });
}
</script>

<template>
  <BenchTool name="Softer by infill" data-testid="infill-bench">
    <template #what>
      The same filament is softer with less infill and fewer walls: say how hard it reads solid and how hard
      the pad is to be. Pads of your own, once measured, take the estimate's place.
    </template>
    <template #drawing>
      <InfillDrawing
        :infill="answer.result.infill ?? 0"
        :walls="sheet.walls"
        :from-side="sheet.pressed === 'from-the-side'"
      />
    </template>
    <template #answer>
      <div data-testid="infill-answer">
        <BenchResult
          :value="`${Math.round(100 * (answer.result.infill ?? 0))} % infill`"
          :of="infillWords"
          @open="open"
        />
      </div>
      <p v-for="w in answer.warnings" :key="w" class="soft small">{{ w }}</p>
    </template>
    <div class="row">
      <ScaleChoice :model-value="sheet.scale" @update:model-value="v => put({ scale: v })" />
      <NumberInput
        :model-value="sheet.solidHardness"
        label="Solid, it reads"
        :min="1"
        :max="99"
        @update:model-value="v => v !== null && put({ solidHardness: v })"
      />
      <NumberInput
        :model-value="sheet.wantedHardness"
        label="Wanted"
        :min="1"
        :max="99"
        @update:model-value="v => v !== null && put({ wantedHardness: v })"
      />
      <OptionSelect
        :model-value="sheet.pattern"
        label="Pattern"
        :options="patterns"
        @update:model-value="v => put({ pattern: v })"
      />
      <NumberInput
        :model-value="sheet.walls"
        label="Walls"
        :min="0"
        :max="20"
        @update:model-value="v => v !== null && put({ walls: Math.round(v) })"
      />
      <NumberInput
        :model-value="sheet.sideMm"
        label="Pressed over, mm"
        :min="1"
        :max="1000"
        @update:model-value="v => v !== null && put({ sideMm: v })"
      />
      <OptionSelect
        :model-value="sheet.pressed"
        label="Pressed"
        :options="ways"
        @update:model-value="v => put({ pressed: v as FlexInfillInput['pressed'] })"
      />
      <NumberInput
        :model-value="sheet.volumeCm3"
        label="Volume, cm³"
        :min="0.001"
        :max="100000"
        @update:model-value="v => v !== null && put({ volumeCm3: v })"
      />
    </div>
    <p class="soft small">
      A part may be soft in one place and firm in another: give the place an infill of its own in the slicer,
      with the least walls around it.
    </p>
    <ChartFrame class="chart" :option="option" :label="words" />
    <form class="row" @submit.prevent="take">
      <NumberInput v-model="pct" label="A pad of, % infill" :min="0" :max="100" nullable />
      <NumberInput v-model="hardness" label="reads" :min="0" :max="100" nullable />
      <Button type="primary" html-type="submit" :disabled="pct === null || hardness === null">Take it</Button>
    </form>
    <ul class="readings" aria-label="Pads">
      <li v-for="(r, i) in sheet.readings" :key="i">
        {{ Math.round(100 * r.infill) }} %: {{ r.hardness }}
        <Button
          type="text"
          size="small"
          :aria-label="`Take pad ${i + 1} out`"
          @click="put({ readings: sheet.readings.filter((_, n) => n !== i) })"
          >Take it out</Button
        >
      </li>
    </ul>
  </BenchTool>
</template>

<style scoped src="./bench.css"></style>
