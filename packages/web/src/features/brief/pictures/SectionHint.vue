<script setup lang="ts">
import type { BriefLoad } from '@hornblende/core/brief';
import { computed } from 'vue';
import { useUnits } from '../../../ui/useUnits';

/**
 * The section of a loaded member, to scale and small: which of its two sizes lies across the load, which with it, and
 * how its layers run. It stands beside the sentence, where both are only numbers.
 */
const props = defineProps<{ load: BriefLoad }>();
const { show } = useUnits();
const W = 176;
/** Room over the section for the arrow, and under it for words, px. */
const OVER = 28;
const UNDER = 22;
/** The longer of the two sizes, px. */
const LONGER = 58;
/** A layer in the drawing, px. */
const LAYER = 5;
/** Under this width a section is drawn no thinner: a strip is still to be seen. */
const THINNEST = 4;

const scale = computed(() => LONGER / Math.max(props.load.widthMm ?? 1, props.load.heightMm ?? 1));
const wide = computed(() => Math.max(THINNEST, (props.load.widthMm ?? 0) * scale.value));
const high = computed(() => Math.max(THINNEST, (props.load.heightMm ?? 0) * scale.value));
const x = computed(() => 62 - wide.value / 2);
/** Layers run along the member, and show as lines across the section; pulled apart, the section is one of them. */
const layers = computed(() =>
  props.load.acrossLayers
    ? ''
    : Array.from(
        { length: Math.floor(high.value / LAYER) },
        (_, i) => `M${x.value} ${OVER + LAYER * (i + 0.5)} h${wide.value}`,
      ).join(' '),
);
const bends = computed(() => !['tension', 'compression'].includes(props.load.case));
const words = computed(
  () =>
    `Its section: ${show(props.load.widthMm, 'length')} wide and ${show(props.load.heightMm, 'length')} high` +
    `${bends.value ? ', loaded from above' : ''}, ` +
    (props.load.acrossLayers ? 'within one layer' : 'layers along it'),
);
</script>

<template>
  <svg
    :viewBox="`0 0 ${W} ${OVER + high + UNDER}`"
    :width="W"
    :height="OVER + high + UNDER"
    role="img"
    :aria-label="words"
    data-testid="section"
  >
    <rect :x="x" :y="OVER" :width="wide" :height="high" class="member" />
    <path :d="layers" class="layers" />
    <path v-if="bends" :d="`M62 ${OVER - 24} v18 m-4 -7 l4 7 l4 -7`" class="force" />
    <text x="62" :y="OVER + high + 15" text-anchor="middle">{{ show(load.widthMm, 'length') }} wide</text>
    <text :x="x + wide + 8" :y="OVER + high / 2 + 4">{{ show(load.heightMm, 'length') }} high</text>
  </svg>
</template>

<style scoped src="../../../charts/picture.css"></style>
<style scoped src="../../../charts/sketch.css"></style>
