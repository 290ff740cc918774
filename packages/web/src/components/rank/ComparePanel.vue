<script setup lang="ts">
import { compareTwo, sig, type Candidate } from '@hornblende/core';
import { computed, ref, watch } from 'vue';
import { useUnits } from '../../composables/useUnits';

/** Any two candidates, criterion by criterion: where each wins, and the trade in a sentence. */
const props = defineProps<{ candidates: Candidate[]; selected: string | null }>();
const { convert, say } = useUnits();
const a = ref('');
const b = ref('');
// The first against the one that is selected, or the second.
watch(
  () => [props.candidates, props.selected],
  () => {
    const keys = props.candidates.map(c => c.material);
    if (!keys.includes(a.value)) a.value = keys[0] ?? '';
    if (props.selected && props.selected !== a.value) b.value = props.selected;
    if (!keys.includes(b.value) || b.value === a.value) b.value = keys.find(k => k !== a.value) ?? '';
  },
  { immediate: true },
);
const of = (key: string): Candidate | undefined => props.candidates.find(c => c.material === key);
const comparison = computed(() => {
  const x = of(a.value);
  const y = of(b.value);
  return x && y && x !== y ? { x, y, ...compareTwo(x, y) } : null;
});
const widest = computed(() =>
  Math.max(0.001, ...(comparison.value?.criteria ?? []).map(c => Math.abs(c.worth))),
);
const shown = (v: number): string => (Number.isFinite(v) ? sig(v, 3) : 'no limit');
const HALF = 130;
</script>

<template>
  <div data-testid="compare-two">
    <p class="who">
      <select v-model="a" class="in-sentence" aria-label="First of the two">
        <option v-for="c in candidates" :key="c.material" :value="c.material">
          {{ c.name }}{{ c.status === 'out' ? ' (out)' : '' }}
        </option>
      </select>
      against
      <select v-model="b" class="in-sentence" aria-label="Second of the two">
        <option v-for="c in candidates" :key="c.material" :value="c.material">
          {{ c.name }}{{ c.status === 'out' ? ' (out)' : '' }}
        </option>
      </select>
    </p>
    <p v-if="!comparison" class="soft">Choose two different filaments.</p>
    <template v-else>
      <p>{{ say(comparison.sentence) }}</p>
      <table class="plain">
        <thead>
          <tr>
            <th>Criterion</th>
            <th class="n">{{ comparison.x.name }}</th>
            <th class="n">{{ comparison.y.name }}</th>
            <th class="mid">worth in the score</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="c in comparison.criteria" :key="c.id">
            <th scope="row">
              {{ c.label }} <span class="soft small">weighs {{ sig(c.weight, 2) }}</span>
            </th>
            <td class="n" :class="{ win: c.winner === 'a' }">
              {{ shown(convert(c.a, c.unit).value) }}
              <span class="soft small">{{ convert(c.a, c.unit).unit }}</span>
            </td>
            <td class="n" :class="{ win: c.winner === 'b' }">
              {{ shown(convert(c.b, c.unit).value) }}
              <span class="soft small">{{ convert(c.b, c.unit).unit }}</span>
            </td>
            <td class="mid">
              <svg :viewBox="`0 0 ${HALF * 2} 16`" :width="HALF * 2" height="16" aria-hidden="true">
                <line :x1="HALF" :x2="HALF" y1="0" y2="16" class="axis" />
                <rect
                  :x="c.worth > 0 ? HALF - (HALF * c.worth) / widest : HALF"
                  y="3"
                  :width="(HALF * Math.abs(c.worth)) / widest"
                  height="10"
                  :fill="`var(--s-${c.id})`"
                /></svg
              ><span class="small worth"
                >{{ c.worth > 0 ? '◂ ' : '' }}{{ Math.abs(c.worth).toFixed(3)
                }}{{ c.worth < 0 ? ' ▸' : '' }}</span
              >
            </td>
          </tr>
        </tbody>
      </table>
    </template>
  </div>
</template>

<style scoped>
th,
td {
  padding: 3px 16px 3px 0 !important;
  border-bottom: 1px solid var(--rule);
  vertical-align: middle !important;
}
tbody th {
  font-weight: 400;
  text-align: left;
  color: var(--ink);
  font-size: 14px !important;
  white-space: nowrap;
}
.n {
  text-align: right !important;
  white-space: nowrap;
}
.win {
  font-weight: 700;
}
.mid {
  white-space: nowrap;
}
svg {
  vertical-align: middle;
  max-width: 70%;
}
.axis {
  stroke: var(--rule-strong);
}
.worth {
  margin-left: 8px;
}
table tbody th {
  border-bottom-color: var(--rule);
}
</style>
