<script setup lang="ts">
import type { UpgradeKind, UpgradeOption } from '@hornblende/core';
import { LineChart, ScatterChart } from 'echarts/charts';
import { use, type ECElementEvent } from 'echarts/core';
import { computed } from 'vue';
import VChart from 'vue-echarts';
import { useChartColours } from '../../charts/useCharts';
import { useWorkshop } from '../../stores/workshop';
import { upgradeNames, useMoney } from './useUpgrades';

use([ScatterChart, LineChart]);

/** Cost against gain of every set, with the steps of those that are worth it. */
const chosen = defineModel<number>('chosen', { required: true });
const props = defineProps<{ options: UpgradeOption[]; worth: UpgradeOption[] }>();
const workshop = useWorkshop();
const money = useMoney();
const colours = useChartColours();

interface Point {
  value: [number, number];
  kinds: readonly UpgradeKind[];
  name: string;
}
const point = (o: UpgradeOption): Point => ({
  value: [o.cost, o.gain],
  kinds: o.kinds,
  name: upgradeNames(o.kinds),
});
const axis = (name: string, gap: number): object => ({
  type: 'value',
  name,
  nameLocation: 'middle',
  nameGap: gap,
  nameTextStyle: { color: colours.value.ink, fontSize: 13 },
  axisLabel: { color: colours.value.soft },
  splitLine: { lineStyle: { color: colours.value.rule } },
  axisLine: { show: true, lineStyle: { color: colours.value.soft } },
});
const option = computed(() => ({
  animation: false,
  textStyle: { fontFamily: "'Atkinson Hyperlegible', system-ui, sans-serif" },
  grid: { left: 62, right: 24, top: 16, bottom: 50 },
  tooltip: {
    confine: true,
    backgroundColor: colours.value.panel,
    borderColor: colours.value.rule,
    textStyle: { color: colours.value.ink, fontSize: 13 },
    formatter: ({ data }: { data: Point }) =>
      `<b>${data.name}</b><br>${money(data.value[0])}, gain ${data.value[1].toFixed(2)}`,
  },
  xAxis: { ...axis(`cost, ${workshop.currency}`, 28), min: 0 },
  yAxis: axis('gain in score', 40),
  series: [
    {
      type: 'scatter',
      data: props.options.filter(o => !o.pareto).map(point),
      symbolSize: 5,
      itemStyle: { color: colours.value.soft, opacity: 0.35 },
      z: 1,
    },
    {
      type: 'line',
      step: 'end',
      data: props.worth.map(point),
      symbol: 'circle',
      symbolSize: (_: unknown, p: { dataIndex: number }) => (p.dataIndex === chosen.value ? 13 : 8),
      lineStyle: { color: colours.value.strength, width: 1.5 },
      itemStyle: { color: colours.value.strength },
      z: 3,
    },
  ],
}));
const spoken = computed(() => {
  const sets = props.worth.map(o => `${upgradeNames(o.kinds)} ${money(o.cost)} gains ${o.gain.toFixed(2)}`);
  return `Cost against gain; worth it: ${sets.join('; ')}`;
});
function pick(e: ECElementEvent): void {
  const kinds = (e.data as Partial<Point> | null)?.kinds;
  const at = props.worth.findIndex(o => o.kinds === kinds);
  if (at >= 0) chosen.value = at;
}
</script>

<template>
  <VChart
    class="chart"
    :option="option"
    :update-options="{ notMerge: true }"
    autoresize
    role="img"
    :aria-label="spoken"
    @click="pick"
  />
</template>

<style scoped>
.chart {
  height: 300px;
}
</style>
