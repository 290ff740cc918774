<script setup lang="ts">
import type { TrialCriterion } from '@hornblende/core/formats';
import { benchCriteria, wantedWords } from '@hornblende/core/trials';
import { Button } from '../../ui/kit';
import { computed } from 'vue';
import CheckList from '../../ui/CheckList.vue';
import OwnCriterion from './OwnCriterion.vue';
import WantedOf from './WantedOf.vue';
import type { TrialPlan, Wanted } from './useTrialPlan';

/** The second step of a trial: what is read, what is wanted of it, and how it is read. */
const props = defineProps<{ plan: TrialPlan }>();
const measured = computed({
  get: () => props.plan.measured.value,
  set: value => props.plan.put({ measured: value }),
});
const form = computed(() => props.plan.kept.form.value);
const options = benchCriteria.map(c => ({
  value: c.id,
  label: c.unit ? `${c.label}, ${c.unit}` : c.label,
}));
const rows = computed(() =>
  props.plan.criteria.value.flatMap(criterion => {
    const bench = benchCriteria.find(c => c.id === criterion.id);
    return bench ? [{ criterion, how: bench.how, minutes: bench.minutes }] : [];
  }),
);
function want(id: string, wanted: Wanted | null): void {
  const { [id]: _, ...rest } = form.value.wanted;
  props.plan.put({ wanted: wanted ? { ...rest, [id]: wanted } : rest });
}
const own = computed(() => form.value.own);
const setOwn = (list: TrialCriterion[]): void => props.plan.put({ own: list });
const titled = (c: TrialCriterion): string => (c.unit ? `${c.label}, ${c.unit}` : c.label);
</script>

<template>
  <div class="wanted">
    <CheckList v-model="measured" label="Measured" :options="options" />
    <ul class="rows" data-testid="plan-wanted">
      <li v-for="r in rows" :key="r.criterion.id">
        <div class="what">
          <b>{{ titled(r.criterion) }}</b>
          <span class="soft small">{{ r.how }} About {{ r.minutes }} min a reading.</span>
        </div>
        <WantedOf
          :criterion="r.criterion"
          :as-brief="plan.asBrief(r.criterion.id)"
          :said="form.wanted[r.criterion.id] ?? null"
          @want="w => want(r.criterion.id, w)"
        />
      </li>
    </ul>
    <OwnCriterion :taken="own.map(c => c.id)" @add="c => setOwn([...own, c])" />
    <ul v-if="own.length" class="own small">
      <li v-for="c in own" :key="c.id">
        <b>{{ titled(c) }}</b>: {{ wantedWords(c) }}.
        <Button type="text" size="small" @click="setOwn(own.filter(o => o !== c))">Leave it out</Button>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.wanted {
  display: grid;
  gap: 14px;
}
.rows {
  list-style: none;
  margin: 0;
  padding: 0;
}
.rows li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(280px, 360px);
  gap: 4px 18px;
  border-top: 1px solid var(--rule);
  padding: 8px 0;
  align-items: start;
}
.what {
  display: grid;
}
.own {
  margin: 0;
  padding-left: 18px;
}
@media (max-width: 760px) {
  .rows li {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
