<script setup lang="ts">
import type { Candidate } from '@hornblende/core/score';
import { computed } from 'vue';
import { useUnits } from '../../ui/useUnits';
import { shortGateLabel } from './gate-label';
import {
  crackY,
  criterionOf,
  lowerPart,
  nameLines,
  TOP,
  upperPart,
  type Fold,
  type Layer,
} from './strata-layout';

/** One candidate out of the running: a faded column, cracked at the gate that failed. */
const props = defineProps<{
  candidate: Candidate;
  layers: Layer[];
  fold: Fold | null;
  x: number;
  bar: number;
  height: number;
  selected: boolean;
}>();
const emit = defineEmits<{ select: [] }>();
const { say } = useUnits();
/** Characters that fit under so narrow a column. */
const FITS = 7;
const failed = computed(() => props.candidate.gates.find(g => g.verdict === 'fail') ?? null);
const crack = computed(() => crackY(props.candidate, props.layers, props.fold));
const upper = computed(() => upperPart(props.x, props.bar, crack.value));
const lower = computed(() => lowerPart(props.x, props.bar, crack.value, props.height));
const lines = computed(() => nameLines(props.candidate.name, FITS));
const foot = computed(() => TOP + props.height);
const filled = (l: Layer): number => criterionOf(props.candidate, l.id)?.desirability ?? 0;
</script>

<template>
  <g class="column" data-testid="out-column" :data-material="candidate.material" @click="emit('select')">
    <rect :x="x - 4" :y="TOP - 4" :width="bar + 8" :height="height + 50" fill="transparent" />
    <clipPath :id="`crack-${candidate.material}`">
      <path :d="upper" />
      <path :d="lower" />
    </clipPath>
    <path :d="upper" class="slab" />
    <path :d="lower" class="slab" />
    <g :clip-path="`url(#crack-${candidate.material})`" class="faded">
      <rect
        v-for="l in layers"
        :key="l.id"
        :x="x"
        :y="l.y"
        :width="(bar + 2) * filled(l)"
        :height="l.h - 1.5"
        :fill="`var(--s-${l.id})`"
      />
    </g>
    <title>{{ candidate.name }}: {{ say(failed?.why ?? '') }}</title>
    <rect v-if="selected" :x="x - 4" :y="TOP - 5" :width="bar + 10" :height="height + 8" class="chosen" />
    <text
      v-for="(line, j) in lines"
      :key="line"
      :x="x + bar / 2"
      :y="foot + 19 + j * 14"
      text-anchor="middle"
      class="name quiet"
    >
      {{ line }}
    </text>
    <text :x="x + bar / 2" :y="foot + 21 + lines.length * 14" text-anchor="middle" class="score out">
      {{ failed ? shortGateLabel(failed.id) : '' }}
    </text>
  </g>
</template>

<style scoped src="./strata.css"></style>
