<script setup lang="ts">
import type { Trial } from '@hornblende/core/formats';
import type { TrialCompareResult, TrialMean } from '@hornblende/core/trials';
import { computed } from 'vue';

/** Every criterion as a ruler in its own unit: means, and what 95 in 100 such intervals would hold. */
const props = defineProps<{ trial: Trial; answer: TrialCompareResult; nameOf: (key: string) => string }>();
interface Row {
  key: string;
  mean: TrialMean;
  left: number;
  width: number;
  dot: number;
}
const rulers = computed(() =>
  props.trial.criteria.flatMap(c => {
    const read = props.answer.ranking.flatMap(p =>
      p.means[c.id] ? [{ key: p.key, mean: p.means[c.id]! }] : [],
    );
    if (!read.length) return [];
    const ends = read.flatMap(({ mean: m }) => [m.low ?? m.mean, m.high ?? m.mean, m.mean]);
    if (c.limit !== null) ends.push(c.limit);
    const from = Math.min(...ends);
    const span = Math.max(...ends) - from || Math.abs(from) || 1;
    const at = (x: number): number => (100 * (x - from)) / span;
    const rows: Row[] = read.map(({ key, mean }) => {
      const left = at(mean.low ?? mean.mean);
      return { key, mean, left, width: at(mean.high ?? mean.mean) - left, dot: at(mean.mean) };
    });
    return [{ ...c, rows, limitAt: c.limit === null ? null : at(c.limit) }];
  }),
);
const figure = (x: number): string => String(Number(x.toPrecision(3)));
const words = (m: TrialMean): string =>
  m.low === null
    ? `${figure(m.mean)}, one reading`
    : `${figure(m.mean)} (${figure(m.low)} to ${figure(m.high!)}), ${m.n}`;
</script>

<template>
  <div class="rulers" data-testid="trial-intervals">
    <section v-for="r in rulers" :key="r.id" :aria-label="r.label">
      <h2>{{ r.label }}{{ r.unit ? `, ${r.unit}` : '' }}</h2>
      <ul>
        <li v-for="row in r.rows" :key="row.key">
          <span class="who">{{ nameOf(row.key) }}</span>
          <span class="ruler" aria-hidden="true">
            <span class="range" :style="{ left: `${row.left}%`, width: `${row.width}%` }"></span>
            <span class="dot" :style="{ left: `${row.dot}%` }"></span>
            <span v-if="r.limitAt !== null" class="limit" :style="{ left: `${r.limitAt}%` }"></span>
          </span>
          <span class="small">{{ words(row.mean) }}</span>
        </li>
      </ul>
      <p v-if="r.limit !== null" class="soft small">
        The line: {{ r.lessIsBetter ? 'no more than' : 'at least' }} {{ r.limit }} {{ r.unit }}.
      </p>
    </section>
  </div>
</template>

<style scoped>
.rulers {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(360px, 1fr));
  gap: 4px 40px;
  margin-top: 18px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 120px minmax(60px, 1fr) 150px;
  gap: 12px;
  align-items: center;
  padding: 2px 0;
}
.ruler {
  position: relative;
  height: 14px;
  border-bottom: 1px solid var(--rule-strong);
}
.range {
  position: absolute;
  top: 4px;
  height: 6px;
  min-width: 1px;
  background: var(--fits);
  opacity: 0.45;
}
.dot {
  position: absolute;
  top: 2px;
  width: 3px;
  height: 10px;
  margin-left: -1px;
  background: var(--ink);
}
.limit {
  position: absolute;
  top: 0;
  height: 14px;
  border-left: 2px dashed var(--out);
}
p {
  margin: 2px 0 0;
}
@media (max-width: 640px) {
  .rulers {
    grid-template-columns: minmax(0, 1fr);
  }
  li {
    grid-template-columns: 90px minmax(40px, 1fr);
  }
  li > .small {
    grid-column: 1 / -1;
  }
}
</style>
