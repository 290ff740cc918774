<script setup lang="ts">
import { gaugeMm, usualGaugeSizes } from '@hornblende/core/workshop';

/** The gauge from above, with the places to measure numbered as they are asked for. */
const { length, width, round } = gaugeMm;
const middle = width / 2;
/** Where a number stands, by the id of its size, mm from a corner. */
const at: Record<string, readonly [number, number]> = {
  length: [length / 2, width + 7],
  width: [length + 6, middle],
  'pin-thick': [42, middle],
  'pin-thin': [58, middle],
  'hole-wide': [76, middle],
  'hole-narrow': [94, middle],
  'step-high': [6, middle],
  'step-middle': [18, middle],
  plate: [110, middle],
};
</script>

<template>
  <svg :viewBox="`-3 -3 ${length + 15} ${width + 17}`" role="img" aria-label="The gauge from above">
    <rect :width="length" :height="width" class="plate" />
    <rect width="12" :height="width" class="step" />
    <rect x="12" width="12" :height="width" class="step low" />
    <circle cx="42" :cy="middle" :r="round[0] / 2" class="step" />
    <circle cx="58" :cy="middle" :r="round[1] / 2" class="step" />
    <circle cx="76" :cy="middle" :r="round[0] / 2" class="hole" />
    <circle cx="94" :cy="middle" :r="round[1] / 2" class="hole" />
    <path :d="`M0 ${width + 2}v3M${length} ${width + 2}v3M0 ${width + 3.5}H${length}`" class="measure" />
    <text v-for="(s, i) in usualGaugeSizes" :key="s.id" :x="at[s.id]![0]" :y="at[s.id]![1]">
      {{ i + 1 }}
    </text>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-width: 560px;
}
.plate {
  fill: var(--well);
  stroke: var(--ink);
  stroke-width: 0.4;
}
.step {
  fill: var(--s-accuracy, var(--rule));
  stroke: var(--ink);
  stroke-width: 0.4;
}
.low {
  fill-opacity: 0.5;
}
.hole {
  fill: var(--panel);
  stroke: var(--ink);
  stroke-width: 0.4;
}
.measure {
  stroke: var(--ink);
  stroke-width: 0.3;
  fill: none;
}
text {
  font-size: 4.4px;
  fill: var(--ink);
  text-anchor: middle;
  dominant-baseline: central;
}
</style>
