<script setup lang="ts">
import { sig, HOURS_A_YEAR } from '@hornblende/core/lib';
import { computed } from 'vue';
import { useUnits } from '../../../ui/useUnits';

/** The deflection of a member over its life, mm, on a logarithmic time axis. */
const props = defineProps<{ curve: readonly { mm: number }[]; hours: number }>();
const { show } = useUnits();
const most = computed(() => Math.max(...props.curve.map(p => p.mm), 1e-9));
const path = computed(() =>
  props.curve
    .map((p, i) => `${i ? 'L' : 'M'}${(4 + i * 7).toFixed(1)} ${(76 - (68 * p.mm) / most.value).toFixed(1)}`)
    .join(' '),
);
const spoken = computed(() => {
  const [from, to] = [props.curve[0], props.curve.at(-1)].map(p => sig(p?.mm ?? 0, 2));
  return `Deflection over the life, logarithmic time: from ${from} to ${to} mm`;
});
</script>

<template>
  <svg viewBox="0 0 226 108" width="226" height="108" :aria-label="spoken" role="img">
    <line x1="4" x2="214" y1="76" y2="76" class="axis" />
    <path :d="path" class="curve" />
    <text x="4" y="90" class="tick">6 min</text>
    <text x="214" y="90" text-anchor="end" class="tick">{{ sig(hours / HOURS_A_YEAR, 2) }} years</text>
    <text x="109" y="102" text-anchor="middle" class="tick">deflection, log time</text>
    <text x="4" y="12" class="tick">to {{ show(most, 'length', 2) }}</text>
  </svg>
</template>

<style scoped>
.tick {
  font:
    11px 'Atkinson Hyperlegible',
    system-ui,
    sans-serif;
  fill: var(--soft);
}
.axis {
  stroke: var(--rule-strong);
}
.curve {
  stroke: var(--s-creep);
  stroke-width: 2;
  fill: none;
}
</style>
