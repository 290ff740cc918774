<script setup lang="ts">
import { scoreShown } from '@hornblende/core/score';
import type { Candidate, Criterion } from '@hornblende/core/score';
import { computed } from 'vue';
import { criterionOf, nameLines, TOP, type Fold, type Layer } from './strata-layout';

/** One candidate in the running: a column of layers, each filled as far as its criterion is met. */
const props = defineProps<{
  candidate: Candidate;
  layers: Layer[];
  /** Layers that all in the running meet, drawn as one band; null where none is folded. */
  fold: Fold | null;
  x: number;
  bar: number;
  column: number;
  height: number;
  selected: boolean;
  first: boolean;
  describe: (c: Candidate, l: Layer) => string;
}>();
const emit = defineEmits<{ select: []; working: [criterion: Criterion] }>();
/** Fillings under these are marked: a thin layer in a full column is a weakness. */
const WEAK = 0.4;
const WEAKEST = 0.2;
const filled = (l: Layer): number => criterionOf(props.candidate, l.id)?.desirability ?? 0;
const lines = computed(() => nameLines(props.candidate.name, Math.floor(props.column / 7)));
const foot = computed(() => TOP + props.height);
function open(l: Layer): void {
  const k = criterionOf(props.candidate, l.id);
  if (k) emit('working', k);
}
</script>

<template>
  <g
    class="column"
    :class="{ dim: !first }"
    data-testid="column"
    :data-material="candidate.material"
    @click="emit('select')"
  >
    <rect :x="x - 4" :y="TOP - 4" :width="bar + 8" :height="height + 50" fill="transparent" />
    <template v-for="l in layers" :key="l.id">
      <rect :x="x" :y="l.y" :width="bar" :height="l.h - 1.5" class="well" />
      <rect
        :x="x"
        :y="l.y"
        :width="bar * filled(l)"
        :height="l.h - 1.5"
        :fill="`var(--s-${l.id})`"
        class="fill"
        @click="open(l)"
      >
        <title>{{ describe(candidate, l) }}</title>
      </rect>
      <path
        v-if="filled(l) < WEAK"
        :d="`M${x + bar * filled(l) + 3} ${l.y + l.h / 2} l5 -4 v8 z`"
        :class="filled(l) < WEAKEST ? 'low' : 'lowish'"
      />
    </template>
    <rect v-if="fold" :x="x" :y="fold.y" :width="bar" :height="fold.h - 1.5" class="fold" />
    <rect v-if="selected" :x="x - 4" :y="TOP - 5" :width="bar + 8" :height="height + 8" class="chosen" />
    <text
      v-for="(line, j) in lines"
      :key="line"
      :x="x + bar / 2"
      :y="foot + 19 + j * 14"
      text-anchor="middle"
      class="name"
    >
      {{ line }}
    </text>
    <text
      :x="x + bar / 2"
      :y="foot + 21 + lines.length * 14"
      text-anchor="middle"
      :class="`score ${candidate.status}`"
    >
      {{ scoreShown(candidate).toFixed(2) }} {{ candidate.status === 'fits' ? '●' : '◐' }}
    </text>
  </g>
</template>

<style scoped src="./strata.css"></style>
