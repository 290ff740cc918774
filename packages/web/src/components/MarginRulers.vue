<script setup lang="ts">
import { sig, type Ruler } from '@hornblende/core';
import { useElementSize } from '@vueuse/core';
import { computed, ref } from 'vue';
import { useUnits } from '../composables/useUnits';

const props = defineProps<{ rulers: Ruler[]; selected: string | null }>();
const emit = defineEmits<{ working: [ruler: Ruler, material: string] }>();
const ROW = 17;
/** Room at the right for a candidate's name. */
const NAMES = 96;
const wrap = ref<HTMLElement | null>(null);
const { width } = useElementSize(wrap);
const WIDTH = computed(() => Math.max(200, width.value - 142 - 104 - 24 - NAMES));

/**
 * Each ruler with its scale: from below the lowest to above the highest, the need always inside; wide spans
 * go logarithmic.
 */
const { convert } = useUnits();
/** A ruler in the reader's unit. */
function inUnits(r: Ruler): Ruler {
  const f = (v: number): number => convert(v, r.unit).value;
  return {
    ...r,
    unit: convert(0, r.unit).unit,
    need: f(r.need),
    bars: r.bars.map(b => ({ ...b, low: f(b.low), typical: f(b.typical), high: f(b.high) })),
  };
}
const drawn = computed(() =>
  props.rulers.map(inUnits).map(r => {
    const all = r.bars.flatMap(b => [b.low, b.high]).concat(r.need);
    const min = Math.min(...all);
    const max = Math.max(...all);
    const log = min > 0 && max / min > 30;
    const f = (v: number): number => (log ? Math.log10(v) : v);
    const pad = (f(max) - f(min) || 1) * 0.06;
    const a = log || min < 0 ? f(min) - pad : Math.max(0, f(min) - pad);
    const b = f(max) + pad * 2.2;
    const x = (v: number): number => ((f(v) - a) / (b - a)) * WIDTH.value;
    const ticks = niceTicks(log ? 10 ** a : a, log ? 10 ** b : b, log);
    return { ...r, x, ticks, log };
  }),
);

function niceTicks(a: number, b: number, log: boolean): number[] {
  if (log) {
    // Few decades want marks between them.
    const marks = Math.log10(b / a) < 2.2 ? [1, 2, 5] : [1];
    const out: number[] = [];
    for (let d = Math.floor(Math.log10(a)); d <= Math.log10(b); d++)
      for (const m of marks) {
        const v = m * 10 ** d;
        if (v >= a && v <= b) out.push(v);
      }
    return out;
  }
  const raw = (b - a) / 6;
  const mag = 10 ** Math.floor(Math.log10(raw));
  const step = [1, 2, 5, 10].map(k => k * mag).find(s => s >= raw) ?? raw;
  const out: number[] = [];
  for (let v = Math.ceil(a / step) * step; v <= b; v += step) out.push(Number(v.toPrecision(10)));
  return out;
}
const met = (r: Ruler, v: number): boolean => (r.better === 'more' ? v >= r.need : v <= r.need);
</script>

<template>
  <div ref="wrap" class="rulers">
    <div v-for="r in drawn" :key="r.id + r.unit" class="ruler" data-testid="ruler">
      <div class="what">
        <b>{{ r.label }}</b><span class="soft small">{{
          [r.unit, r.better === 'less' ? 'less is better' : '', r.log ? 'log scale' : '']
            .filter(Boolean)
            .join(', ')
        }}</span>
      </div>
      <svg
        :width="WIDTH + NAMES"
        :height="r.bars.length * ROW + 22"
        role="group"
        :aria-label="`${r.label}: ${r.bars.map(b => `${b.name} ${sig(b.typical, 2)}`).join(', ')}; need ${sig(r.need, 3)} ${r.unit}`"
      >
        <line x1="0" :x2="WIDTH" :y1="r.bars.length * ROW + 4" :y2="r.bars.length * ROW + 4" class="axis" />
        <g v-for="t in r.ticks" :key="t">
          <line
            :x1="r.x(t)"
            :x2="r.x(t)"
            :y1="r.bars.length * ROW + 4"
            :y2="r.bars.length * ROW + 8"
            class="axis"
          />
          <text :x="r.x(t)" :y="r.bars.length * ROW + 19" text-anchor="middle" class="tick">
            {{ sig(t, 3) }}
          </text>
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
          <path
            :d="
              met(r, b.typical)
                ? `M${r.x(b.typical)} ${i * ROW + 2.5} v11`
                : `M${r.x(b.typical) - 3.5} ${i * ROW + 4.5} l7 7 m0 -7 l-7 7`
            "
            :class="met(r, b.typical) ? 'at' : 'at miss'"
          />
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
            {{ b.name }} {{ sig(b.typical, 2) }}
          </text>
        </g>
        <line :x1="r.x(r.need)" :x2="r.x(r.need)" y1="0" :y2="r.bars.length * ROW + 4" class="need" />
      </svg>
      <div class="need-text">
        <span class="out">{{ sig(r.need, 3) }} {{ r.unit }}</span
        ><br /><span class="soft small">{{ r.needLabel }}</span>
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
.need-text {
  line-height: 1.3;
}
</style>
