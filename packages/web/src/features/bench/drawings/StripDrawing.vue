<script setup lang="ts">
import { computed } from 'vue';
import { useUnits } from '../../../ui/useUnits';
import DimensionLine from './DimensionLine.vue';

/** A strip that bends under its force, to scale where that can be seen: at rest, and bent. */
const props = defineProps<{
  atBothEnds: boolean;
  lengthMm: number;
  thicknessMm: number;
  bendMm: number;
  forceN: number;
}>();
const { show } = useUnits();
/** Where the strip begins, how long it is drawn, and its middle line, px. */
const X0 = 60;
const LENGTH = 250;
const Y = 104;
/** Drawn between these heights, px, for a strip that is a hair or a block is still to be seen. */
const thick = computed(() => Math.min(40, Math.max(4, (props.thicknessMm * LENGTH) / props.lengthMm)));
const bend = computed(() => Math.min(56, Math.max(8, (props.bendMm * LENGTH) / props.lengthMm)));
/** The bent middle line, of unit bend: a finger with a load at its end, or a beam on two supports. */
const shape = (u: number): number => {
  if (!props.atBothEnds) return (3 * u * u - u ** 3) / 2;
  const half = Math.min(u, 1 - u);
  return 3 * half - 4 * half ** 3;
};
const bent = computed(() =>
  Array.from({ length: 33 }, (_, i) => {
    const u = i / 32;
    return `${i ? 'L' : 'M'}${(X0 + LENGTH * u).toFixed(1)} ${(Y + bend.value * shape(u)).toFixed(1)}`;
  }).join(' '),
);
const forceX = computed(() => X0 + LENGTH * (props.atBothEnds ? 0.5 : 1));
const words = computed(
  () =>
    `A strip ${show(props.lengthMm, 'length')} long held at ${props.atBothEnds ? 'both ends' : 'one end'}, ` +
    `bent ${show(props.bendMm, 'length')} by ${show(props.forceN, 'force')}`,
);
</script>

<template>
  <svg viewBox="0 0 400 230" role="img" :aria-label="words">
    <rect v-if="!atBothEnds" :x="X0 - 16" :y="Y - 44" width="16" height="88" class="held" />
    <path
      v-else
      :d="`M${X0} ${Y + thick / 2} l-9 16 h18 z M${X0 + LENGTH} ${Y + thick / 2} l-9 16 h18 z`"
      class="held"
    />
    <rect :x="X0" :y="Y - thick / 2" :width="LENGTH" :height="thick" class="rest" />
    <path :d="bent" class="bent" :stroke-width="thick" />
    <path :d="`M${forceX} ${Y - 62} V${Y - thick / 2 - 4} m-5 -9 l5 9 l5 -9`" class="force" />
    <text :x="forceX + 8" :y="Y - 46">{{ show(forceN, 'force') }}</text>
    <DimensionLine :from="[X0, 214]" :to="[X0 + LENGTH, 214]" :label="show(lengthMm, 'length', 1)" />
    <DimensionLine
      :from="[forceX + 22, Y]"
      :to="[forceX + 22, Y + bend]"
      :label="show(bendMm, 'length', 1)"
      side="right"
    />
  </svg>
</template>

<style scoped src="../../../charts/picture.css"></style>
<style scoped src="../../../charts/sketch.css"></style>
<style scoped src="./drawing.css"></style>
<style scoped>
.held {
  fill: var(--rule-strong);
}
.rest {
  fill: none;
  stroke: var(--rule-strong);
  stroke-dasharray: 4 3;
}
.bent {
  stroke: var(--s-impact);
  fill: none;
}
</style>
