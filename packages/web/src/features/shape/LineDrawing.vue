<script setup lang="ts">
import type { Turn } from '@hornblende/core/geometry';
import { computed } from 'vue';
import { lineDrawing } from './line-drawing';

/** A shape in plain lines, as it lies. */
const props = defineProps<{
  edges: Float32Array;
  turn: Turn;
  label: string;
  /** Lines drawn lightly under it. */
  under?: Float32Array;
}>();
const drawing = computed(() => lineDrawing(props.edges, props.turn, props.under));
</script>

<template>
  <svg :viewBox="drawing.box" role="img" :aria-label="label" preserveAspectRatio="xMidYMid meet">
    <path v-if="drawing.under" class="under" :d="drawing.under" />
    <path :d="drawing.path" />
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  height: 100%;
}
path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.1px;
  vector-effect: non-scaling-stroke;
  stroke-linejoin: round;
}
.under {
  stroke: var(--rule-strong);
  stroke-dasharray: 3 3;
}
</style>
