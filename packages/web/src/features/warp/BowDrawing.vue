<script setup lang="ts">
import { computed } from 'vue';
import { useUnits } from '../../ui/useUnits';

/** The part from the side, let go of its plate: bowed as worked out, to scale or magnified. */
const props = defineProps<{
  lengthMm: number;
  heightMm: number;
  bowMm: number;
  times: number;
  toleranceMm: number;
}>();
const { show } = useUnits();
const WIDTH_PX = 640;
const scale = computed(() => WIDTH_PX / props.lengthMm);
const high = computed(() => Math.min(150, Math.max(6, props.heightMm * scale.value)));
/** The rise of the ends on the picture, px. */
const rise = computed(() => Math.min(150, props.bowMm * scale.value * props.times));
const bar = computed(() => {
  const y = rise.value;
  const h = high.value;
  // A shallow arc is a parabola: its middle control point lies as far below as its ends stand above.
  const middle = WIDTH_PX / 2;
  const top = -y - h;
  return `M0 ${-y} Q${middle} ${y} ${WIDTH_PX} ${-y} L${WIDTH_PX} ${top} Q${middle} ${y - h} 0 ${top} Z`;
});
const tolerance = computed(() => props.toleranceMm * scale.value * props.times);
const box = computed(
  () => `-30 ${-rise.value - high.value - 26} ${WIDTH_PX + 60} ${rise.value + high.value + 40}`,
);
const words = computed(
  () =>
    `The part from the side, ${show(props.lengthMm, 'length', 0)} long: its ends stand ` +
    `${show(props.bowMm, 'length', 2)} up, drawn ${props.times} times as large.`,
);
</script>

<template>
  <svg :viewBox="box" role="img" :aria-label="words">
    <path :d="`M-30 0H${WIDTH_PX + 30}`" class="plate" />
    <path :d="`M-30 ${-tolerance}H0M${WIDTH_PX} ${-tolerance}H${WIDTH_PX + 30}`" class="tolerance" />
    <path :d="bar" class="bar" />
    <path v-if="rise > 2" :d="`M-12 0V${-rise}M-16 0h8M-16 ${-rise}h8`" class="measure" />
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-height: 240px;
  background: var(--well);
}
.plate {
  stroke: var(--ink);
  stroke-width: 1.5;
}
.bar {
  fill: var(--s-warp);
  stroke: var(--ink);
  stroke-width: 1;
}
.tolerance {
  stroke: var(--out);
  stroke-width: 1.5;
  stroke-dasharray: 5 4;
}
.measure {
  stroke: var(--ink);
  stroke-width: 1;
  fill: none;
}
</style>
