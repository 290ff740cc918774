<script setup lang="ts">
import { rulers } from '@hornblende/core/advice';
import { weatherOf, yearOf } from '@hornblende/core/brief';
import { sig } from '@hornblende/core/lib';
import { absorptivityOf, colourWords, type Colour } from '@hornblende/core/materials';
import { noonShare, heatDayHours, hoursAbove, partTemperatureC } from '@hornblende/core/models';
import { contextFor, contextOf, type Ranking } from '@hornblende/core/score';
import { displayUnit, toDisplay } from '@hornblende/core/units';
import { computed } from 'vue';
import ChartFrame from '../../../charts/ChartFrame.vue';
import { useChartColours } from '../../../charts/useChartColours';
import { useRanking } from '../../part/useRanking';
import { useUnits } from '../../../ui/useUnits';
import { useDraft } from '../../part/draft';
import { useSettings } from '../../../stores/settings';
import { bandLabels } from './band-labels';

const props = defineProps<{ ranking: Ranking }>();
const draft = useDraft();
const settings = useSettings();
const colours = useChartColours();
const { candidates, printer, weather: own } = useRanking();
const { show } = useUnits();
const b = computed(() => draft.brief!);
const weather = computed(() => weatherOf(b.value, own.value));
const setting = computed(() => b.value.heat.setting);
const drawn = computed(
  () => setting.value === 'outdoors' || setting.value === 'closed-vehicle' || setting.value === 'indoors',
);
const ownColour = computed<Colour>(() => (b.value.looks.clear ? 'clear' : b.value.looks.colour));
const shades = computed(() => [...new Set<Colour>(['white', ownColour.value, 'black'])]);

/** The day that is drawn: the hottest of the weather's year, or a clear summer day as hot as the brief says. */
const day = computed(() => {
  const w = weather.value;
  const place = (
    colour: Colour,
  ): {
    setting: 'outdoors' | 'closed-vehicle' | 'indoors';
    absorptivity: number;
    sunShare: number;
    windShare: number;
  } => ({
    setting: setting.value as 'outdoors',
    absorptivity: absorptivityOf[colour],
    sunShare: noonShare[b.value.sun],
    windShare: 0.5,
  });
  if (w) {
    const year = yearOf(b.value, own.value);
    const hottest = year ? year.partC.indexOf(year.maxC) : 0;
    const from = Math.floor(hottest / 24) * 24;
    const hours = Array.from({ length: 24 }, (_, h) => from + h);
    return {
      air: hours.map(h => w.airC[h] ?? 0),
      parts: shades.value.map(c =>
        hours.map(h => partTemperatureC(place(c), w.airC[h] ?? 0, w.ghiWm2[h] ?? 0, w.windMs[h] ?? 1)),
      ),
    };
  }
  const maxC = props.ranking.conditions.ambientMaxC;
  const of = (colour: Colour): ReturnType<typeof heatDayHours> =>
    heatDayHours({
      ambientMinC: setting.value === 'indoors' ? maxC - 6 : maxC - 13,
      ambientMaxC: maxC,
      latitudeDeg: 45,
      dayOfYear: 182,
      absorptivity: absorptivityOf[colour],
      sunShare: noonShare[b.value.sun],
      windMs: 1,
      setting: setting.value as 'outdoors',
      limitC: 60,
    });
  return { air: of('white').map(h => h.airC), parts: shades.value.map(c => of(c).map(h => h.partC)) };
});
/** Softening bands of the leading candidates: what each bears, from a poor spool to a fine one. */
const bands = computed(() => {
  const keys = props.ranking.candidates.slice(0, 3).map(c => c.material);
  return (
    rulers(b.value, { printer: printer.value, weather: own.value, families: candidates.value }, keys).find(
      r => r.id === 'heat',
    )?.bars ?? []
  );
});
const t = (c: number): number => Number(toDisplay(c, 'temperature', settings.units).toFixed(1));
/** The axis holds the curves and what the candidates bear, however far apart. */
const axis = computed(() => {
  const all = [...day.value.air, ...day.value.parts.flat(), ...bands.value.flatMap(x => [x.low, x.high])].map(
    t,
  );
  return { min: Math.floor(Math.min(...all) / 10) * 10, max: Math.ceil(Math.max(...all) / 10) * 10 };
});
/** Lines nearer than this share of the axis would write over each other. */
const APART = 0.08;
const labels = computed(() =>
  bandLabels(
    bands.value.map(x => ({ name: x.name, at: t(x.typical) })),
    APART * (axis.value.max - axis.value.min),
    at => sig(at, 3),
  ),
);
const option = computed(() => ({
  animation: false,
  textStyle: { fontFamily: 'Atkinson Hyperlegible', color: colours.value.soft },
  grid: { left: 44, right: 150, top: 34, bottom: 30 },
  legend: { top: 0, left: 40, textStyle: { color: colours.value.soft }, itemWidth: 18, itemHeight: 8 },
  tooltip: {
    trigger: 'axis',
    valueFormatter: (v: number) => `${sig(v, 3)} ${displayUnit('temperature', settings.units)}`,
  },
  xAxis: {
    type: 'category',
    data: Array.from({ length: 24 }, (_, h) => `${h}:00`),
    axisLabel: { interval: 5, color: colours.value.soft },
    axisLine: { lineStyle: { color: colours.value.rule } },
    axisTick: { show: false },
  },
  yAxis: {
    type: 'value',
    min: axis.value.min,
    max: axis.value.max,
    name: displayUnit('temperature', settings.units),
    nameTextStyle: { color: colours.value.soft },
    axisLabel: { color: colours.value.soft },
    splitLine: { lineStyle: { color: colours.value.rule, opacity: 0.5 } },
  },
  series: [
    {
      name: 'air',
      type: 'line',
      symbol: 'none',
      lineStyle: { type: 'dashed', color: colours.value.info },
      itemStyle: { color: colours.value.info },
      data: day.value.air.map(t),
    },
    ...day.value.parts.map((data, i) => {
      const c = shades.value[i] ?? 'mid';
      const mine = c === ownColour.value;
      const tone = mine ? colours.value.heat : c === 'black' ? colours.value.ink : colours.value.uv;
      return {
        name: `${colourWords[c]}${mine ? ' (this part)' : ''}`,
        type: 'line',
        symbol: 'none',
        lineStyle: { width: mine ? 3 : 1.5, color: tone },
        itemStyle: { color: tone },
        data: data.map(t),
        ...(mine
          ? {
              markArea: {
                silent: true,
                itemStyle: { color: colours.value.strength, opacity: 0.14 },
                data: bands.value.map(x => [{ yAxis: t(x.low) }, { yAxis: t(x.high) }]),
              },
              markLine: {
                silent: true,
                symbol: 'none',
                lineStyle: { color: colours.value.strength, type: 'solid' },
                label: { color: colours.value.ink, formatter: (p: { name: string }) => p.name },
                data: labels.value.map(l => ({ name: l.text, yAxis: l.at })),
              },
            }
          : {}),
      };
    }),
  ],
}));
const year = computed(() => yearOf(b.value, own.value));
const overs = computed(() => {
  const ctx = contextOf(b.value, printer.value, own.value);
  return bands.value.flatMap(x => {
    const family = candidates.value.find(f => f.key === x.material);
    // What comes in black only has a hotter year than what was asked for.
    const { year: its } = family ? contextFor(ctx, family) : ctx;
    return its ? [{ name: x.name, bears: x.typical, hours: hoursAbove(its, x.typical) }] : [];
  });
});
</script>

<template>
  <figure v-if="drawn" aria-label="A hot day: air and part temperature, and what the leading candidates bear">
    <figcaption class="soft small">
      {{
        weather
          ? `The hottest day of the year in ${weather.name}`
          : setting === 'indoors'
            ? 'A hot day indoors'
            : 'A clear summer day'
      }}, by colour; bands show what the leading candidates bear under this load
    </figcaption>
    <ChartFrame class="chart" :option="option" label="Air and part, hour by hour" />
    <div v-if="year" class="year small" data-testid="year">
      <b>Through the year</b> the part, {{ colourWords[ownColour] }}, is hottest at
      {{ show(year.maxC, 'temperature') }}, and above {{ show(year.p999C, 'temperature') }} for nine hours.
      <span v-for="o in overs" :key="o.name" :class="o.hours > 0 ? 'out' : 'fits'"
        >{{ o.hours > 0 ? '○' : '●' }} {{ o.name }} ({{ show(o.bears, 'temperature') }}): {{ o.hours }} hours
        too hot.
      </span>
    </div>
  </figure>
  <p v-else class="soft small">
    The part’s temperature is as you said it: {{ show(ranking.conditions.partMaxC, 'temperature') }}. The
    weather does not change it.
  </p>
</template>

<style scoped>
figure {
  margin: 12px 0 0;
}
.chart {
  height: 250px;
  width: 100%;
}
.year {
  display: flex;
  gap: 2px 16px;
  flex-wrap: wrap;
  margin-top: 4px;
}
</style>
