<script setup lang="ts">
import type { ListedPlacement } from '@hornblende/core/api';
import { standingWords, verdictWords } from '@hornblende/core/service';
import { computed } from 'vue';
import { standingMark } from './words';

/** The life of a part as a line: as long as it is out there beside the others, with a mark for each look. */
const props = defineProps<{
  row: Pick<ListedPlacement, 'standing' | 'seen'>;
  /** The longest life that is drawn beside it, years. */
  longest: number;
}>();
const W = 150;
const H = 20;
const PAD = 7;
const x = (years: number): number =>
  PAD + ((W - 2 * PAD) * years) / Math.max(props.longest, props.row.standing.years, 0.01);
const marks = computed(() =>
  props.row.seen.map(({ years, verdict }) => {
    const ended = verdict === 'lost' || verdict === 'removed';
    return { x: x(years), verdict, ...standingMark({ ...props.row.standing, verdict, ended }) };
  }),
);
const told = computed(() => {
  const each = props.row.seen.map(s => `${s.years.toFixed(1)} years: ${verdictWords[s.verdict]}`).join(', ');
  return `Out for ${props.row.standing.years.toFixed(1)} years, ${standingWords(props.row.standing)}. ${each}`;
});
</script>

<template>
  <svg :viewBox="`0 0 ${W} ${H}`" :width="W" :height="H" role="img" :aria-label="told">
    <title>{{ told }}</title>
    <line
      :x1="x(0)"
      :y1="H / 2"
      :x2="x(row.standing.years)"
      :y2="H / 2"
      :class="{ over: row.standing.ended }"
    />
    <line :x1="x(0)" y1="5" :x2="x(0)" :y2="H - 5" />
    <text v-for="(m, i) in marks" :key="i" :x="m.x" :y="H / 2 + 4.5" text-anchor="middle" :class="m.tone">
      {{ m.sign }}
    </text>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  max-width: 100%;
}
line {
  stroke: var(--rule-strong);
  stroke-width: 2;
}
.over {
  stroke-dasharray: 4 3;
}
text {
  font:
    12px 'Atkinson Hyperlegible',
    system-ui,
    sans-serif;
  fill: currentColor;
  paint-order: stroke;
  stroke: var(--ground);
  stroke-width: 3px;
}
</style>
