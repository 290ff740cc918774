<script setup lang="ts">
import { computed } from 'vue';
import { useUnits } from '../../../ui/useUnits';
import DimensionLine from './DimensionLine.vue';

/** What shakes, on its mounts, as much as they are pressed; two of them are seen from the front. */
const props = defineProps<{
  massKg: number;
  mounts: number;
  sideMm: number;
  heightMm: number;
  sagMm: number;
}>();
const { show } = useUnits();
const FLOOR = 196;
/** The taller of side and height, px. */
const LARGEST = 66;
const scale = computed(() => LARGEST / Math.max(props.sideMm, props.heightMm));
const wide = computed(() => props.sideMm * scale.value);
/** Pressed by no more than half in the drawing. */
const high = computed(() => Math.max(props.heightMm / 2, props.heightMm - props.sagMm) * scale.value);
const places = computed(() => (props.mounts === 1 ? [200] : [130, 270]).map(x => x - wide.value / 2));
/** Two arcs at each side of what shakes. */
const waves = computed(() => {
  const y = FLOOR - high.value - 60;
  return `M74 ${y} q-8 12 0 24 M62 ${y - 6} q-12 18 0 36 ` + `M326 ${y} q8 12 0 24 M338 ${y - 6} q12 18 0 36`;
});
const words = computed(
  () => `${props.massKg} kg on ${props.mounts} mounts ${show(props.heightMm, 'length')} high`,
);
</script>

<template>
  <svg viewBox="0 0 400 230" role="img" :aria-label="words">
    <line x1="60" :y1="FLOOR" x2="340" :y2="FLOOR" class="ground" />
    <rect
      v-for="x in places"
      :key="x"
      :x="x"
      :y="FLOOR - high"
      :width="wide"
      :height="high"
      rx="5"
      class="member"
    />
    <rect x="90" :y="FLOOR - high - 74" width="220" height="74" rx="4" class="tool" />
    <text x="200" :y="FLOOR - high - 32" text-anchor="middle">{{ massKg }} kg</text>
    <path :d="waves" class="waves" />
    <DimensionLine
      :from="[places[0]!, FLOOR + 12]"
      :to="[places[0]! + wide, FLOOR + 12]"
      :label="show(sideMm, 'length', 1)"
      side="below"
    />
    <DimensionLine
      :from="[places.at(-1)! + wide + 14, FLOOR - high]"
      :to="[places.at(-1)! + wide + 14, FLOOR]"
      :label="show(heightMm, 'length', 1)"
      side="right"
    />
  </svg>
</template>

<style scoped src="../../../charts/picture.css"></style>
<style scoped src="../../../charts/sketch.css"></style>
<style scoped src="./drawing.css"></style>
