<script setup lang="ts">
import { computed } from 'vue';
import { useUnits } from '../../../ui/useUnits';
import DimensionLine from './DimensionLine.vue';

/** Two leaves with a thin part between them: flat as it is printed, and folded by its angle. */
const props = defineProps<{ angleDeg: number; lengthMm: number; thicknessMm: number }>();
const { show } = useUnits();
/** The leaves, px. */
const LEAF = 104;
const THICK = 18;
/** Their middle. */
const Y = 150;
const thin = computed(() => Math.min(THICK - 4, Math.max(2, 6 * props.thicknessMm)));
const long = computed(() => Math.min(70, Math.max(16, 4 * props.lengthMm)));
const left = computed(() => 150 - long.value / 2);
const right = computed(() => 150 + long.value / 2);
/** Turned about the middle of the thin part; more than a half turn is drawn as one. */
const turned = computed(() => `rotate(${-Math.min(180, props.angleDeg)} 150 ${Y})`);
const arc = computed(() => {
  const angle = (Math.min(180, props.angleDeg) * Math.PI) / 180;
  const r = 78;
  const x = (150 + r * Math.cos(angle)).toFixed(1);
  const y = (Y - r * Math.sin(angle)).toFixed(1);
  return `M${150 + r} ${Y} A${r} ${r} 0 0 0 ${x} ${y}`;
});
</script>

<template>
  <svg
    viewBox="0 0 400 230"
    role="img"
    :aria-label="`A hinge ${show(thicknessMm, 'length')} thick between two leaves, folded by ${angleDeg}°`"
  >
    <g class="flat">
      <rect :x="right" :y="Y - THICK / 2" :width="LEAF" :height="THICK" />
    </g>
    <rect :x="left - LEAF" :y="Y - THICK / 2" :width="LEAF" :height="THICK" class="member" />
    <rect :x="left" :y="Y - thin / 2" :width="long" :height="thin" class="member" />
    <rect :x="right" :y="Y - THICK / 2" :width="LEAF" :height="THICK" class="member" :transform="turned" />
    <path :d="arc" class="later" />
    <text x="250" y="72">folded by {{ angleDeg }}°</text>
    <DimensionLine
      :from="[left, Y + 30]"
      :to="[right, Y + 30]"
      :label="`${show(lengthMm, 'length', 1)} long`"
      side="below"
    />
  </svg>
</template>

<style scoped src="../../../charts/picture.css"></style>
<style scoped src="../../../charts/sketch.css"></style>
<style scoped src="./drawing.css"></style>
<style scoped>
.flat rect {
  fill: none;
  stroke: var(--rule-strong);
  stroke-dasharray: 4 3;
}
</style>
