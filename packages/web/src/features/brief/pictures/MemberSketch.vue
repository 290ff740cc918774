<script setup lang="ts">
import type { BriefLoad } from '@hornblende/core/brief';
import { computed, ref } from 'vue';
import { useUnits } from '../../../ui/useUnits';

/**
 * The member of a load, drawn to scale, with its layers, its force and its bent axis at once and after its life;
 * length, height and force are dragged, or changed by the arrow keys.
 */
const props = defineProps<{
  load: BriefLoad;
  index: number;
  /** Written beside the arrow, N. */
  forceN: number | null;
  /** Deflections, mm; null where there is none to draw. */
  nowMm: number | null;
  lifeMm: number | null;
  bends: boolean;
}>();
const emit = defineEmits<{ change: [load: BriefLoad] }>();
const { show } = useUnits();

const W = 400;
const H = 190;
const scale = computed(() =>
  Math.min(
    250 / (props.load.lengthMm ?? 1),
    90 / Math.max(props.load.heightMm ?? 1, 0.3 * (props.load.lengthMm ?? 1) * 0.3),
  ),
);
const x0 = 70;
const len = computed(() => (props.load.lengthMm ?? 0) * scale.value);
const thick = computed(() => Math.max(3, Math.min(90, (props.load.heightMm ?? 0) * scale.value)));
const y0 = 66;

/** The bent axis as a path, exaggerated so that it can be seen; the true figures stand beside it. */
function bent(mm: number | null): string {
  if (!mm) return '';
  const amplitude = Math.min(64, Math.max(4, mm * scale.value));
  const c = props.load.case;
  const shape = (u: number): number =>
    c === 'cantilever' || c === 'deceleration'
      ? (3 * u * u - u ** 3) / 2
      : c === 'fixed-fixed'
        ? 16 * u * u * (1 - u) ** 2
        : Math.sin(Math.PI * u);
  return Array.from(
    { length: 25 },
    (_, i) =>
      `${i ? 'L' : 'M'}${(x0 + (len.value * i) / 24).toFixed(1)} ` +
      `${(y0 + thick.value / 2 + amplitude * shape(i / 24)).toFixed(1)}`,
  ).join(' ');
}
const lines = computed(() => {
  if (props.load.acrossLayers)
    return Array.from(
      { length: Math.floor(len.value / 8) },
      (_, i) => `M${x0 + 6 + i * 8} ${y0} v${thick.value}`,
    ).join(' ');
  return Array.from(
    { length: Math.max(1, Math.floor(thick.value / 5)) },
    (_, i) => `M${x0} ${y0 + 3 + i * 5} h${len.value}`,
  ).join(' ');
});
const forceX = computed(
  () =>
    x0 + (props.load.case === 'cantilever' || props.load.case === 'deceleration' ? len.value : len.value / 2),
);

type Handle = 'length' | 'height' | 'force';
const dragging = ref<{ handle: Handle; from: number; value: number; scale: number } | null>(null);
const fields: Record<
  Handle,
  { field: 'lengthMm' | 'heightMm' | 'forceN'; min: number; max: number; step: number; label: string }
> = {
  length: { field: 'lengthMm', min: 1, max: 2000, step: 1, label: 'Length' },
  height: { field: 'heightMm', min: 0.5, max: 500, step: 0.5, label: 'Section height' },
  force: { field: 'forceN', min: 0, max: 1e6, step: 1, label: 'Force' },
};
function set(handle: Handle, value: number): void {
  const f = fields[handle];
  const v = Math.min(f.max, Math.max(f.min, Math.round(value / f.step) * f.step));
  emit('change', {
    ...props.load,
    [f.field]: v,
    ...(handle === 'force' ? { forceLowN: null } : {}),
  });
}
function grab(handle: Handle, e: PointerEvent): void {
  (e.target as Element).setPointerCapture(e.pointerId);
  dragging.value = {
    handle,
    from: handle === 'length' ? e.clientX : e.clientY,
    value: props.load[fields[handle].field] ?? 0,
    scale: scale.value,
  };
}
function drag(e: PointerEvent): void {
  const d = dragging.value;
  if (!d) return;
  const by = (d.handle === 'length' ? e.clientX : e.clientY) - d.from;
  if (d.handle === 'force') set('force', d.value * 1.02 ** -by);
  else set(d.handle, d.value + by / d.scale);
}
function nudge(handle: Handle, e: KeyboardEvent): void {
  const f = fields[handle];
  const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1, PageUp: 10, PageDown: -10 }[e.key];
  if (!by) return;
  e.preventDefault();
  set(handle, (props.load[f.field] ?? 0) + by * f.step);
}
</script>

<template>
  <svg
    :viewBox="`0 0 ${W} ${H}`"
    :width="W"
    :height="H"
    class="sketch"
    :aria-label="`Sketch of load ${index + 1}`"
    @pointermove="drag"
    @pointerup="dragging = null"
  >
    <rect
      v-if="load.case !== 'simply-supported'"
      :x="x0 - 14"
      :y="y0 - 24"
      width="14"
      :height="thick + 48"
      class="wall"
    />
    <rect
      v-if="load.case === 'fixed-fixed'"
      :x="x0 + len"
      :y="y0 - 24"
      width="14"
      :height="thick + 48"
      class="wall"
    />
    <template v-if="load.case === 'simply-supported'">
      <path :d="`M${x0} ${y0 + thick} l-9 15 h18 z M${x0 + len} ${y0 + thick} l-9 15 h18 z`" class="wall" />
    </template>
    <rect :x="x0" :y="y0" :width="len" :height="thick" class="member" />
    <path :d="lines" class="layers" />
    <path v-if="bends" :d="bent(lifeMm)" class="later" />
    <path v-if="bends" :d="bent(nowMm)" class="now" />
    <g v-if="bends">
      <path :d="`M${forceX} ${y0 - 46} V${y0 - 6} m-5 -9 l5 9 l5 -9`" class="force" />
      <text :x="forceX + 9" :y="y0 - 32">{{ show(forceN, 'force') }}</text>
    </g>
    <g v-else>
      <path
        :d="
          load.case === 'tension'
            ? `M${x0 + len + 4} ${y0 + thick / 2} h38 m-9 -5 l9 5 l-9 5`
            : `M${x0 + len + 44} ${y0 + thick / 2} h-38 m9 -5 l-9 5 l9 5`
        "
        class="force"
      />
      <text :x="x0 + len + 50" :y="y0 + thick / 2 + 4">{{ show(forceN, 'force') }}</text>
    </g>
    <text :x="x0 + len / 2" :y="H - 8" text-anchor="middle">
      {{ show(load.lengthMm, 'length') }}, layers {{ load.acrossLayers ? 'across' : 'along' }}
    </text>
    <circle
      :cx="x0 + len"
      :cy="y0 + thick / 2"
      r="6"
      class="handle"
      role="slider"
      tabindex="0"
      aria-label="Length"
      :aria-valuenow="load.lengthMm ?? 0"
      :aria-valuetext="show(load.lengthMm, 'length')"
      aria-valuemin="1"
      aria-valuemax="2000"
      @pointerdown="e => grab('length', e)"
      @keydown="e => nudge('length', e)"
    />
    <circle
      :cx="x0 + 26"
      :cy="y0 + thick"
      r="6"
      class="handle"
      role="slider"
      tabindex="0"
      aria-label="Section height"
      :aria-valuenow="load.heightMm ?? 0"
      :aria-valuetext="show(load.heightMm, 'length')"
      aria-valuemin="0.5"
      aria-valuemax="500"
      @pointerdown="e => grab('height', e)"
      @keydown="e => nudge('height', e)"
    />
    <circle
      v-if="load.forceN !== null && bends"
      :cx="forceX"
      :cy="y0 - 50"
      r="6"
      class="handle"
      role="slider"
      tabindex="0"
      aria-label="Force"
      :aria-valuenow="load.forceN"
      :aria-valuetext="show(load.forceN, 'force')"
      aria-valuemin="0"
      aria-valuemax="1000000"
      @pointerdown="e => grab('force', e)"
      @keydown="e => nudge('force', e)"
    />
  </svg>
</template>

<style scoped src="../../../charts/picture.css"></style>
<style scoped src="../../../charts/sketch.css"></style>
<style scoped>
.sketch {
  touch-action: none;
}
.wall {
  fill: var(--rule-strong);
}
.now {
  stroke: var(--s-strength);
  stroke-width: 2;
  fill: none;
}
.handle {
  fill: var(--panel);
  stroke: var(--deep);
  stroke-width: 2;
  cursor: grab;
}
.handle:focus-visible {
  outline: none;
  stroke: var(--info);
  stroke-width: 4;
}
</style>
