<script setup lang="ts">
import { warpOutcome, type WarpSetup } from '@hornblende/core/advice';
import { computed, ref } from 'vue';
import ChartFrame from '../../charts/ChartFrame.vue';
import { chartAxis, chartText, chartTooltip } from '../../charts/chart-parts';
import { useChartColours } from '../../charts/useChartColours';
import Segments from '../../ui/Segments.vue';

/** One thing swept from end to end: the bow, and the chance that a corner lifts or it splits. */
const props = defineProps<{ setup: WarpSetup }>();
const colours = useChartColours();
const sweeps = {
  air: { label: 'Air', unit: '°C', from: 18, to: 90 },
  height: { label: 'Height', unit: 'mm', from: 2, to: 60 },
  solid: { label: 'Light to solid', unit: '% plastic', from: 10, to: 100 },
  length: { label: 'Length', unit: 'mm', from: 30, to: 300 },
} as const;
type Sweep = keyof typeof sweeps;
const options = (Object.keys(sweeps) as Sweep[]).map(value => ({ value, label: sweeps[value].label }));
const kind = ref<Sweep>('air');
const STEPS = 48;

function at(setup: WarpSetup, of: Sweep, x: number): WarpSetup {
  const { brief, printer } = setup;
  const { geometry: g } = brief;
  switch (of) {
    case 'air':
      return printer ? { ...setup, printer: { ...printer, chamberC: x } } : setup;
    case 'height':
      return { ...setup, brief: { ...brief, geometry: { ...g, zMm: x } } };
    case 'solid':
      return { ...setup, solidFraction: x / 100 };
    case 'length':
      return {
        ...setup,
        brief: { ...brief, geometry: { ...g, ...(g.xMm >= g.yMm ? { xMm: x } : { yMm: x }) } },
      };
  }
}
const now = computed(() => {
  const { brief, printer, solidFraction } = props.setup;
  const { xMm, yMm, zMm } = brief.geometry;
  return {
    air: printer?.chamberC ?? null,
    height: zMm,
    solid: 100 * solidFraction,
    length: Math.max(xMm, yMm),
  }[kind.value];
});
const points = computed(() => {
  const { from, to } = sweeps[kind.value];
  return Array.from({ length: STEPS + 1 }, (_, i) => {
    const x = from + ((to - from) * i) / STEPS;
    const { bowMm, pTrouble } = warpOutcome(at(props.setup, kind.value, x));
    return { x, bowMm, pct: 100 * pTrouble };
  });
});
const option = computed(() => {
  const { from, to, unit, label } = sweeps[kind.value];
  const line = { type: 'line', symbol: 'none', smooth: true };
  return {
    animation: false,
    textStyle: chartText,
    grid: { left: 54, right: 58, top: 28, bottom: 46 },
    legend: { top: 0, textStyle: { color: colours.value.ink } },
    tooltip: chartTooltip(colours.value, {
      trigger: 'axis',
      valueFormatter: (v: number) => v.toFixed(2),
    }),
    xAxis: chartAxis(colours.value, `${label.toLowerCase()}, ${unit}`, 26, {
      min: from,
      max: to,
      splitLine: { show: false },
    }),
    yAxis: [
      chartAxis(colours.value, 'bow, mm', 36, { min: 0 }),
      chartAxis(colours.value, 'lifts or splits, in 100', 36, {
        min: 0,
        max: 100,
        splitLine: { show: false },
      }),
    ],
    series: [
      {
        ...line,
        name: 'bow, mm',
        data: points.value.map(p => [p.x, p.bowMm]),
        lineStyle: { color: colours.value.strength, width: 2 },
        itemStyle: { color: colours.value.strength },
        ...(now.value === null
          ? {}
          : {
              markLine: {
                symbol: 'none',
                silent: true,
                lineStyle: { color: colours.value.ink, type: 'dotted' },
                label: { formatter: 'now', color: colours.value.ink, position: 'insideEndTop' },
                data: [{ xAxis: now.value }],
              },
            }),
      },
      {
        ...line,
        name: 'lifts or splits, in 100',
        yAxisIndex: 1,
        data: points.value.map(p => [p.x, p.pct]),
        lineStyle: { color: colours.value.out, width: 2, type: 'dashed' },
        itemStyle: { color: colours.value.out },
      },
    ],
  };
});
const spoken = computed(() => {
  const first = points.value[0]!;
  const last = points.value[STEPS]!;
  const { label, unit } = sweeps[kind.value];
  const end = (p: typeof first): string =>
    `at ${p.x} ${unit} ${p.bowMm.toFixed(2)} mm and ${Math.round(p.pct)} in 100`;
  return `${label}: ${end(first)}, ${end(last)}`;
});
</script>

<template>
  <div data-testid="warp-sweep">
    <Segments v-model="kind" :options="options" label="What is swept" />
    <p v-if="kind === 'air' && !setup.printer" class="soft small">
      Without a printer there is no air to change.
    </p>
    <ChartFrame class="chart" :option="option" :label="spoken" />
  </div>
</template>

<style scoped>
.chart {
  height: 270px;
  margin-top: 6px;
}
p {
  margin: 4px 0;
}
</style>
