<script setup lang="ts">
import { computed, useId } from 'vue';

/** A pad cut through: its walls, its infill as dense as it is asked for, and from where it is pressed. */
const props = defineProps<{ infill: number; walls: number; fromSide: boolean }>();
const pad = { x: 90, y: 92, width: 220, height: 92 };
/** A line of plastic in the drawing, px. */
const LINE = 4;
const clip = useId();
/** Slanted lines of both ways: as far apart as makes the share of plastic. */
const lines = computed(() => {
  if (props.infill <= 0) return '';
  const gap = Math.max(LINE + 1, (2 * LINE) / props.infill);
  const count = Math.ceil((pad.width + pad.height) / gap);
  return Array.from({ length: count + 1 }, (_, i) => {
    const x = pad.x - pad.height + i * gap;
    return (
      `M${x.toFixed(1)} ${pad.y + pad.height} l${pad.height} ${-pad.height} ` +
      `M${x.toFixed(1)} ${pad.y} l${pad.height} ${pad.height}`
    );
  }).join(' ');
});
/** How far in each wall lies, px; a pad without walls has a thin skin, so that its edge is seen. */
const insets = computed(() =>
  Array.from({ length: Math.min(8, Math.max(1, props.walls)) }, (_, i) => 1 + i * (LINE + 1)),
);
const arrow = computed(() =>
  props.fromSide
    ? `M30 ${pad.y + pad.height / 2} h52 m-10 -6 l10 6 l-10 6`
    : `M${pad.x + pad.width / 2} 34 v50 m-6 -10 l6 10 l6 -10`,
);
const words = computed(
  () =>
    `A pad cut through: ${Math.round(100 * props.infill)} % infill, pressed ` +
    (props.fromSide ? 'from the side' : 'onto its layers'),
);
</script>

<template>
  <svg viewBox="0 0 400 220" role="img" :aria-label="words">
    <clipPath :id="clip">
      <rect :x="pad.x" :y="pad.y" :width="pad.width" :height="pad.height" />
    </clipPath>
    <line x1="40" :y1="pad.y + pad.height + 2" x2="360" :y2="pad.y + pad.height + 2" class="ground" />
    <path :d="lines" class="lines" :stroke-width="LINE" :clip-path="`url(#${clip})`" />
    <rect
      v-for="inset in insets"
      :key="inset"
      :x="pad.x + inset"
      :y="pad.y + inset"
      :width="pad.width - 2 * inset"
      :height="pad.height - 2 * inset"
      class="wall"
    />
    <path :d="arrow" class="force" />
    <text x="200" y="212" text-anchor="middle">
      {{ Math.round(100 * infill) }} % infill,
      {{ props.walls || 'no' }}
      {{ props.walls === 1 ? 'wall' : 'walls' }}
    </text>
  </svg>
</template>

<style scoped src="../../../charts/picture.css"></style>
<style scoped src="../../../charts/sketch.css"></style>
<style scoped src="./drawing.css"></style>
<style scoped>
.lines {
  stroke-width: 3;
}
.wall {
  fill: none;
  stroke: var(--s-strength);
  stroke-width: 3;
}
</style>
