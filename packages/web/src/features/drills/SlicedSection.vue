<script setup lang="ts">
import { computed, useId } from 'vue';
import { useUnits } from '../../ui/useUnits';

/** A printed bar cut through, to scale: its walls and skins solid, its infill as lines as far apart as they are. */
const props = defineProps<{ widthMm: number; heightMm: number; walls: number; infill: number }>();
const { show } = useUnits();
const clip = useId();
/** As the question has them, mm. */
const LINE_MM = 0.45;
const SKIN_MM = 0.8;
/** The drawing, px. */
const W = 320;
const H = 150;
const PAD = 26;
const px = computed(() => Math.min((W - 2 * PAD) / props.widthMm, (H - 2 * PAD) / props.heightMm));
const wide = computed(() => props.widthMm * px.value);
const high = computed(() => props.heightMm * px.value);
const x = computed(() => (W - wide.value) / 2);
const y = computed(() => (H - PAD - high.value) / 2);
const wall = computed(() => props.walls * LINE_MM * px.value);
const skin = computed(() => SKIN_MM * px.value);
/** A grid has lines both ways, seen here as the one set that is cut: half of the share of plastic. */
const lines = computed(() => {
  const gap = (2 * LINE_MM * px.value) / props.infill;
  const count = Math.floor((wide.value - 2 * wall.value) / gap);
  return Array.from({ length: count }, (_, i) => {
    const at = (x.value + wall.value + gap * (i + 0.5)).toFixed(1);
    return `M${at} ${y.value + skin.value} v${Math.max(0, high.value - 2 * skin.value)}`;
  }).join(' ');
});
const words = computed(
  () =>
    `A bar cut through: ${show(props.widthMm, 'length')} wide, ${show(props.heightMm, 'length')} high, ` +
    `${props.walls} walls, ${Math.round(100 * props.infill)} % infill`,
);
</script>

<template>
  <svg :viewBox="`0 0 ${W} ${H}`" role="img" :aria-label="words">
    <clipPath :id="clip"><rect :x="x" :y="y" :width="wide" :height="high" /></clipPath>
    <g :clip-path="`url(#${clip})`">
      <rect :x="x" :y="y" :width="wall" :height="high" class="solid" />
      <rect :x="x + wide - wall" :y="y" :width="wall" :height="high" class="solid" />
      <rect :x="x" :y="y" :width="wide" :height="skin" class="solid" />
      <rect :x="x" :y="y + high - skin" :width="wide" :height="skin" class="solid" />
      <path :d="lines" class="inside" :stroke-width="Math.max(1, LINE_MM * px)" />
    </g>
    <rect :x="x" :y="y" :width="wide" :height="high" class="edge" />
    <text :x="W / 2" :y="H - 6" text-anchor="middle">
      {{ show(widthMm, 'length') }} × {{ show(heightMm, 'length') }}
    </text>
  </svg>
</template>

<style scoped src="../../charts/picture.css"></style>
<style scoped>
svg {
  display: block;
  width: 100%;
  max-width: 360px;
}
.solid {
  fill: var(--s-strength);
  opacity: 0.75;
}
.inside {
  stroke: var(--s-impact);
  fill: none;
}
.edge {
  fill: none;
  stroke: var(--ink);
}
</style>
