<script setup lang="ts">
import { briefWithSettings, type SettingsPoint } from '@hornblende/core/advice';
import type { Family } from '@hornblende/core/materials';
import { watchDebounced } from '@vueuse/core';
import { Button } from '../../ui/kit';
import type { ECElementEvent } from 'echarts/core';
import { computed, ref } from 'vue';
import ChartFrame from '../../charts/ChartFrame.vue';
import { chartAxis, chartText, chartTooltip } from '../../charts/chart-parts';
import { useChartColours } from '../../charts/useChartColours';
import SettingsOnShape from './SettingsOnShape.vue';
import { useJob } from '../../workers/useJob';
import { useDraft } from '../part/draft';
import { useRanking } from '../part/useRanking';

/** Walls, infill, pattern and layers traded against grams, minutes and strength; what nothing beats is marked. */
const props = defineProps<{ family: Family }>();
const draft = useDraft();
const { printer } = useRanking();
const job = useJob('settingsTrade');
const colours = useChartColours();
watchDebounced(
  [() => draft.brief, () => props.family.key, printer],
  () => {
    if (draft.brief) job.ask({ brief: draft.brief, family: props.family, printer: printer.value });
  },
  { immediate: true, debounce: 200 },
);
const points = computed(() => job.answer.value?.points ?? []);
const now = computed(() => points.value.find(p => p.current) ?? null);
const chosen = ref<SettingsPoint | null>(null);

const words = (p: SettingsPoint): string =>
  `${p.walls} walls, ${Math.round(100 * p.infill)} % ${p.pattern}, layers of ${p.layerMm} mm`;
const takes = (p: SettingsPoint): string =>
  `${p.massG.toFixed(1)} g, ${Math.round(p.minutes)} min, ${Math.round(100 * p.strength)} % as strong and ` +
  `${Math.round(100 * p.stiffness)} % as stiff as solid`;
const at = (p: SettingsPoint): object => ({ value: [p.massG, 100 * p.strength], point: p });
const option = computed(() => ({
  animation: false,
  textStyle: chartText,
  grid: { left: 56, right: 20, top: 14, bottom: 46 },
  tooltip: chartTooltip(colours.value, {
    formatter: ({ data }: { data: { point: SettingsPoint } }) =>
      `<b>${words(data.point)}</b><br>${takes(data.point)}`,
  }),
  xAxis: chartAxis(colours.value, 'grams', 26, { scale: true }),
  yAxis: chartAxis(colours.value, 'strength, % of solid', 38, { scale: true }),
  series: [
    {
      type: 'scatter',
      data: points.value.filter(p => !p.undominated && !p.current).map(at),
      symbolSize: 4,
      itemStyle: { color: colours.value.soft, opacity: 0.35 },
    },
    {
      type: 'scatter',
      data: points.value.filter(p => p.undominated && !p.current).map(at),
      symbol: 'diamond',
      symbolSize: 9,
      itemStyle: { color: colours.value.strength },
    },
    {
      type: 'scatter',
      data: now.value ? [at(now.value)] : [],
      symbol: 'circle',
      symbolSize: 15,
      itemStyle: { color: 'transparent', borderColor: colours.value.out, borderWidth: 2.5 },
      z: 5,
    },
  ],
}));
function pick(e: ECElementEvent): void {
  chosen.value = (e.data as { point?: SettingsPoint } | null)?.point ?? null;
}
/** What is saved must be worth slicing it anew, as a share of the part's mass. */
const LEAST_GAIN_TOLD = 0.05;
/** The lightest in these layers that is as strong, as stiff and as quick as now, where it is lighter to speak of. */
const lighter = computed(() => {
  const is = now.value;
  if (!is) return null;
  const best = points.value
    .filter(
      p =>
        p.layerMm === is.layerMm &&
        p.strength >= is.strength - 1e-9 &&
        p.stiffness >= is.stiffness - 1e-9 &&
        p.minutes <= is.minutes,
    )
    .sort((a, b) => a.massG - b.massG)[0];
  return best && best.massG < (1 - LEAST_GAIN_TOLD) * is.massG ? best : null;
});
const offered = computed(() => chosen.value ?? lighter.value);
function take(p: SettingsPoint): void {
  if (!draft.brief) return;
  const { walls, infill, pattern, layerMm } = p;
  draft.set('print', briefWithSettings(draft.brief, { walls, infill, pattern, layerMm }).print);
  chosen.value = null;
}
const spoken = computed(() => {
  const best = points.value.filter(p => p.undominated);
  const is = now.value ? ` Now: ${words(now.value)}, ${takes(now.value)}` : '';
  return `Grams against strength for ${points.value.length} ways to print it, ${best.length} unbeaten.${is}`;
});
</script>

<template>
  <section class="trade" aria-label="Settings traded" data-testid="settings-trade">
    <h2>Settings traded</h2>
    <p v-if="job.failed.value" class="out small" role="alert">
      It cannot be worked out: {{ job.failed.value }}.
    </p>
    <template v-else-if="points.length">
      <p>{{ job.answer.value?.sentence }}</p>
      <ChartFrame class="chart" :option="option" :label="spoken" @click="pick" />
      <p class="small soft">
        ◆ nothing is better in grams, minutes, strength and stiffness at once · the ring is how it is set now.
        Strength is that of the weakest loaded member, or of a wall.
      </p>
      <p v-if="offered" class="small">
        <b>{{ chosen ? words(offered) : `As strong and lighter: ${words(offered)}` }}</b>:
        {{ takes(offered) }}. <Button size="small" @click="take(offered)">Print it so</Button>
      </p>
    </template>
    <p v-else class="soft small" role="status">Working it out…</p>
    <SettingsOnShape v-if="points.length" :family="family" :points="points" @take="take" />
  </section>
</template>

<style scoped>
.trade {
  border-top: 1px solid var(--rule);
  padding-top: 10px;
  margin-top: 12px;
}
.chart {
  height: 280px;
  max-width: 760px;
}
p {
  margin: 4px 0;
}
</style>
