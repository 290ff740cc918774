<script setup lang="ts">
import { computed } from 'vue';
import { useUnits } from '../../../ui/useUnits';
import { depthMm } from '../everyday';
import DimensionLine from './DimensionLine.vue';

/** A durometer on a stack, to scale: how thick it is, how far from edge and last place, how deep the needle is. */
const props = defineProps<{
  layers: number;
  layerMm: number;
  hardness: number | null;
  /** Without the distances of the standard: where they are asked about. */
  untold?: boolean;
}>();
const { show } = useUnits();
/** Pixels a millimetre: a plate of 45 mm fills the drawing. */
const PX = 6;
const TABLE_Y = 206;
/** A taller stack is drawn no taller than this, px. */
const TALLEST_PX = 80;
/** Where the stack begins and ends, px. */
const LEFT = 62;
const RIGHT = 332;
/** The standard's distances, mm. */
const FROM_EDGE = 12;
const APART = 9;

const thickMm = computed(() => props.layers * props.layerMm);
const high = computed(() => Math.min(TALLEST_PX, Math.max(4, thickMm.value * PX)));
const top = computed(() => TABLE_Y - high.value);
const needleX = RIGHT - FROM_EDGE * PX;
const lastX = needleX - APART * PX;
const words = computed(() => {
  const stack = `A durometer on a stack ${show(thickMm.value, 'length')} thick`;
  return props.untold ? stack : `${stack}, ${show(FROM_EDGE, 'length', 0)} from its edge`;
});
const seams = computed(() =>
  Array.from({ length: Math.min(props.layers, 20) - 1 }, (_, i) => {
    const y = top.value + (high.value * (i + 1)) / props.layers;
    return `M${LEFT} ${y} H${RIGHT}`;
  }).join(' '),
);
/** No deeper than the stack. */
const sinks = computed(() =>
  Math.min(high.value, PX * (props.hardness === null ? 1 : depthMm(props.hardness))),
);
</script>

<template>
  <svg :viewBox="untold ? '0 30 400 186' : '0 30 400 232'" role="img" :aria-label="words">
    <line x1="20" :y1="TABLE_Y" x2="380" :y2="TABLE_Y" class="ground" />
    <rect :x="LEFT" :y="top" :width="RIGHT - LEFT" :height="high" class="member" />
    <path :d="seams" class="layers" />
    <circle v-if="!untold" :cx="lastX" :cy="top" r="3" class="needle" />
    <path :d="`M${needleX - 4} ${top} h8 l-4 ${sinks} z`" class="needle" />
    <rect :x="needleX - 28" :y="top - 10" width="56" height="10" class="tool" />
    <rect :x="needleX - 18" :y="top - 84" width="36" height="74" rx="6" class="tool" />
    <circle :cx="needleX" :cy="top - 60" r="13" class="tool" />
    <path :d="`M${needleX} ${top - 60} l7 -8`" class="needle" />
    <template v-if="!untold">
      <DimensionLine
        :from="[needleX, TABLE_Y + 34]"
        :to="[RIGHT, TABLE_Y + 34]"
        :label="`${show(FROM_EDGE, 'length', 0)} or more`"
        side="below"
      />
      <DimensionLine
        :from="[lastX, TABLE_Y + 12]"
        :to="[needleX, TABLE_Y + 12]"
        :label="show(APART, 'length', 0)"
        side="below"
      />
    </template>
    <DimensionLine :from="[46, top]" :to="[46, TABLE_Y]" :label="show(thickMm, 'length', 1)" side="left" />
  </svg>
</template>

<style scoped src="../../../charts/sketch.css"></style>
<style scoped src="./drawing.css"></style>
