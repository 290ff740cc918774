<script setup lang="ts">
import { sig, type CriterionId } from '@hornblende/core/lib';
import { criterionLabels, type Candidate, type Criterion } from '@hornblende/core/score';
import { useElementSize } from '@vueuse/core';
import { computed, ref } from 'vue';
import { useUnits } from '../../ui/useUnits';
import { Button } from '../../ui/kit';
import CrackedColumn from './CrackedColumn.vue';
import {
  criterionOf,
  FOLD,
  LABELS,
  layersOf,
  metByAll,
  outXOf,
  perWeight,
  strataLayout,
  TOP,
  unfolded,
  xOf,
  type Fold,
  type Layer,
} from './strata-layout';
import StrataColumn from './StrataColumn.vue';
import StrataStrip from './StrataStrip.vue';
import { settled, useLayerPull } from './useLayerPull';

/** One column a candidate, one layer a criterion: height its weight, filling how well it is met. */
const props = defineProps<{
  candidates: Candidate[];
  weights: Record<CriterionId, number>;
  selected: string | null;
}>();
const emit = defineEmits<{
  select: [material: string];
  working: [candidate: Candidate, criterion: Criterion];
  weigh: [id: CriterionId, weight: number];
}>();
const { convert } = useUnits();
const wrap = ref<HTMLElement | null>(null);
const { width } = useElementSize(wrap);
const focusedLayer = ref(0);
const layout = computed(() => strataLayout(props.candidates, width.value));
const met = computed(() => metByAll(layout.value.running, props.weights));
const folding = ref(true);
const foldedIds = computed(() => (folding.value ? met.value : []));
const fold = computed<Fold | null>(() =>
  foldedIds.value.length ? { ids: foldedIds.value, y: TOP + layout.value.height - FOLD, h: FOLD } : null,
);
/** The weights of the layers that are drawn, and the height that they share. */
const drawn = computed(() => unfolded(props.weights, foldedIds.value));
const room = computed(() => layout.value.height - (fold.value?.h ?? 0));
const layers = computed(() => layersOf(drawn.value, room.value));
const metNames = computed(() => met.value.map(id => criterionLabels[id].label.toLowerCase()).join(', '));
const allOut = computed(() => props.candidates.filter(c => c.rank === null));
const { pulled, grab, pull, release } = useLayerPull(
  () => perWeight(drawn.value, room.value),
  (id, weight) => {
    if (weight !== props.weights[id]) emit('weigh', id, weight);
  },
);

function valueOf(k: Criterion): string {
  const { value, unit } = convert(k.value, k.unit);
  return `${Number.isFinite(value) ? sig(value, 3) : 'no limit'} ${unit}`;
}
function describe(c: Candidate, l: Layer): string {
  const k = criterionOf(c, l.id);
  return k ? `${c.name} · ${criterionLabels[l.id].label}: ${valueOf(k)} (${k.desirability.toFixed(2)})` : '';
}

/** Steps of weight by the keys. */
const KEY_STEP = 0.5;
const keys: Record<string, () => void> = {
  ArrowRight: () => step(1),
  ArrowLeft: () => step(-1),
  ArrowDown: () => turnLayer(1),
  ArrowUp: () => turnLayer(-1),
  '+': () => weighBy(KEY_STEP),
  '=': () => weighBy(KEY_STEP),
  '-': () => weighBy(-KEY_STEP),
  Enter: openFocused,
};
const order = computed(() => [...props.candidates.filter(c => c.rank !== null), ...allOut.value]);
const at = computed(() =>
  Math.max(
    0,
    order.value.findIndex(c => c.material === props.selected),
  ),
);
const focused = computed(() => {
  const candidate = order.value[at.value];
  const layer = layers.value[focusedLayer.value % Math.max(1, layers.value.length)];
  const criterion = candidate && layer ? criterionOf(candidate, layer.id) : undefined;
  return candidate && layer && criterion ? { candidate, layer, criterion } : null;
});
const focusedText = computed(() => {
  if (!focused.value) return '';
  const { candidate, layer, criterion } = focused.value;
  const weighs = `${criterionLabels[layer.id].label} (weighs ${sig(layer.weight, 2)})`;
  return `${candidate.name}, ${weighs}: ${valueOf(criterion)}, desirability ${criterion.desirability.toFixed(2)}`;
});
function step(by: number): void {
  const next = order.value[Math.min(order.value.length - 1, Math.max(0, at.value + by))];
  if (next) emit('select', next.material);
}
function turnLayer(by: number): void {
  const count = layers.value.length;
  focusedLayer.value = (focusedLayer.value + count + by) % count;
}
function weighBy(by: number): void {
  const layer = layers.value[focusedLayer.value];
  if (layer) emit('weigh', layer.id, settled(layer.weight + by));
}
function openFocused(): void {
  if (focused.value) emit('working', focused.value.candidate, focused.value.criterion);
}
function press(e: KeyboardEvent): void {
  const act = keys[e.key];
  if (!act) return;
  e.preventDefault();
  act();
}
const HINT =
  'Strata chart: arrow keys move between candidates and layers, Enter shows the working, plus and minus ' +
  'change the layer’s weight';
</script>

<template>
  <div
    ref="wrap"
    class="strata"
    data-tour="strata"
    tabindex="0"
    role="application"
    :aria-label="HINT"
    @keydown="press"
  >
    <svg
      :width="layout.width"
      :height="TOP + layout.height + 56"
      role="img"
      aria-label="One column a candidate, one layer a criterion"
    >
      <text
        v-for="(l, i) in layers"
        :key="l.id"
        :x="LABELS - 10"
        :y="l.y + l.h / 2 + 4"
        text-anchor="end"
        class="label"
        :class="{ focused: i === focusedLayer }"
      >
        {{ criterionLabels[l.id].label }}
        <tspan class="weight" dx="5">{{ sig(l.weight, 2) }}</tspan>
      </text>
      <g
        v-for="l in layers"
        :key="`pull-${l.id}`"
        class="pull"
        :class="{ on: pulled === l.id }"
        :data-testid="`pull-${l.id}`"
        @pointerdown="grab($event, l)"
        @pointermove="pull"
        @pointerup="release"
        @pointercancel="release"
      >
        <rect x="0" :y="l.y + l.h - 6" :width="LABELS - 4" height="10" fill="transparent" />
        <line :x1="LABELS - 17" :x2="LABELS - 5" :y1="l.y + l.h - 0.8" :y2="l.y + l.h - 0.8" />
      </g>
      <text v-if="fold" :x="LABELS - 10" :y="fold.y + fold.h / 2 + 4" text-anchor="end" class="label">
        met by all
      </text>
      <StrataColumn
        v-for="(c, i) in layout.running"
        :key="c.material"
        :candidate="c"
        :layers="layers"
        :fold="fold"
        :x="xOf(layout, i)"
        :bar="layout.bar"
        :column="layout.column"
        :height="layout.height"
        :selected="c.material === selected"
        :first="i === 0"
        :describe="describe"
        @select="emit('select', c.material)"
        @working="k => emit('working', c, k)"
      />
      <template v-if="layout.out.length">
        <line
          :x1="outXOf(layout, 0) - 14"
          :x2="outXOf(layout, 0) - 14"
          :y1="TOP - 8"
          :y2="TOP + layout.height + 50"
          class="divide"
        />
        <text :x="outXOf(layout, 0)" y="14" class="out-head">○ out, cracked at the gate that failed</text>
        <CrackedColumn
          v-for="(c, i) in layout.out"
          :key="c.material"
          :candidate="c"
          :layers="layers"
          :fold="fold"
          :x="outXOf(layout, i)"
          :bar="layout.outBar"
          :height="layout.height"
          :selected="c.material === selected"
          @select="emit('select', c.material)"
        />
      </template>
    </svg>
    <StrataStrip
      v-if="layout.crowded"
      class="strip"
      :running="layout.rest"
      :out="allOut"
      :layers="layersOf(weights, layout.height)"
      :width="Math.max(320, width)"
      :selected="selected"
      @select="emit('select', $event)"
    />
    <div class="visually-hidden" aria-live="polite">{{ focusedText }}</div>
  </div>
  <p v-if="met.length" class="soft small met" data-testid="met-by-all">
    All that stand as columns meet {{ metNames }}.
    <Button type="text" size="small" @click="folding = !folding">{{
      folding ? 'Draw these layers too' : 'Fold these layers'
    }}</Button>
  </p>
</template>

<style scoped>
.strata {
  overflow-x: auto;
  overflow-y: hidden;
}
.met {
  margin: 4px 0 0;
}
.strip {
  margin-top: 4px;
}
svg {
  display: block;
}
text {
  font:
    13px 'Atkinson Hyperlegible',
    system-ui,
    sans-serif;
  fill: var(--ink);
}
.label {
  fill: var(--soft);
}
.strata:focus-visible .label.focused {
  fill: var(--ink);
  font-weight: 700;
}
.weight {
  fill: var(--soft);
  font-size: 11px;
}
.pull {
  cursor: ns-resize;
  touch-action: none;
}
.pull line {
  stroke: var(--rule-strong);
  stroke-width: 1.2;
}
.pull:hover line,
.pull.on line {
  stroke: var(--deep);
  stroke-width: 2.4;
}
.out-head {
  fill: var(--out);
  font-size: 12.5px;
}
.divide {
  stroke: var(--rule-strong);
}
</style>
