<script setup lang="ts">
import { sig } from '@hornblende/core/lib';
import { criterionLabels, scoreShown } from '@hornblende/core/score';
import { WORTH_A_READING, type Belief, type TrialStanding } from '@hornblende/core/trials';
import { computed } from 'vue';
import StatusMark from '../../ui/StatusMark.vue';
import type { LiveTrial } from './useTrial';

/** The answer of a trial: the brief's own ranking of its filaments, with what was measured in the library's place. */
const props = defineProps<{ live: LiveTrial }>();
const found = computed(() => props.live.inRanking.value);
const name = (material: string): string => props.live.nameOf(material);
const labelOf = (criterion: string): string =>
  props.live.trial.value?.criteria.find(c => c.id === criterion)?.label.toLowerCase() ?? criterion;
const unitOf = (criterion: string): string =>
  props.live.trial.value?.criteria.find(c => c.id === criterion)?.unit ?? '';

const otherwise = computed(() => {
  const { byModels, firstChoice } = found.value ?? {};
  return byModels && firstChoice && byModels !== firstChoice
    ? `By the library alone it would have been ${name(byModels)}.`
    : 'The library alone says the same.';
});
/** Why a filament is out: what the trial found, or else the gate of the brief that it fails. */
function whyOut({ outOfTrial, candidate }: TrialStanding): string {
  return outOfTrial ?? candidate.gates.find(g => g.verdict === 'fail')?.why ?? '';
}
const listed = (ids: readonly (keyof typeof criterionLabels)[]): string =>
  ids.map(id => criterionLabels[id].label.toLowerCase()).join(', ');
const shares = computed(() => {
  const { settled, toModels } = found.value ?? { settled: [], toModels: [] };
  return [
    settled.length
      ? `Readings decide ${listed(settled)}.`
      : 'No reading decides anything that the brief weighs yet.',
    toModels.length ? `The models decide ${listed(toModels)}.` : '',
  ].join(' ');
});
function moved({ material, criterion, readings, typical, mean, sd }: Belief): string {
  const unit = unitOf(criterion);
  const of = `${sig(mean, 3)} ± ${sig(2 * sd, 2)}${unit && ` ${unit}`}`;
  const times = readings === 1 ? 'one reading makes' : `${readings} readings make`;
  const before = typical === null ? 'the library has nothing' : `the library says ${sig(typical, 3)}`;
  return `${name(material)}, ${labelOf(criterion)}: ${before}, ${times} it ${of}.`;
}
const next = computed(() => {
  const [best] = props.live.worth.value;
  if (!best) return '';
  if (best.gain < WORTH_A_READING)
    return 'No further reading that the ranking heeds is expected to change the answer: you may stop.';
  return (
    `Most worth reading next: ${labelOf(best.criterion)} of ${name(best.material)}, about ${best.minutes} min; ` +
    'it may change the first choice.'
  );
});
</script>

<template>
  <section v-if="found" data-testid="trial-in-ranking" aria-label="For this part">
    <p v-if="found.firstChoice" class="lead">
      <b>{{ name(found.firstChoice) }}</b> comes first for this part, as the brief ranks them with what was
      measured here.
    </p>
    <p v-else class="lead">None of these does what the brief asks.</p>
    <p class="small soft">{{ otherwise }} {{ shares }}</p>
    <ol>
      <li v-for="s in found.standings" :key="s.material" data-testid="trial-standing">
        <span class="place">{{ s.rank ?? '' }}</span>
        <b>{{ name(s.material) }}</b>
        <StatusMark :status="s.rank === null ? 'out' : s.candidate.status" />
        <span v-if="s.rank !== null" class="soft small">{{ scoreShown(s.candidate).toFixed(2) }}</span>
        <span v-else class="small why">{{ whyOut(s) }}</span>
      </li>
    </ol>
    <p v-if="next" class="small" data-testid="trial-next">{{ next }}</p>
    <details v-if="found.beliefs.length" class="small">
      <summary>What the readings moved</summary>
      <ul>
        <li v-for="b in found.beliefs" :key="`${b.material} ${b.criterion}`">{{ moved(b) }}</li>
      </ul>
    </details>
  </section>
</template>

<style scoped>
.lead {
  font-size: 18px;
  margin: 0 0 4px;
}
ol {
  list-style: none;
  margin: 8px 0;
  padding: 0;
}
ol li {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
  align-items: baseline;
  border-top: 1px solid var(--rule);
  padding: 5px 0;
}
.place {
  min-width: 1ch;
}
.why {
  flex-basis: 100%;
  padding-left: 22px;
}
summary {
  cursor: pointer;
}
</style>
