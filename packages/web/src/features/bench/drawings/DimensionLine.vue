<script setup lang="ts">
import { computed } from 'vue';

/** A measure in a drawing: a line with a tick at each end, and how long it is beside its middle. */
const props = defineProps<{
  from: readonly [number, number];
  to: readonly [number, number];
  label: string;
  /** Where the words stand from the middle of the line: over it unless said. */
  side?: 'above' | 'below' | 'left' | 'right';
}>();
const TICK = 5;
const path = computed(() => {
  const [x1, y1] = props.from;
  const [x2, y2] = props.to;
  const length = Math.hypot(x2 - x1, y2 - y1) || 1;
  const nx = (-(y2 - y1) / length) * TICK;
  const ny = ((x2 - x1) / length) * TICK;
  const tick = (x: number, y: number): string => `M${x - nx} ${y - ny} L${x + nx} ${y + ny}`;
  return `M${x1} ${y1} L${x2} ${y2} ${tick(x1, y1)} ${tick(x2, y2)}`;
});
const words = computed(() => {
  const x = (props.from[0] + props.to[0]) / 2;
  const y = (props.from[1] + props.to[1]) / 2;
  const places = {
    above: { x, y: y - 6, anchor: 'middle' },
    below: { x, y: y + 16, anchor: 'middle' },
    left: { x: x - 9, y: y + 4, anchor: 'end' },
    right: { x: x + 9, y: y + 4, anchor: 'start' },
  };
  return places[props.side ?? 'above'];
});
</script>

<template>
  <g>
    <path :d="path" class="dimension" />
    <text :x="words.x" :y="words.y" :text-anchor="words.anchor">{{ label }}</text>
  </g>
</template>

<style scoped src="../../../charts/picture.css"></style>
<style scoped src="./drawing.css"></style>
<style scoped>
.dimension {
  stroke: var(--soft);
  stroke-width: 1;
  fill: none;
}
</style>
