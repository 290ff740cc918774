<script setup lang="ts">
import { criterionLabels, sig, type Candidate, type Criterion, type CriterionId } from '@hornblende/core';
import { useElementSize } from '@vueuse/core';
import { computed, ref } from 'vue';
import { useUnits } from '../composables/useUnits';
import { failedLayer } from './failed-layer';
import { shortGateLabel } from './gate-label';
import StrataStrip from './StrataStrip.vue';

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

const TOP = 26;
const MIN_LAYER = 7;
const wrap = ref<HTMLElement | null>(null);
const { width } = useElementSize(wrap);
const focusedLayer = ref(0);

/** Layers from the brief's weights: heights add up to the chart's. */
const layers = computed(() => {
  const ids = (Object.keys(props.weights) as CriterionId[]).filter(id => props.weights[id] > 0);
  const total = ids.reduce((s, id) => s + props.weights[id], 0);
  const spare = HEIGHT.value - MIN_LAYER * ids.length;
  let y = TOP;
  return ids.map(id => {
    const h = MIN_LAYER + (spare * props.weights[id]) / total;
    const layer = { id, y, h, label: criterionLabels[id].label, weight: props.weights[id] };
    y += h;
    return layer;
  });
});
const LABELS = 104;
const allRunning = computed(() => props.candidates.filter(c => c.rank !== null));
const allOut = computed(() => props.candidates.filter(c => c.rank === null));
/** A column narrower than this cannot carry its name. */
const READABLE = 72;
const room = computed(() => Math.max(360, width.value) - LABELS);
/** Where not all fit side by side, the best stand as columns and the rest as slivers beneath. */
const crowded = computed(
  () =>
    allRunning.value.length * READABLE + (allOut.value.length ? 34 + allOut.value.length * 38 : 0) >
    room.value,
);
const TOP_WEIGHT = 5;
const { convert, say } = useUnits();
const valueOf = (k: Criterion): string =>
  `${sig(convert(k.value, k.unit).value, 3)} ${convert(k.value, k.unit).unit}`;
const running = computed(() =>
  crowded.value
    ? allRunning.value.slice(0, Math.max(3, Math.floor(room.value / READABLE)))
    : allRunning.value,
);
const out = computed(() => (crowded.value ? [] : allOut.value));
const rest = computed(() => allRunning.value.slice(running.value.length));
const HEIGHT = computed(() => (crowded.value ? 214 : 290));
/** Out columns are narrow; those in the running share what is left, down to a width that can still be read. */
const outColumn = computed(() =>
  Math.max(
    38,
    Math.min(54, (room.value - 34 - running.value.length * READABLE) / Math.max(1, out.value.length)),
  ),
);
const outBar = computed(() => outColumn.value - 10);
const column = computed(() => {
  const free = room.value - (out.value.length ? 34 + out.value.length * outColumn.value : 10);
  return Math.max(READABLE - 4, Math.min(104, free / Math.max(running.value.length, 1)));
});
const bar = computed(() => column.value - (column.value < 56 ? 10 : 14));
const chartWidth = computed(
  () =>
    LABELS +
    column.value * running.value.length +
    (out.value.length ? 34 + outColumn.value * out.value.length : 10),
);
const xOf = (i: number): number => LABELS + i * column.value;
const outX = computed(() => xOf(running.value.length) + 24);
const outXOf = (i: number): number => outX.value + i * outColumn.value;

/** Pixels of layer for one of weight, as drawn now. */
const perWeight = computed(() => {
  const total = layers.value.reduce((s, l) => s + l.weight, 0);
  return (HEIGHT.value - MIN_LAYER * layers.value.length) / (total || 1);
});
const dragged = ref<{ id: CriterionId; from: number; y: number; scale: number } | null>(null);
const inRange = (w: number): number => Math.round(10 * Math.min(TOP_WEIGHT, Math.max(0, w))) / 10;
/**
 * The lower edge of a layer is pulled: down weighs more, up less. The scale is that of the beginning, so
 * that the edge keeps to the pointer.
 */
function grab(e: PointerEvent, l: { id: CriterionId; weight: number }): void {
  (e.target as Element).setPointerCapture(e.pointerId);
  dragged.value = { id: l.id, from: l.weight, y: e.clientY, scale: perWeight.value };
}
function pull(e: PointerEvent): void {
  const d = dragged.value;
  if (!d) return;
  const weight = Math.max(0.1, inRange(d.from + (e.clientY - d.y) / d.scale));
  if (weight !== props.weights[d.id]) emit('weigh', d.id, weight);
}

function of(c: Candidate, id: CriterionId): Criterion | undefined {
  return c.criteria.find(k => k.id === id);
}

/** The height of the crack: at the layer that the failed gate belongs to, else near the top. */
function crackY(c: Candidate): number {
  const gate = c.gates.find(g => g.verdict === 'fail');
  const layer = gate ? layers.value.find(l => l.id === failedLayer(gate.id)) : undefined;
  return layer ? layer.y + layer.h / 2 : TOP + 34;
}
function upper(c: Candidate, i: number): string {
  const x = outXOf(i);
  const y = crackY(c);
  const w = outBar.value;
  return (
    `M${x} ${TOP} h${w} V${y - 5} l${-w * 0.22} 7 l${-w * 0.18} -9 l${-w * 0.2} 10 l${-w * 0.2} -8 ` +
    `L${x} ${y - 1} Z`
  );
}
function lower(c: Candidate, i: number): string {
  const x = outXOf(i) + 2;
  const y = crackY(c) + 9;
  const w = outBar.value;
  return (
    `M${x} ${y} l${w * 0.2} -6 l${w * 0.2} 8 l${w * 0.2} -10 l${w * 0.18} 9 L${x + w} ${y - 4} ` +
    `V${TOP + HEIGHT.value} H${x} Z`
  );
}
function failedText(c: Candidate): string {
  const gate = c.gates.find(g => g.verdict === 'fail');
  return gate ? shortGateLabel(gate.id) : '';
}
/** A name in at most two lines that fit its column. */
function words(name: string, narrow: boolean): string[] {
  const fits = narrow ? 7 : Math.floor(column.value / 7);
  const lines: string[] = [];
  for (const word of name.split(' ')) {
    const last = lines.at(-1);
    if (last !== undefined && `${last} ${word}`.length <= fits) lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines.length > 2 ? [lines[0] ?? '', `${lines[1] ?? ''}…`] : lines;
}

function key(e: KeyboardEvent): void {
  const order = [...allRunning.value, ...allOut.value];
  const at = Math.max(
    0,
    order.findIndex(c => c.material === props.selected),
  );
  const go = (i: number): void => {
    const c = order[Math.min(order.length - 1, Math.max(0, i))];
    if (c) emit('select', c.material);
  };
  const layer = layers.value.length;
  switch (e.key) {
    case 'ArrowRight':
      go(at + 1);
      break;
    case 'ArrowLeft':
      go(at - 1);
      break;
    case 'ArrowDown':
      focusedLayer.value = (focusedLayer.value + 1) % layer;
      break;
    case 'ArrowUp':
      focusedLayer.value = (focusedLayer.value + layer - 1) % layer;
      break;
    case '+':
    case '=':
    case '-': {
      const l = layers.value[focusedLayer.value];
      if (l) emit('weigh', l.id, Math.max(0.1, inRange(l.weight + (e.key === '-' ? -0.5 : 0.5))));
      break;
    }
    case 'Enter': {
      const c = order[at];
      const l = layers.value[focusedLayer.value];
      const k = c && l ? of(c, l.id) : undefined;
      if (c && k) emit('working', c, k);
      break;
    }
    default:
      return;
  }
  e.preventDefault();
}
const focusedText = computed(() => {
  const c = props.candidates.find(x => x.material === props.selected);
  const l = layers.value[focusedLayer.value];
  const k = c && l ? of(c, l.id) : undefined;
  return c && k && l
    ? `${c.name}, ${l.label} (weighs ${sig(l.weight, 2)}): ${valueOf(k)}, desirability ${k.desirability.toFixed(2)}`
    : '';
});
</script>

<template>
  <div
    ref="wrap"
    class="strata"
    tabindex="0"
    role="application"
    aria-label="Strata chart: arrow keys move between candidates and layers, Enter shows the working, plus and minus change the layer’s weight"
    @keydown="key"
  >
    <svg
      :width="chartWidth"
      :height="TOP + HEIGHT + 56"
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
        {{ l.label }}
        <tspan class="weight" dx="5">{{ sig(l.weight, 2) }}</tspan>
      </text>
      <g
        v-for="l in layers"
        :key="`pull-${l.id}`"
        class="pull"
        :class="{ on: dragged?.id === l.id }"
        :data-testid="`pull-${l.id}`"
        @pointerdown="grab($event, l)"
        @pointermove="pull"
        @pointerup="dragged = null"
        @pointercancel="dragged = null"
      >
        <rect x="0" :y="l.y + l.h - 6" :width="LABELS - 4" height="10" fill="transparent" />
        <line :x1="LABELS - 17" :x2="LABELS - 5" :y1="l.y + l.h - 0.8" :y2="l.y + l.h - 0.8" />
      </g>
      <g
        v-for="(c, i) in running"
        :key="c.material"
        class="column"
        :class="{ dim: i > 0 }"
        data-testid="column"
        :data-material="c.material"
        @click="emit('select', c.material)"
      >
        <rect :x="xOf(i) - 4" :y="TOP - 4" :width="bar + 8" :height="HEIGHT + 50" fill="transparent" />
        <template v-for="l in layers" :key="l.id">
          <rect :x="xOf(i)" :y="l.y" :width="bar" :height="l.h - 1.5" class="well" />
          <rect
            :x="xOf(i)"
            :y="l.y"
            :width="bar * (of(c, l.id)?.desirability ?? 0)"
            :height="l.h - 1.5"
            :fill="`var(--s-${l.id})`"
            class="fill"
            @click="emit('working', c, of(c, l.id)!)"
          >
            <title>
              {{ c.name }} · {{ l.label }}: {{ of(c, l.id) ? valueOf(of(c, l.id)!) : '' }} ({{
                (of(c, l.id)?.desirability ?? 0).toFixed(2)
              }})
            </title>
          </rect>
          <path
            v-if="(of(c, l.id)?.desirability ?? 1) < 0.4"
            :d="`M${xOf(i) + bar * (of(c, l.id)?.desirability ?? 0) + 3} ${l.y + l.h / 2} l5 -4 v8 z`"
            :class="(of(c, l.id)?.desirability ?? 1) < 0.2 ? 'low' : 'lowish'"
          />
        </template>
        <rect
          v-if="c.material === selected"
          :x="xOf(i) - 4"
          :y="TOP - 5"
          :width="bar + 8"
          :height="HEIGHT + 8"
          class="chosen"
        />
        <text
          v-for="(w, j) in words(c.name, false)"
          :key="w"
          :x="xOf(i) + bar / 2"
          :y="TOP + HEIGHT + 19 + j * 14"
          text-anchor="middle"
          class="name"
        >
          {{ w }}
        </text>
        <text
          :x="xOf(i) + bar / 2"
          :y="TOP + HEIGHT + 21 + words(c.name, false).length * 14"
          text-anchor="middle"
          :class="`score ${c.status}`"
        >
          {{ c.score.toFixed(2) }} {{ c.status === 'fits' ? '●' : '◐' }}
        </text>
      </g>
      <template v-if="out.length">
        <line :x1="outX - 14" :x2="outX - 14" :y1="TOP - 8" :y2="TOP + HEIGHT + 50" class="divide" />
        <text :x="outX" y="14" class="out-head">○ out, cracked at the gate that failed</text>
        <g
          v-for="(c, i) in out"
          :key="c.material"
          class="column"
          data-testid="out-column"
          :data-material="c.material"
          @click="emit('select', c.material)"
        >
          <rect
            :x="outXOf(i) - 4"
            :y="TOP - 4"
            :width="outBar + 8"
            :height="HEIGHT + 50"
            fill="transparent"
          />
          <clipPath :id="`crack-${c.material}`">
            <path :d="upper(c, i)" />
            <path :d="lower(c, i)" />
          </clipPath>
          <path :d="upper(c, i)" class="slab" />
          <path :d="lower(c, i)" class="slab" />
          <g :clip-path="`url(#crack-${c.material})`" class="faded">
            <rect
              v-for="l in layers"
              :key="l.id"
              :x="outXOf(i)"
              :y="l.y"
              :width="(outBar + 2) * (of(c, l.id)?.desirability ?? 0)"
              :height="l.h - 1.5"
              :fill="`var(--s-${l.id})`"
            />
          </g>
          <title>{{ c.name }}: {{ say(c.gates.find(g => g.verdict === 'fail')?.why ?? '') }}</title>
          <rect
            v-if="c.material === selected"
            :x="outXOf(i) - 4"
            :y="TOP - 5"
            :width="outBar + 10"
            :height="HEIGHT + 8"
            class="chosen"
          />
          <text
            v-for="(w, j) in words(c.name, true)"
            :key="w"
            :x="outXOf(i) + outBar / 2"
            :y="TOP + HEIGHT + 19 + j * 14"
            text-anchor="middle"
            class="name quiet"
          >
            {{ w }}
          </text>
          <text
            :x="outXOf(i) + outBar / 2"
            :y="TOP + HEIGHT + 21 + words(c.name, true).length * 14"
            text-anchor="middle"
            class="score out"
          >
            {{ failedText(c) }}
          </text>
        </g>
      </template>
    </svg>
    <StrataStrip
      v-if="crowded"
      class="strip"
      :running="rest"
      :out="allOut"
      :layers="layers"
      :width="Math.max(360, width)"
      :selected="selected"
      @select="emit('select', $event)"
    />
    <div class="visually-hidden" aria-live="polite">{{ focusedText }}</div>
  </div>
</template>

<style scoped>
.strata {
  overflow-x: auto;
  overflow-y: hidden;
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
.well {
  fill: var(--well);
}
.column {
  cursor: pointer;
}
.dim .fill {
  opacity: 0.84;
}
.column:hover .fill {
  opacity: 1;
}
.low {
  fill: var(--out);
}
.lowish {
  fill: var(--marginal-fill);
}
.chosen {
  fill: none;
  stroke: var(--deep);
  stroke-width: 1.6;
  pointer-events: none;
}
.name {
  font-weight: 700;
  font-size: 12.5px;
}
.name.quiet {
  font-weight: 400;
  fill: var(--soft);
  font-size: 12px;
}
.score {
  font-size: 12.5px;
}
.score.fits {
  fill: var(--fits);
}
.score.marginal {
  fill: var(--marginal);
}
.score.out,
.out-head {
  fill: var(--out);
}
.score.out {
  font-size: 11px;
}
.out-head {
  font-size: 12.5px;
}
.divide {
  stroke: var(--rule-strong);
}
.slab {
  fill: var(--well);
}
.faded {
  opacity: 0.34;
}
.column:hover .faded {
  opacity: 0.6;
}
</style>
