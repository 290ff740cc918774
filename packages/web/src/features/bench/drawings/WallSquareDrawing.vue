<script setup lang="ts">
import { useUnits } from '../../../ui/useUnits';

/** A square tube of one line with the jaws of a caliper about its wall, away from its corners. */
defineProps<{ wallMm: number }>();
const { show } = useUnits();
</script>

<template>
  <svg
    viewBox="0 0 400 230"
    role="img"
    :aria-label="`A caliper about the wall of a square: ${show(wallMm, 'length')} is wanted`"
  >
    <path d="M70 96 L190 66 L300 110 L180 146 Z" class="wall" />
    <path d="M70 96 V176 L180 226 V146 M300 110 V186 L180 226" class="wall" />
    <path d="M82 97 L190 72 L287 110 L180 139 Z" class="inner" />
    <path d="M236 20 h34 v14 h-22 v96 h-12 z" class="tool" />
    <path d="M276 34 h52 v-14 h-58 M276 34 h-6 v92 l12 4 v-90 h46 v-6 z" class="tool" />
    <text x="24" y="30">{{ show(wallMm, 'length') }} wanted</text>
    <text x="24" y="48" class="soft-words">mid-side, not at a corner</text>
  </svg>
</template>

<style scoped src="../../../charts/picture.css"></style>
<style scoped src="./drawing.css"></style>
<style scoped>
.wall {
  fill: var(--s-impact);
  fill-opacity: 0.3;
  stroke: var(--s-strength);
  stroke-width: 2;
  stroke-linejoin: round;
}
.inner {
  fill: var(--ground);
  stroke: var(--s-strength);
}
.soft-words {
  fill: var(--soft);
}
</style>
