<script setup lang="ts">
import { sig } from '@hornblende/core/lib';
import type { Family } from '@hornblende/core/materials';
import { proposedStrength } from '@hornblende/core/workshop';
import { computed, onMounted } from 'vue';
import { useLibrary } from '../../stores/library';
import { useWorking } from '../../stores/working';
import { useWorkshop } from '../../stores/workshop';
import { Button } from '../../ui/kit';
import { useFeedback } from '../../ui/useFeedback';

/** How strong a family was measured to be by grades of several makers, and whether it is judged so here. */
const props = defineProps<{ family: Family }>();
const library = useLibrary();
const workshop = useWorkshop();
const working = useWorking();
const { attempt } = useFeedback();
onMounted(() => void workshop.load().catch(() => undefined));

const scales = computed(() => workshop.settings.scales);
const accepted = computed(() => scales.value.strengths.find(s => s.family === props.family.key) ?? null);
const proposed = computed(() =>
  proposedStrength(
    props.family,
    [...library.grades.values()].map(g => g.grade),
  ),
);
const percent = (factor: number): string => {
  const off = Math.round(100 * Math.abs(factor - 1));
  return `${off} in 100 ${factor < 1 ? 'weaker' : 'stronger'}`;
};
const isNew = computed(() => proposed.value && proposed.value.factor !== accepted.value?.factor);
const others = computed(() => scales.value.strengths.filter(s => s.family !== props.family.key));
function put(factor: number | null): Promise<unknown> {
  const own = factor === null ? [] : [{ family: props.family.key, factor }];
  return attempt(() => workshop.set({ scales: { ...scales.value, strengths: [...others.value, ...own] } }));
}
function show(): void {
  const inputs = { ...proposed.value!.inputs };
  working.show({ title: `Strength of ${props.family.name}`, refs: [{ model: 'makers.shrink', inputs }] });
}
</script>

<template>
  <section v-if="proposed || accepted" class="measured" data-testid="measured-strength">
    <p v-if="proposed">
      By the grades of it that were measured here (<template v-for="(g, i) in proposed.grades" :key="g.key"
        ><template v-if="i">, </template
        ><RouterLink :to="`/library/${g.key}`">{{ g.name }}</RouterLink></template
      >) {{ family.name }} is about {{ percent(proposed.factor) }} than the library says: strength ×
      <Button type="link" size="small" @click="show">{{ sig(proposed.factor, 2) }}</Button>
      <span class="soft small">({{ sig(proposed.low, 2) }} to {{ sig(proposed.high, 2) }})</span>.
      <Button v-if="isNew" size="small" @click="put(proposed.factor)">Judge {{ family.name }} so here</Button>
    </p>
    <p v-if="accepted">
      In this workshop {{ family.name }} counts as {{ percent(accepted.factor) }} than the library says, in
      every ranking; a grade that was measured keeps its own figure.
      <Button type="text" size="small" @click="put(null)">Take it back</Button>
    </p>
  </section>
</template>

<style scoped>
.measured p {
  margin: 6px 0;
}
</style>
