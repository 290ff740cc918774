<script setup lang="ts">
import { scoreShown } from '@hornblende/core/score';
import type { CriterionId } from '@hornblende/core/lib';
import type { Candidate, Criterion } from '@hornblende/core/score';
import { computed } from 'vue';
import { useUnits } from '../../ui/useUnits';
import { failedLayer } from './failed-layer';
import { shortGateLabel } from './gate-label';

/**
 * The rest of a long ranking as slivers: those in the running whole, those out cracked at the gate that
 * failed. Rows wrap where there are many.
 */
const props = defineProps<{
  running: Candidate[];
  out: Candidate[];
  layers: { id: CriterionId; weight: number }[];
  width: number;
  selected: string | null;
}>();
const emit = defineEmits<{ select: [material: string] }>();
const { say } = useUnits();
const SLAB = 56;
const NAMES = 86;
const HEAD = 22;
const GAP = 26;

const NARROWEST = 11;
const WIDEST = 24;

const count = computed(() => props.running.length + props.out.length);
/** Rows are filled alike: none is left with a sliver or two. */
const perRow = computed(() => {
  const most = Math.max(8, Math.floor((props.width - GAP) / NARROWEST));
  return Math.ceil(count.value / Math.max(1, Math.ceil(count.value / most)));
});
const pitch = computed(() =>
  Math.max(NARROWEST, Math.min(WIDEST, (props.width - GAP) / Math.max(1, perRow.value))),
);
const bar = computed(() => pitch.value - 3.5);
const total = computed(() => props.layers.reduce((s, l) => s + l.weight, 0) || 1);
const bands = computed(() => {
  let y = 0;
  return props.layers.map(l => {
    const h = (SLAB * l.weight) / total.value;
    const band = { id: l.id, y, h };
    y += h;
    return band;
  });
});
/** Where each stands: those out begin after a gap. */
const placed = computed(() => {
  const list = [
    ...props.running.map(c => ({ c, cracked: false })),
    ...props.out.map(c => ({ c, cracked: true })),
  ];
  return list.map(({ c, cracked }, i) => {
    const gate = cracked ? (c.gates.find(g => g.verdict === 'fail') ?? null) : null;
    const band = gate ? bands.value.find(b => b.id === failedLayer(gate.id)) : undefined;
    return {
      c,
      gate,
      crack: cracked ? Math.max(10, Math.min(SLAB - 10, band ? band.y + band.h / 2 : 12)) : null,
      x: (i % perRow.value) * pitch.value + (cracked && i < perRow.value && props.running.length ? GAP : 0),
      row: Math.floor(i / perRow.value),
    };
  });
});
const rows = computed(() => (placed.value.at(-1)?.row ?? 0) + 1);
const height = computed(() => rows.value * (HEAD + SLAB + NAMES));
const top = (row: number): number => row * (HEAD + SLAB + NAMES) + HEAD;
const of = (c: Candidate, id: CriterionId): Criterion | undefined => c.criteria.find(k => k.id === id);
function broken(x: number, y: number, crack: number): string {
  const w = bar.value;
  return (
    `M${x} ${y} h${w} V${y + crack - 3} l${-w / 2} 5 l${-w / 2} -5 Z M${x} ${y + crack + 3} l${w / 2} ` +
    `5 l${w / 2} -5 V${y + SLAB} H${x} Z`
  );
}
const short = (name: string): string => (name.length > 12 ? `${name.slice(0, 11)}…` : name);
const outX = computed(() => placed.value.find(p => p.crack !== null)?.x ?? 0);
/** Where the words over those out begin: beside the words over the others. */
const outHeadX = computed(() => {
  const isClear = props.running.length > 9 || !props.running.length;
  return isClear ? outX.value : Math.max(outX.value, 150);
});
/** Room that the whole sentence takes. */
const SENTENCE = 250;
const outWords = computed(
  () =>
    `○ ${props.out.length} out` +
    (props.width - outHeadX.value < SENTENCE ? '' : ', cracked at the gate that failed'),
);
</script>

<template>
  <svg :width="width" :height="height" role="img" aria-label="The rest of the ranking">
    <text v-if="running.length" x="0" y="14" class="head">the rest of the running</text>
    <text v-if="out.length" :x="outHeadX" y="14" class="head out-head">{{ outWords }}</text>
    <g
      v-for="p in placed"
      :key="p.c.material"
      class="sliver"
      :data-testid="p.crack === null ? 'column' : 'out-column'"
      :data-material="p.c.material"
      @click="emit('select', p.c.material)"
    >
      <title>
        {{ p.c.name }}, {{ scoreShown(p.c).toFixed(2) }}{{ p.gate ? `: ${say(p.gate.why)}` : '' }}
      </title>
      <rect :x="p.x - 2" :y="top(p.row) - 2" :width="pitch" :height="SLAB + NAMES" fill="transparent" />
      <path v-if="p.crack !== null" :d="broken(p.x, top(p.row), p.crack)" class="well" />
      <rect v-else :x="p.x" :y="top(p.row)" :width="bar" :height="SLAB" class="well" />
      <clipPath v-if="p.crack !== null" :id="`sliver-${p.c.material}`">
        <path :d="broken(p.x, top(p.row), p.crack)" />
      </clipPath>
      <g
        :clip-path="p.crack !== null ? `url(#sliver-${p.c.material})` : undefined"
        :class="{ faded: p.crack !== null }"
      >
        <rect
          v-for="b in bands"
          :key="b.id"
          :x="p.x"
          :y="top(p.row) + b.y"
          :width="bar * (of(p.c, b.id)?.desirability ?? 0)"
          :height="Math.max(1, b.h - 0.8)"
          :fill="`var(--s-${b.id})`"
        />
      </g>
      <rect
        v-if="p.c.material === selected"
        :x="p.x - 2.5"
        :y="top(p.row) - 3"
        :width="bar + 5"
        :height="SLAB + 6"
        class="chosen"
      />
      <text
        :transform="`translate(${p.x + bar / 2 + 4} ${top(p.row) + SLAB + 6}) rotate(-90)`"
        text-anchor="end"
        class="name"
        :class="{ quiet: p.crack !== null, on: p.c.material === selected }"
      >
        {{ short(p.c.name) }}{{ p.gate ? '' : p.c.status === 'marginal' ? ' ◐' : ' ●' }}
      </text>
    </g>
    <text
      v-if="placed.some(p => p.c.material === selected && p.gate)"
      :x="width"
      y="14"
      text-anchor="end"
      class="head"
    >
      {{ placed.find(p => p.c.material === selected)?.c.name }}:
      {{ shortGateLabel(placed.find(p => p.c.material === selected)!.gate!.id) }}
    </text>
  </svg>
</template>

<style scoped>
svg {
  display: block;
}
text {
  font:
    11px 'Atkinson Hyperlegible',
    system-ui,
    sans-serif;
  fill: var(--ink);
}
.head {
  font-size: 12.5px;
  fill: var(--soft);
}
.out-head {
  fill: var(--out);
}
.well {
  fill: var(--well);
}
.faded {
  opacity: 0.4;
}
.sliver {
  cursor: pointer;
}
.sliver:hover .faded {
  opacity: 0.8;
}
.sliver:hover .name {
  fill: var(--info);
}
.name.quiet {
  fill: var(--soft);
}
.name.on {
  font-weight: 700;
  fill: var(--ink);
}
.chosen {
  fill: none;
  stroke: var(--deep);
  stroke-width: 1.6;
  pointer-events: none;
}
</style>
