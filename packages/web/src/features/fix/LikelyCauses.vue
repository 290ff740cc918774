<script setup lang="ts">
import { causes as knowledge, type Cause, type CauseDomain, type RankedCause } from '@hornblende/core/triage';
import { computed } from 'vue';

/** What it may be, the likeliest first: how likely, what speaks for it and against it, what helps. */
const props = defineProps<{ causes: readonly RankedCause[] }>();
/** Causes that are shown; the rest are too unlikely to be worth a look. */
const MOST_CAUSES_SHOWN = 6;
const LEAST_PROBABILITY_SHOWN = 0.02;
const shown = computed(() =>
  props.causes
    .slice(0, MOST_CAUSES_SHOWN)
    .filter((c, n) => n === 0 || c.probability >= LEAST_PROBABILITY_SHOWN),
);
const byId = new Map<string, Cause>(knowledge.map(c => [c.id, c]));
const domains: Record<CauseDomain, string> = {
  design: 'in the drawing',
  filament: 'in the filament',
  slicing: 'in the slicer',
  machine: 'at the machine',
  room: 'in the room',
};
const percent = (p: number): string => `${Math.round(100 * p)} %`;
</script>

<template>
  <ol class="causes">
    <li v-for="(c, n) in shown" :key="c.id" data-testid="likely-cause">
      <div class="head">
        <b>{{ c.label }}</b>
        <span class="soft small">{{ domains[c.domain] }}</span>
        <span class="p">{{ percent(c.probability) }}</span>
      </div>
      <div class="bar" aria-hidden="true"><span :style="{ width: `${100 * c.probability}%` }" /></div>
      <p v-if="c.for.length" class="small"><span class="fits">●</span> {{ c.for.slice(0, 4).join('; ') }}</p>
      <p v-if="c.against.length" class="small soft">○ {{ c.against.slice(0, 3).join('; ') }}</p>
      <ul v-if="n < 3" class="small" aria-label="What helps">
        <li v-for="r in byId.get(c.id)?.remedies ?? []" :key="r.how">
          {{ r.how }} <span class="soft">{{ domains[r.where] }}</span>
        </li>
      </ul>
      <p v-if="n < 3 && byId.get(c.id)?.caution" class="caution small">{{ byId.get(c.id)?.caution }}</p>
    </li>
  </ol>
</template>

<style scoped>
.causes {
  list-style: none;
  margin: 0;
  padding: 0;
}
.causes > li {
  border-top: 1px solid var(--rule);
  padding: 8px 0;
}
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
  align-items: baseline;
}
.p {
  margin-left: auto;
  font-variant-numeric: tabular-nums;
}
.bar {
  height: 3px;
  background: var(--rule);
  margin: 3px 0;
}
.bar span {
  display: block;
  height: 100%;
  background: var(--ink);
}
p,
ul {
  margin: 2px 0;
}
ul {
  padding-left: 18px;
}
.caution {
  border-left: 3px solid var(--marginal-fill);
  padding-left: 10px;
}
</style>
