<script setup lang="ts">
import type { PropertyName, Range } from '@hornblende/core/materials';
import { computed } from 'vue';

/**
 * A range as a bar with a tick at its typical value, on a scale that its neighbours share; wide scales are
 * logarithmic.
 */
const props = defineProps<{
  name: PropertyName;
  range: Range;
  min: number;
  max: number;
  others?: number[];
}>();
const W = 168;
const log = computed(() => props.min > 0 && props.max / props.min > 40 && !/C$/.test(props.name));
const at = (v: number): number => {
  const f = (x: number): number => (log.value ? Math.log(x) : x);
  return props.max === props.min
    ? W / 2
    : 3 + ((W - 6) * (f(v) - f(props.min))) / (f(props.max) - f(props.min));
};
</script>

<template>
  <svg class="bar" :viewBox="`0 0 ${W} 12`" :width="W" height="12" aria-hidden="true">
    <line x1="3" :x2="W - 3" y1="6" y2="6" class="axis" />
    <circle v-for="(o, i) in others ?? []" :key="i" :cx="at(o)" cy="6" r="2" class="other" />
    <rect
      :x="at(range.low)"
      y="3.5"
      :width="Math.max(3, at(range.high) - at(range.low))"
      height="5"
      rx="2.5"
      class="own"
    />
    <line :x1="at(range.typical)" :x2="at(range.typical)" y1="1" y2="11" class="typical" />
  </svg>
</template>

<style scoped>
.bar {
  display: block;
  max-width: 100%;
}
.axis {
  stroke: var(--rule-strong);
}
.other {
  fill: var(--rule-strong);
}
.own {
  fill: var(--s-impact);
}
.typical {
  stroke: var(--ink);
  stroke-width: 1.8;
}
</style>
