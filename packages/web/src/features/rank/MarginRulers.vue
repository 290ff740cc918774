<script setup lang="ts">
import type { Ruler, RulerBar } from '@hornblende/core/advice';
import { sig } from '@hornblende/core/lib';
import { useElementSize } from '@vueuse/core';
import { computed, ref } from 'vue';
import { marginScale } from '../../charts/margin-scale';
import { useWorkshop } from '../../stores/workshop';
import { useUnits } from '../../ui/useUnits';

/** A ruler a requirement, in its own unit: the need as a line, each candidate a bar from low to high. */
const props = defineProps<{ rulers: Ruler[]; selected: string | null }>();
const emit = defineEmits<{ working: [ruler: Ruler, material: string] }>();
const { convert } = useUnits();
const workshop = useWorkshop();
const ROW = 17;
/** Room at the left for what a ruler is, at the right for a candidate's name, and beyond it for the need. */
const WHAT = 142;
const NAMES = 96;
const NEED = 104;
const GAPS = 24;
/** On a screen narrower than this, what a ruler is stands above it. */
const NARROW = 560;
const wrap = ref<HTMLElement | null>(null);
const { width } = useElementSize(wrap);
const narrow = computed(() => width.value > 0 && width.value < NARROW);
const scaleWidth = computed(() =>
  Math.max(140, width.value - NAMES - (narrow.value ? 0 : WHAT + NEED + GAPS)),
);

/** A ruler in the reader's unit; money in the workshop's currency. */
function inUnits(r: Ruler): Ruler {
  const f = (v: number): number => convert(v, r.unit).value;
  return {
    ...r,
    unit: r.id === 'cost' ? workshop.currency : convert(0, r.unit).unit,
    need: f(r.need),
    bars: r.bars.map(b => ({ ...b, need: f(b.need), low: f(b.low), typical: f(b.typical), high: f(b.high) })),
  };
}
const drawn = computed(() =>
  props.rulers.map(inUnits).map(r => {
    const values = [...r.bars.flatMap(b => [b.low, b.high, b.need]), r.need];
    return { ...r, ...marginScale(values, scaleWidth.value), foot: r.bars.length * ROW + 4 };
  }),
);
const met = (r: Ruler, b: RulerBar): boolean =>
  r.better === 'more' ? b.typical >= b.need : b.typical <= b.need;
/** Whether more is needed of one than of the first: what is black gets hotter in the sun. */
const ownNeed = (r: Ruler, b: RulerBar): boolean => Math.abs(b.need - r.need) > 1e-6 * Math.abs(r.need);
/** A typical value: a tick where it meets the need, a cross where it falls short. */
function mark(x: number, y: number, meets: boolean): string {
  return meets ? `M${x} ${y + 2.5} v11` : `M${x - 3.5} ${y + 4.5} l7 7 m0 -7 l-7 7`;
}
function spoken(r: Ruler): string {
  const bars = r.bars
    .map(b => `${b.name} ${sig(b.typical, 3)}${ownNeed(r, b) ? `, needs ${sig(b.need, 3)}` : ''}`)
    .join(', ');
  return `${r.label}: ${bars}; need ${sig(r.need, 3)} ${r.unit}`;
}
function about(r: (typeof drawn.value)[number]): string {
  return [r.unit, r.better === 'less' ? 'less is better' : '', r.log ? 'log scale' : '']
    .filter(Boolean)
    .join(', ');
}
</script>

<template>
  <div ref="wrap" class="rulers" :class="{ narrow }">
    <div v-for="r in drawn" :key="r.id + r.label" class="ruler" data-testid="ruler">
      <div class="what">
        <b>{{ r.label }}</b> <span class="soft small">{{ about(r) }}</span>
      </div>
      <svg :width="scaleWidth + NAMES" :height="r.foot + 18" role="group" :aria-label="spoken(r)">
        <line x1="0" :x2="scaleWidth" :y1="r.foot" :y2="r.foot" class="axis" />
        <g v-for="t in r.ticks" :key="t">
          <line :x1="r.x(t)" :x2="r.x(t)" :y1="r.foot" :y2="r.foot + 4" class="axis" />
          <text :x="r.x(t)" :y="r.foot + 15" text-anchor="middle" class="tick">{{ sig(t, 3) }}</text>
        </g>
        <g v-for="(b, i) in r.bars" :key="b.material">
          <rect
            :x="r.x(b.low)"
            :y="i * ROW + 5"
            :width="Math.max(3, r.x(b.high) - r.x(b.low))"
            height="6"
            rx="3"
            :class="b.material === selected ? 'bar chosen' : 'bar'"
          />
          <path :d="mark(r.x(b.typical), i * ROW, met(r, b))" :class="met(r, b) ? 'at' : 'at miss'" />
          <text
            :x="r.x(b.high) + 7"
            :y="i * ROW + 12"
            class="bar-name"
            :class="{ on: b.material === selected }"
            role="button"
            tabindex="0"
            :aria-label="`Working of ${r.label}, ${b.name}`"
            @click="emit('working', r, b.material)"
            @keydown.enter="emit('working', r, b.material)"
          >
            {{ b.name }} {{ sig(b.typical, 3) }}{{ ownNeed(r, b) ? `, needs ${sig(b.need, 3)}` : '' }}
          </text>
          <line
            v-if="ownNeed(r, b)"
            :x1="r.x(b.need)"
            :x2="r.x(b.need)"
            :y1="i * ROW"
            :y2="(i + 1) * ROW"
            class="need own"
          />
        </g>
        <line :x1="r.x(r.need)" :x2="r.x(r.need)" y1="0" :y2="r.foot" class="need" />
      </svg>
      <div class="need-text">
        <span class="out">{{ sig(r.need, 3) }} {{ r.unit }}</span>
        <span class="soft small">{{ r.needLabel }}</span>
      </div>
    </div>
  </div>
</template>

<style scoped>
.ruler {
  display: grid;
  grid-template-columns: 142px minmax(0, 1fr) 104px;
  gap: 12px;
  align-items: center;
  padding: 8px 0 5px;
  border-top: 1px solid var(--rule);
}
.what b {
  display: block;
  line-height: 1.25;
}
svg {
  display: block;
  overflow: visible;
}
.axis {
  stroke: var(--rule-strong);
}
.tick,
.bar-name {
  font:
    12px 'Atkinson Hyperlegible',
    system-ui,
    sans-serif;
  fill: var(--soft);
}
.bar-name {
  cursor: pointer;
}
.bar-name:hover {
  fill: var(--info);
}
.bar-name.on {
  fill: var(--ink);
  font-weight: 700;
}
.bar {
  fill: var(--s-impact);
}
.bar.chosen {
  fill: var(--s-strength);
}
.at {
  stroke: var(--ink);
  stroke-width: 1.8;
  fill: none;
}
.at.miss {
  stroke: var(--out);
}
.need {
  stroke: var(--out);
  stroke-width: 1.6;
}
.need.own {
  stroke-dasharray: 3 2;
}
.need-text {
  line-height: 1.3;
}
.need-text .soft {
  display: block;
}
.narrow .ruler {
  grid-template-columns: minmax(0, 1fr);
  gap: 4px;
}
.narrow .what b,
.narrow .need-text .soft {
  display: inline;
}
</style>
