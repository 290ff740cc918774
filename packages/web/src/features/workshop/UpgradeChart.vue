<script setup lang="ts">
import type { UpgradeOption } from '@hornblende/core/advice';
import { purchaseName } from '@hornblende/core/workshop';
import type { ECElementEvent } from 'echarts/core';
import { computed } from 'vue';
import ChartFrame from '../../charts/ChartFrame.vue';
import { chartAxis, chartText, chartTooltip } from '../../charts/chart-parts';
import { useChartColours } from '../../charts/useChartColours';
import { useWorkshop } from '../../stores/workshop';
import { useMoney } from '../../ui/useMoney';

/** Cost against gain of every purchase, with the steps of those that are worth it. */
const chosen = defineModel<number>('chosen', { required: true });
const props = defineProps<{ options: UpgradeOption[]; worth: UpgradeOption[] }>();
const workshop = useWorkshop();
const money = useMoney();
const colours = useChartColours();

interface Point {
  value: [number, number];
  option: UpgradeOption;
  name: string;
}
/** From a roll of tape to a works machine: the axis is logarithmic, which has no nothing. */
const LEAST_COST = 1;
const point = (o: UpgradeOption): Point => ({
  value: [Math.max(LEAST_COST, o.cost), o.gain],
  option: o,
  name: purchaseName(o),
});
/** The end of the axis is no round figure, and would lie over the one before it. */
const endless = (): object => ({ color: colours.value.soft, showMaxLabel: false });
const option = computed(() => ({
  animation: false,
  textStyle: chartText,
  grid: { left: 62, right: 24, top: 16, bottom: 50 },
  tooltip: chartTooltip(colours.value, {
    formatter: ({ data }: { data: Point }) =>
      `<b>${data.name}</b><br>${money(data.option.cost)}, gain ${data.value[1].toFixed(2)}`,
  }),
  xAxis: chartAxis(colours.value, `cost, ${workshop.currency}`, 28, {
    type: 'log',
    min: 'dataMin',
    max: 'dataMax',
    axisLabel: endless(),
  }),
  yAxis: chartAxis(colours.value, 'gain in score', 40),
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
  const sets = props.worth.map(o => `${purchaseName(o)} ${money(o.cost)} gains ${o.gain.toFixed(2)}`);
  return `Cost against gain; worth it: ${sets.join('; ')}`;
});
function pick(e: ECElementEvent): void {
  const at = props.worth.findIndex(o => o === (e.data as Partial<Point> | null)?.option);
  if (at >= 0) chosen.value = at;
}
</script>

<template>
  <ChartFrame class="chart" :option="option" :label="spoken" @click="pick" />
</template>

<style scoped>
.chart {
  height: 300px;
}
</style>
