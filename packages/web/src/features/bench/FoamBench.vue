<script setup lang="ts">
import type { Grade } from '@hornblende/core/formats';
import { flexFoam, FlexFoamInput, type FoamReading } from '@hornblende/core/models';
import { Button } from '../../ui/kit';
import { computed, ref } from 'vue';
import ChartFrame from '../../charts/ChartFrame.vue';
import { chartAxis, chartText } from '../../charts/chart-parts';
import { useChartColours } from '../../charts/useChartColours';
import { useWorking } from '../../stores/working';
import NumberInput from '../../ui/NumberInput.vue';
import WorkingNumber from '../../ui/WorkingNumber.vue';
import BenchResult from './BenchResult.vue';
import BenchTool from './BenchTool.vue';
import WallSquareDrawing from './drawings/WallSquareDrawing.vue';
import KeepInGrade from './KeepInGrade.vue';
import { useBenchSheet } from './useBenchSheet';

/** The loop of single-wall squares: print, measure, next flow, until within 2 %; then the temperature. */
const colours = useChartColours();
const working = useWorking();
const { sheet, put } = useBenchSheet('foam', {
  targetWallMm: 0.8,
  wantedHardness: null as number | null,
  wantedDensityGcm3: null as number | null,
  readings: [] as FoamReading[],
});
const square = ref<{ [K in keyof FoamReading]: FoamReading[K] | null }>({
  temperatureC: 220,
  flowPct: 100,
  wallMm: null,
  hardness: null,
  densityGcm3: null,
});
const answer = computed(() => flexFoam(Object.assign(new FlexFoamInput(), sheet.value)));
function take(): void {
  const { temperatureC, flowPct, wallMm, hardness, densityGcm3 } = square.value;
  if (temperatureC === null || flowPct === null || wallMm === null) return;
  put({ readings: [...sheet.value.readings, { temperatureC, flowPct, wallMm, hardness, densityGcm3 }] });
  // The next square is printed with what this one says.
  const next = answer.value.nextFlowPct.at(-1);
  square.value = {
    temperatureC,
    flowPct: next === undefined ? flowPct : Number(next.toFixed(1)),
    wallMm: null,
    hardness: null,
    densityGcm3: null,
  };
}
const byTemperature = (of: (r: FoamReading, i: number) => number | null): [number, number][] =>
  sheet.value.readings
    .flatMap((r, i): [number, number][] => {
      const y = of(r, i);
      return y === null ? [] : [[r.temperatureC, y]];
    })
    .sort((a, b) => a[0] - b[0]);
const option = computed(() => ({
  animation: false,
  textStyle: chartText,
  grid: { left: 54, right: 58, top: 28, bottom: 46 },
  legend: { top: 0, textStyle: { color: colours.value.ink } },
  xAxis: chartAxis(colours.value, 'nozzle, °C', 26, { scale: true, splitLine: { show: false } }),
  yAxis: [
    chartAxis(colours.value, 'foams, times', 36, { min: 0 }),
    chartAxis(colours.value, 'Shore A', 36, { min: 0, max: 100, splitLine: { show: false } }),
  ],
  series: [
    {
      name: 'foams, times',
      type: 'line',
      data: byTemperature((_, i) => answer.value.foamingFactor[i]!),
      symbol: 'diamond',
      symbolSize: 9,
      lineStyle: { color: colours.value.strength },
      itemStyle: { color: colours.value.strength },
    },
    {
      name: 'Shore A',
      type: 'line',
      yAxisIndex: 1,
      data: byTemperature(r => r.hardness),
      symbol: 'circle',
      symbolSize: 8,
      lineStyle: { color: colours.value.out, type: 'dashed' },
      itemStyle: { color: colours.value.out },
    },
  ],
}));
const words = computed(
  () => `How much it foams, by temperature, from ${sheet.value.readings.length} squares`,
);
/** The square that a grade learns from: the last within 2 % whose hardness or density was read. */
const told = computed(() =>
  sheet.value.readings
    .filter((r, i) => answer.value.converged[i] && (r.hardness !== null || r.densityGcm3 !== null))
    .at(-1),
);
function learn(grade: Grade): Grade | null {
  const of = told.value;
  if (!of) return null;
  const exactly = (typical: number): { low: null; typical: number; high: null } => ({
    low: null,
    typical,
    high: null,
  });
  return {
    ...grade,
    measured: {
      ...grade.measured,
      ...(of.hardness === null ? {} : { shoreA: exactly(of.hardness) }),
      ...(of.densityGcm3 === null ? {} : { densityGcm3: exactly(of.densityGcm3) }),
    },
    note: `${grade.note} Foamed at ${of.temperatureC} °C with a flow of ${of.flowPct} %.`
      .trim()
      .slice(0, 2000),
  };
}
/** What was wanted, where it was reached; else how the last square is to be followed. */
const result = computed(() => {
  const { temperatureC, flowPct, nextFlowPct, converged } = answer.value;
  if (temperatureC !== null)
    return {
      value: `${Math.round(temperatureC)} °C`,
      of: `with a flow of ${flowPct!.toFixed(0)} % gives what is wanted.`,
    };
  const last = sheet.value.readings.at(-1);
  if (!last || sheet.value.wantedHardness !== null || sheet.value.wantedDensityGcm3 !== null) return null;
  return converged.at(-1)
    ? {
        value: `${last.flowPct} %`,
        of: `of flow is right at ${last.temperatureC} °C: try the next temperature.`,
      }
    : { value: `${nextFlowPct.at(-1)!.toFixed(1)} %`, of: 'of flow for the next square.' };
});
function open(): void {
  working.show({ title: 'Foam', refs: [{ model: 'flex.foam', inputs: { ...sheet.value } }] });
}
</script>

<template>
  <BenchTool name="Foam" data-testid="foam-bench">
    <template #what>
      Print a square of one wall, measure its wall, and print the next with the flow that this says, until it
      is within 2 %. Then the next temperature.
    </template>
    <template #drawing><WallSquareDrawing :wall-mm="sheet.targetWallMm" /></template>
    <template #answer>
      <div data-testid="foam-answer">
        <BenchResult v-if="result" :value="result.value" :of="result.of" @open="open" />
        <p v-else-if="sheet.wantedHardness !== null || sheet.wantedDensityGcm3 !== null">
          No temperature that was tried reaches that, up to the peak.
        </p>
        <p v-else class="lead">No square is measured yet.</p>
      </div>
      <p><a href="/api/coupons/wall-square.stl">The square as STL</a></p>
    </template>
    <form class="row" @submit.prevent="take">
      <NumberInput
        :model-value="sheet.targetWallMm"
        label="Wall wanted, mm"
        :min="0.1"
        :max="5"
        @update:model-value="v => v !== null && put({ targetWallMm: v })"
      />
      <NumberInput v-model="square.temperatureC" label="Nozzle, °C" :min="100" :max="400" />
      <NumberInput v-model="square.flowPct" label="Flow, %" :min="5" :max="200" />
      <NumberInput v-model="square.wallMm" label="Wall, mm" :min="0.05" :max="10" nullable />
      <NumberInput v-model="square.hardness" label="Shore A" :min="0" :max="100" nullable />
      <NumberInput v-model="square.densityGcm3" label="Density, g/cm³" :min="0.05" :max="3" nullable />
      <Button type="primary" html-type="submit" :disabled="square.wallMm === null">Take it</Button>
    </form>
    <ol class="readings" aria-label="Squares">
      <li v-for="(r, i) in sheet.readings" :key="i">
        <span>{{ r.temperatureC }} °C, {{ r.flowPct }} %: {{ r.wallMm }} mm</span>
        <b v-if="answer.converged[i]" class="fits">● within 2 %</b>
        <span v-else
          >next with
          <WorkingNumber @click="open">{{ answer.nextFlowPct[i]!.toFixed(1) }} %</WorkingNumber></span
        >
        <span class="soft small"
          >foams {{ answer.foamingFactor[i]!.toFixed(2) }} times{{
            answer.floats[i] === null ? '' : answer.floats[i] ? ', floats' : ', sinks'
          }}</span
        >
        <Button
          type="text"
          size="small"
          :aria-label="`Take square ${i + 1} out`"
          @click="put({ readings: sheet.readings.filter((_, n) => n !== i) })"
          >Take it out</Button
        >
      </li>
    </ol>
    <template v-if="sheet.readings.length">
      <ChartFrame class="chart" :option="option" :label="words" />
      <p v-if="answer.collapses" class="marginal">
        ◐ Past {{ answer.peakC }} °C the foam collapses: print no hotter.
      </p>
      <div class="row">
        <NumberInput
          :model-value="sheet.wantedHardness"
          label="Wanted, Shore A"
          :min="1"
          :max="99"
          nullable
          @update:model-value="v => put({ wantedHardness: v })"
        />
        <NumberInput
          :model-value="sheet.wantedDensityGcm3"
          label="or wanted, g/cm³"
          :min="0.05"
          :max="3"
          nullable
          @update:model-value="v => put({ wantedDensityGcm3: v })"
        />
      </div>
      <KeepInGrade
        :learn="learn"
        what="what this square measured"
        :disabled="!told"
        :hint="
          told
            ? `as foamed at ${told.temperatureC} °C`
            : 'once a square within 2 % has its hardness or density'
        "
      />
    </template>
  </BenchTool>
</template>

<style scoped src="./bench.css"></style>
