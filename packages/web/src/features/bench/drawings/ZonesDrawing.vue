<script setup lang="ts">
import { computed } from 'vue';

/** One part with two zones, each with infill of its own. */
const props = defineProps<{ harderPct: number; softerPct: number }>();
/** Where the part begins, and how high it is, px. */
const Y = 50;
const HIGH = 110;
/** Upright lines as dense as the infill, px. */
function lines(from: number, to: number, pct: number): string {
  const gap = Math.max(4, 320 / Math.max(1, pct));
  const count = Math.floor((to - from) / gap);
  return Array.from(
    { length: count },
    (_, i) => `M${(from + gap * (i + 0.5)).toFixed(1)} ${Y} v${HIGH}`,
  ).join(' ');
}
const harder = computed(() => lines(52, 200, props.harderPct));
const softer = computed(() => lines(200, 348, props.softerPct));
</script>

<template>
  <svg
    viewBox="0 0 400 200"
    role="img"
    :aria-label="`One part: ${harderPct} % infill in its harder zone, ${softerPct} % in its softer one`"
  >
    <path :d="harder" class="lines" />
    <path :d="softer" class="lines" />
    <rect x="52" :y="Y" width="296" :height="HIGH" rx="10" class="outline" />
    <line x1="200" :y1="Y" x2="200" :y2="Y + HIGH" class="border" />
    <text x="126" y="184" text-anchor="middle">harder: {{ harderPct }} %</text>
    <text x="274" y="184" text-anchor="middle">softer: {{ softerPct }} %</text>
  </svg>
</template>

<style scoped src="../../../charts/picture.css"></style>
<style scoped src="./drawing.css"></style>
<style scoped>
.outline {
  fill: none;
  stroke: var(--s-strength);
  stroke-width: 3;
}
.border {
  stroke: var(--ink);
  stroke-dasharray: 5 4;
}
</style>
