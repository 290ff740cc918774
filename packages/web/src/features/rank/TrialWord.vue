<script setup lang="ts">
import { gradesEffect } from '@hornblende/core/advice';
import { gateLabel, type Ranking } from '@hornblende/core/score';
import { computed, onMounted } from 'vue';
import { useLibrary } from '../../stores/library';
import { useTrials } from '../../stores/trials';
import { useDraft } from '../part/draft';
import { useRanking } from '../part/useRanking';
import { useTrial } from '../trial/useTrial';

/** What the part's trial says beside the ranking, and what it measured changed in it. Nothing without a trial. */
const props = defineProps<{ ranking: Ranking }>();
const draft = useDraft();
const trials = useTrials();
const library = useLibrary();
const { candidates, printer, weather } = useRanking();
const { trial, answer, nameOf } = useTrial();
onMounted(() => void trials.load().catch(() => undefined));
const read = computed(() => trial.value?.entrants.some(e => e.readings.length) ?? false);
const leads = computed(() => trial.value?.decided?.first ?? answer.value?.firstChoice ?? null);
const out = computed(() => (trial.value?.entrants ?? []).filter(e => e.eliminated !== null));
const verdict = computed(() => {
  if (!leads.value) return 'has put out everything';
  const standing = props.ranking.candidates.find(c => c.material === leads.value);
  const failed = (standing?.gates ?? []).filter(g => g.verdict === 'fail');
  const deed = trial.value?.decided ? 'decided for' : 'so far is led by';
  const agrees = leads.value === props.ranking.firstChoice;
  if (failed.length)
    return (
      `${deed} ${nameOf(leads.value)}, which is out here by what it does not measure: ` +
      failed.map(g => gateLabel(g.id).toLowerCase()).join(', ')
    );
  return `${deed} ${nameOf(leads.value)}${agrees ? ', as this ranking does' : ''}`;
});
const effect = computed(() => {
  if (!draft.brief || !trial.value) return [];
  const grades = trial.value.entrants.flatMap(e => library.grades.get(e.material)?.grade ?? []);
  return gradesEffect(draft.brief, grades, {
    printer: printer.value,
    weather: weather.value,
    families: candidates.value,
  });
});
</script>

<template>
  <p v-if="trial && read" class="word small" data-testid="trial-word">
    The <RouterLink :to="`/parts/${draft.id}/trial`">trial “{{ trial.name }}”</RouterLink> {{ verdict
    }}<template v-if="out.length">; it put out {{ out.map(e => nameOf(e.material)).join(', ') }}</template
    >. <template v-if="effect.length">By what it measured: {{ effect.join(' ') }}</template>
  </p>
</template>

<style scoped>
.word {
  margin: 2px 0 8px;
}
</style>
