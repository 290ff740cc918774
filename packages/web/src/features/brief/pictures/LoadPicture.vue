<script setup lang="ts">
import {
  asJudged,
  assess,
  contextOf,
  deflectionCurve,
  serviceLoads,
  sig,
  type BriefLoad,
  type Ranking,
} from '@hornblende/core';
import { computed, ref } from 'vue';
import { useRanking } from '../../part/useRanking';
import { useUnits } from '../../../ui/useUnits';
import { useDraft } from '../../part/draft';
import OptionSelect from '../../../ui/OptionSelect.vue';
import SectionChoices from './SectionChoices.vue';
import StrengthWaterfall from './StrengthWaterfall.vue';

const props = defineProps<{ ranking: Ranking; index: number }>();
const draft = useDraft();
const { candidates, printer, weather } = useRanking();
const { show } = useUnits();
const load = computed<BriefLoad>(() => draft.brief!.loads[props.index]!);
const material = ref('');
const shownKey = computed(() => material.value || props.ranking.candidates[0]?.material || 'pla');
const materials = computed(() => [
  { value: '', label: `the first choice (${props.ranking.candidates[0]?.name ?? 'none'})` },
  ...props.ranking.candidates.map(c => ({ value: c.material, label: c.name })),
]);
const judged = computed(() =>
  asJudged(
    contextOf(draft.brief!, printer.value, weather.value),
    candidates.value.find(f => f.key === shownKey.value) ?? candidates.value[0]!,
    props.ranking.candidates.find(c => c.material === shownKey.value),
  ),
);
const family = computed(() => judged.value.family);
const service = computed(() => serviceLoads(draft.brief!)[props.index]!);
const assessed = computed(() => assess(judged.value.ctx, family.value).loads[props.index]!);
const bends = computed(() =>
  ['cantilever', 'simply-supported', 'fixed-fixed', 'deceleration'].includes(load.value.case),
);
const hasSection = computed(
  () =>
    load.value.lengthMm !== null &&
    load.value.heightMm !== null &&
    load.value.widthMm !== null &&
    load.value.case !== 'snap-fit' &&
    load.value.case !== 'drop',
);

/** Deflection at once, hot, and at the end of life, mm. */
const now = computed(() => assessed.value.deflectionMm);
const life = computed(() =>
  assessed.value.lifePct !== null && service.value.spanMm
    ? (assessed.value.lifePct * service.value.spanMm) / 100
    : null,
);
/** The deflection over the life on a logarithmic time axis, mm. */
const curve = computed(() => deflectionCurve(family.value, service.value, assessed.value.creepC));

const W = 400;
const H = 190;
const scale = computed(() =>
  Math.min(
    250 / (load.value.lengthMm ?? 1),
    90 / Math.max(load.value.heightMm ?? 1, 0.3 * (load.value.lengthMm ?? 1) * 0.3),
  ),
);
const x0 = 70;
const len = computed(() => (load.value.lengthMm ?? 0) * scale.value);
const thick = computed(() => Math.max(3, Math.min(90, (load.value.heightMm ?? 0) * scale.value)));
const y0 = 66;

/** The bent axis as a path, exaggerated so that it can be seen; the true figures stand beside it. */
function bent(mm: number | null): string {
  if (!mm) return '';
  const amplitude = Math.min(64, Math.max(4, mm * scale.value));
  const c = load.value.case;
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
  if (load.value.acrossLayers)
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
    x0 + (load.value.case === 'cantilever' || load.value.case === 'deceleration' ? len.value : len.value / 2),
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
  draft.set(`loads.${props.index}`, {
    ...load.value,
    [f.field]: v,
    ...(handle === 'force' ? { forceLowN: null } : {}),
  });
}
function grab(handle: Handle, e: PointerEvent): void {
  (e.target as Element).setPointerCapture(e.pointerId);
  dragging.value = {
    handle,
    from: handle === 'length' ? e.clientX : e.clientY,
    value: load.value[fields[handle].field] ?? 0,
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
  set(handle, (load.value[f.field] ?? 0) + by * f.step);
}
const curveMax = computed(() => Math.max(...curve.value.map(p => p.mm), 1e-9));
const curvePath = computed(() =>
  curve.value
    .map(
      (p, i) => `${i ? 'L' : 'M'}${(4 + i * 7).toFixed(1)} ${(76 - (68 * p.mm) / curveMax.value).toFixed(1)}`,
    )
    .join(' '),
);
const curveSpoken = computed(() => {
  const [from, to] = [curve.value[0], curve.value.at(-1)].map(p => sig(p?.mm ?? 0, 2));
  return `Deflection over the life, logarithmic time: from ${from} to ${to} mm`;
});
</script>

<template>
  <figure class="load-picture">
    <OptionSelect v-model="material" class="pick" label="Filament drawn" :options="materials" />
    <div class="row">
      <svg
        v-if="hasSection"
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
          <path
            :d="`M${x0} ${y0 + thick} l-9 15 h18 z M${x0 + len} ${y0 + thick} l-9 15 h18 z`"
            class="wall"
          />
        </template>
        <rect :x="x0" :y="y0" :width="len" :height="thick" class="member" />
        <path :d="lines" class="layers" />
        <path v-if="bends" :d="bent(life)" class="later" />
        <path v-if="bends" :d="bent(now)" class="now" />
        <g v-if="bends">
          <path :d="`M${forceX} ${y0 - 46} V${y0 - 6} m-5 -9 l5 9 l5 -9`" class="force" />
          <text :x="forceX + 9" :y="y0 - 32">{{ show(service.forceN, 'force') }}</text>
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
          <text :x="x0 + len + 50" :y="y0 + thick / 2 + 4">{{ show(service.forceN, 'force') }}</text>
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
      <div class="side">
        <dl>
          <template v-if="service.stressMPa !== null"
            ><dt>Stress</dt>
            <dd>{{ show(service.stressMPa, 'stress') }}</dd></template
          >
          <template v-if="service.printedWorking"
            ><dt>Printed, of solid</dt>
            <dd>
              {{ sig(100 * service.printed.strength, 2) }} % strong,
              {{ sig(100 * service.printed.stiffness, 2) }} % stiff
            </dd></template
          >
          <template v-if="assessed.clampLeft !== null"
            ><dt>Grip left at the end</dt>
            <dd>{{ sig(100 * assessed.clampLeft, 2) }} %</dd></template
          >
          <template v-if="now !== null"
            ><dt>Moves at once</dt>
            <dd>{{ show(now, 'length', 2) }}</dd></template
          >
          <template v-if="life !== null && service.kind === 'sustained'"
            ><dt>after its life</dt>
            <dd>{{ show(life, 'length', 2) }}</dd></template
          >
          <template v-if="service.strainPct !== null"
            ><dt>Strain at the root</dt>
            <dd>{{ sig(service.strainPct, 2) }} %</dd></template
          >
          <template v-if="service.severityKJm2 !== null"
            ><dt>At the weak section</dt>
            <dd>{{ sig(service.severityKJm2, 2) }} kJ/m²</dd></template
          >
          <template v-if="assessed.reserve !== null && Number.isFinite(assessed.reserve)"
            ><dt>Reserve, with safety</dt>
            <dd :class="assessed.reserve < 1 ? 'out' : ''">{{ sig(assessed.reserve, 2) }} ×</dd></template
          >
        </dl>
        <svg
          v-if="curve.length"
          viewBox="0 0 226 108"
          width="226"
          height="108"
          :aria-label="curveSpoken"
          role="img"
        >
          <line x1="4" x2="214" y1="76" y2="76" class="axis" />
          <path :d="curvePath" class="curve" />
          <text x="4" y="90" class="tick">6 min</text>
          <text x="214" y="90" text-anchor="end" class="tick">{{ sig(service.hours / 8760, 2) }} years</text>
          <text x="109" y="102" text-anchor="middle" class="tick">deflection, log time</text>
          <text x="4" y="12" class="tick">to {{ show(curveMax, 'length', 2) }}</text>
        </svg>
      </div>
    </div>
    <StrengthWaterfall
      v-if="assessed.strength"
      :family="family"
      :conditions="assessed.strength"
      :need-m-pa="
        (service.stressMPa ?? 0) *
        (ranking.candidates.length ? contextOf(draft.brief!, printer, weather).safety : 1)
      "
    />
    <SectionChoices v-if="hasSection && bends" :family="family" :load="load" />
  </figure>
</template>

<style scoped>
.load-picture {
  margin: 8px 0 4px;
}
.pick select {
  font: inherit;
  color: var(--ink);
  background: var(--panel);
  border: 1px solid var(--rule);
  border-radius: 3px;
}
.side {
  display: grid;
  gap: 10px;
}
.row {
  display: flex;
  margin-bottom: 10px;
  gap: 18px;
  flex-wrap: wrap;
  align-items: center;
}
.sketch {
  touch-action: none;
  max-width: 100%;
}
text {
  font:
    12px 'Atkinson Hyperlegible',
    system-ui,
    sans-serif;
  fill: var(--soft);
}
.tick {
  font-size: 11px;
}
.wall {
  fill: var(--rule-strong);
}
.member {
  fill: var(--s-impact);
  opacity: 0.45;
  stroke: var(--s-strength);
}
.layers {
  stroke: var(--s-strength);
  stroke-width: 0.6;
  opacity: 0.7;
  fill: none;
}
.now {
  stroke: var(--s-strength);
  stroke-width: 2;
  fill: none;
}
.later {
  stroke: var(--out);
  stroke-width: 2;
  fill: none;
  stroke-dasharray: 5 4;
}
.force {
  stroke: var(--ink);
  stroke-width: 2;
  fill: none;
}
.axis {
  stroke: var(--rule-strong);
}
.curve {
  stroke: var(--s-creep);
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
dl {
  display: grid;
  grid-template-columns: auto auto;
  gap: 2px 12px;
  margin: 0;
  font-size: 14px;
}
dt {
  color: var(--soft);
}
dd {
  margin: 0;
  font-weight: 700;
}
</style>
