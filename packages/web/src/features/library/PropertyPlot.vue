<script setup lang="ts">
import { needsOf } from '@hornblende/core/advice';
import type { Weather } from '@hornblende/core/climate';
import type { Brief } from '@hornblende/core/formats';
import {
  derivedMeasures,
  isDerived,
  measureNames,
  measureOf,
  type Family,
  type MeasureName,
  type PropertyName,
} from '@hornblende/core/materials';
import type { ECElementEvent } from 'echarts/core';
import type { CustomSeriesRenderItem } from 'echarts/types/dist/shared';
import { computed, ref, useTemplateRef, watch } from 'vue';
import { useRouter } from 'vue-router';
import OptionSelect from '../../ui/OptionSelect.vue';
import { chartAxis, chartText, chartTooltip } from '../../charts/chart-parts';
import ChartFrame from '../../charts/ChartFrame.vue';
import { useChartColours } from '../../charts/useChartColours';
import { useProperties } from './useProperties';

/** One property against another: a dot a filament, its range as error bars, and what a brief asks as lines. */
const props = defineProps<{
  rows: Family[];
  picked: string[];
  brief: Brief | null;
  weather: Weather | null;
}>();
const x = defineModel<MeasureName>('x', { required: true });
const y = defineModel<MeasureName>('y', { required: true });
const { label, unit, shown, number } = useProperties();
const properties = computed(() => measureNames.map(n => ({ value: n, label: label(n) })));
const colours = useChartColours();
const router = useRouter();
/** Error bars and names for more than this many would be a thicket. */
const MOST_LABELLED = 60;

const points = computed(() =>
  props.rows.flatMap(f => {
    const px = measureOf(f, x.value);
    const py = measureOf(f, y.value);
    return px && py ? [{ f, px, py }] : [];
  }),
);
const missing = computed(() => props.rows.length - points.value.length);
const needs = computed(() => (props.brief ? needsOf(props.brief, props.weather) : {}));
/** The ends of every range along an axis. */
function allEnds(name: MeasureName): number[] {
  return points.value.flatMap(p => {
    const range = name === x.value ? p.px : p.py;
    return [range.low, range.high];
  });
}
function isLog(name: MeasureName): boolean {
  const all = allEnds(name);
  const min = Math.min(...all);
  const max = Math.max(...all);
  return all.length > 0 && min > 0 && max / min > 30 && !/C$/.test(name);
}
/**
 * The ends of a logarithmic axis: a third beyond the data, in one figure; a whole decade beyond would waste
 * the chart.
 */
function logEnds(name: MeasureName): { min: number; max: number } {
  const all = allEnds(name).map(v => shown(name, v));
  return {
    min: Number((Math.min(...all) / 1.4).toPrecision(1)),
    max: Number((Math.max(...all) * 1.4).toPrecision(1)),
  };
}
const axis = (name: MeasureName, gap: number): object =>
  chartAxis(
    colours.value,
    `${label(name)}${unit(name) ? `, ${unit(name)}` : ''}${isLog(name) ? ' (log scale)' : ''}`,
    gap,
    {
      type: isLog(name) ? 'log' : 'value',
      scale: true,
      ...(isLog(name) ? logEnds(name) : {}),
      axisLabel: { color: colours.value.soft, formatter: (v: number) => String(Number(v.toPrecision(3))) },
    },
  );
/** Both ranges of a filament as a cross with its middle left free for the dot. */
const cross: CustomSeriesRenderItem = (_params, api) => {
  const at = (i: number, j: number): number[] => api.coord([api.value(i), api.value(j)]);
  const left = at(2, 1);
  const right = at(3, 1);
  const low = at(0, 4);
  const high = at(0, 5);
  const style = { stroke: colours.value.soft, lineWidth: 1, opacity: 0.55 };
  return {
    type: 'group',
    children: [
      { type: 'line', shape: { x1: left[0]!, y1: left[1]!, x2: right[0]!, y2: right[1]! }, style },
      { type: 'line', shape: { x1: low[0]!, y1: low[1]!, x2: high[0]!, y2: high[1]! }, style },
    ],
  };
};
const needOf = (name: MeasureName): (typeof needs.value)[PropertyName] =>
  isDerived(name) ? undefined : needs.value[name];
const derived = computed(() => [x.value, y.value].filter(isDerived));
const lines = computed(() =>
  [
    ['xAxis', x.value],
    ['yAxis', y.value],
  ].flatMap(([which, name]) => {
    const need = needOf(name as MeasureName);
    return need
      ? [
          {
            [which as string]: shown(name as PropertyName, need.value),
            label: {
              formatter: `${need.better === 'more' ? 'needs' : 'at most'} ${number(name as PropertyName, need.value)}`,
              color: colours.value.out,
              position: which === 'xAxis' ? 'end' : 'insideEndTop',
            },
          },
        ]
      : [];
  }),
);
const option = computed(() => {
  const few = points.value.length <= MOST_LABELLED;
  const data = points.value.map(({ f, px, py }) => ({
    name: f.name,
    key: f.key,
    value: [
      shown(x.value, px.typical),
      shown(y.value, py.typical),
      shown(x.value, px.low),
      shown(x.value, px.high),
      shown(y.value, py.low),
      shown(y.value, py.high),
    ],
    symbol: f.grade ? 'diamond' : 'circle',
    symbolSize: props.picked.includes(f.key) ? 14 : f.grade ? 9 : 8,
    itemStyle: {
      color: props.picked.includes(f.key)
        ? colours.value.out
        : f.grade
          ? colours.value.info
          : colours.value.strength,
    },
  }));
  return {
    animation: false,
    textStyle: chartText,
    grid: { left: 66, right: 90, top: 24, bottom: 52 },
    tooltip: chartTooltip(colours.value, {
      formatter: (p: { data: { key: string; name: string } }) => {
        const f = props.rows.find(r => r.key === p.data.key);
        const line = (n: MeasureName): string => {
          const r = f && measureOf(f, n);
          return r
            ? `${label(n)}: ${number(n, r.typical)} ${unit(n)} (${number(n, r.low)} to ${number(n, r.high)})`
            : '';
        };
        return `<b>${escaped(p.data.name)}</b><br>${line(x.value)}<br>${line(y.value)}`;
      },
    }),
    xAxis: axis(x.value, 30),
    yAxis: axis(y.value, 46),
    series: [
      ...(few
        ? [
            {
              type: 'custom',
              renderItem: cross,
              data: data.map(d => d.value),
              encode: { x: [2, 3], y: [4, 5] },
              silent: true,
              tooltip: { show: false },
              z: 1,
            },
          ]
        : []),
      {
        type: 'scatter',
        data,
        encode: { x: 0, y: 1 },
        z: 3,
        label: {
          show: few,
          formatter: '{b}',
          position: 'right',
          distance: 4,
          offset: [0, -8],
          color: colours.value.ink,
          fontSize: 12,
          // A rim of the ground's colour, so that no error bar runs through a name.
          textBorderColor: colours.value.ground,
          textBorderWidth: 3,
        },
        labelLayout: { hideOverlap: true },
        markLine: {
          silent: true,
          symbol: 'none',
          lineStyle: { color: colours.value.out, type: 'solid', width: 1.5 },
          data: lines.value,
        },
      },
    ],
  };
});
function escaped(text: string): string {
  return text.replace(/[&<>"]/g, c => `&#${c.charCodeAt(0)};`);
}
function open(e: ECElementEvent): void {
  const data = e.data as { key?: string } | null;
  if (data?.key) void router.push(`/library/${data.key}`);
}

const chart = useTemplateRef<InstanceType<typeof ChartFrame>>('chart');
/** Dots from left to right, for whoever goes through them by keyboard; which of them is shown. */
const inOrder = computed(() =>
  points.value.map((p, i) => ({ ...p, i })).sort((a, b) => a.px.typical - b.px.typical),
);
const shownDot = ref<number | null>(null);
watch(points, () => (shownDot.value = null));
const told = computed(() => {
  const dot = shownDot.value === null ? null : inOrder.value[shownDot.value];
  if (!dot) return '';
  const figure = (n: MeasureName, v: number): string => `${label(n)} ${number(n, v)} ${unit(n)}`;
  return `${dot.f.name}: ${figure(x.value, dot.px.typical)}, ${figure(y.value, dot.py.typical)}`;
});
function step(by: 1 | -1): void {
  const count = inOrder.value.length;
  shownDot.value = shownDot.value === null ? (by > 0 ? 0 : count - 1) : (shownDot.value + by + count) % count;
  const dot = inOrder.value[shownDot.value];
  if (dot) chart.value?.showTip(points.value.length <= MOST_LABELLED ? 1 : 0, dot.i);
}
function openShown(): void {
  const dot = shownDot.value === null ? null : inOrder.value[shownDot.value];
  if (dot) void router.push(`/library/${dot.f.key}`);
}
const summary = computed(() =>
  points.value
    .slice(0, 80)
    .map(p => `${p.f.name}: ${number(x.value, p.px.typical)}, ${number(y.value, p.py.typical)}`)
    .join('; '),
);
</script>

<template>
  <div class="plot">
    <div class="axes">
      <OptionSelect v-model="x" label="Across" :options="properties" />
      <OptionSelect v-model="y" label="Up" :options="properties" />
      <slot />
    </div>
    <p v-if="!points.length" class="soft">None of these has both properties.</p>
    <ChartFrame
      v-else
      ref="chart"
      class="chart"
      stepped
      data-testid="plot"
      :option="option"
      :label="`${label(y)} against ${label(x)}: ${summary}`"
      @click="open"
      @step="step"
      @enter="openShown"
    />
    <p class="visually-hidden" aria-live="polite">{{ told }}</p>
    <p class="soft small">
      Dots are typical values, lines their ranges{{
        points.length > MOST_LABELLED ? ' (left out here: too many)' : ''
      }}; diamonds are grades. A dot opens its page; with the keyboard, arrows go from dot to dot and Enter
      opens one.<template v-for="n in derived" :key="`formula-${n}`">
        {{ label(n) }} is {{ derivedMeasures[n].formula }}.</template
      ><template v-if="missing">
        {{ missing }} without one of these properties {{ missing === 1 ? 'is' : 'are' }} not shown.</template
      ><template v-for="n in [x, y]" :key="n"
        ><template v-if="needOf(n)">
          The line at {{ number(n, needOf(n)!.value) }}: {{ needOf(n)!.why }}.</template
        ></template
      >
    </p>
  </div>
</template>

<style scoped>
.plot {
  display: flex;
  flex-direction: column;
  flex: 1;
  min-height: 420px;
}
.chart {
  height: calc(100vh - 270px);
  min-height: 360px;
}
.axes {
  display: flex;
  gap: 8px 20px;
  flex-wrap: wrap;
  margin: 6px 0;
}
</style>
