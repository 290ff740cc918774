<script setup lang="ts">
import type { TrialEntrant } from '@hornblende/core/formats';
import {
  gradeByTrial,
  PUT_OUT,
  TO_LOSE,
  trialCorrections,
  trialDifferences,
  type TrialPlace,
} from '@hornblende/core/trials';
import { Button } from '../../ui/kit';
import { computed, nextTick, ref } from 'vue';
import { useLibrary } from '../../stores/library';
import { useWorking } from '../../stores/working';
import OptionSelect from '../../ui/OptionSelect.vue';
import TextField from '../../ui/TextField.vue';
import WorkingNumber from '../../ui/WorkingNumber.vue';
import { useFeedback } from '../../ui/useFeedback';
import { useDecisionReason } from '../part/useDecisionReason';
import { useRanking } from '../part/useRanking';
import EntrantWords from './EntrantWords.vue';
import TrialAside from './TrialAside.vue';
import TrialInRanking from './TrialInRanking.vue';
import TrialIntervals from './TrialIntervals.vue';
import { answerWorking, inDraws } from './answer-words';
import type { LiveTrial } from './useTrial';
import { dayText } from '../../ui/day-text';

/** What a trial says: who leads and how surely, who is put out and why, what it came to, what the library learns. */
const props = defineProps<{ live: LiveTrial }>();
const library = useLibrary();
const working = useWorking();
const { ranking } = useRanking();
const { attempt } = useFeedback();
const trial = computed(() => props.live.asked.value!);
const answer = computed(() => props.live.answer.value!);
/** What was brought to how the others were printed, in sentences. */
const corrected = computed(() =>
  trialCorrections(trial.value).map(
    c => `${props.live.nameOf(c.material)}, ${labelOf(c.criterion)}: ${c.why}.`,
  ),
);
const differences = computed(() =>
  trialDifferences(trial.value).map(d => `${props.live.nameOf(d.material)}: ${d.words}`),
);
const entrantOf = (key: string): TrialEntrant => trial.value.entrants.find(e => e.material === key)!;
const labelOf = (id: string): string =>
  trial.value.criteria.find(c => c.id === id)?.label.toLowerCase() ?? id;

/** More prints than anybody makes for one figure. */
const MOST_REPLICATES_ADVISED = 20;

/** The filament that is being put out. */
const leaving = ref<string | null>(null);
function putOut(key: string, eliminated: string): void {
  props.live.changeEntrant(key, { eliminated });
  leaving.value = null;
}

const first = ref('');
const second = ref('');
const reason = ref('');
const partReason = useDecisionReason();
/** What is offered to decide: by the brief’s ranking where it could be worked out. */
const best = computed(() => props.live.inRanking.value ?? answer.value);
const firstPicked = computed({
  get: () => first.value || (best.value.firstChoice ?? ''),
  set: v => (first.value = v),
});
const secondPicked = computed({
  get: () => second.value || (best.value.secondChoice ?? ''),
  set: v => (second.value = v),
});
const names = computed(() =>
  answer.value.ranking
    .filter(p => !entrantOf(p.key).baseline)
    .map(p => ({ value: p.key, label: props.live.nameOf(p.key) })),
);
function decide(): void {
  props.live.change({
    decided: {
      first: firstPicked.value,
      second: secondPicked.value === firstPicked.value ? null : secondPicked.value || null,
      reason: reason.value.trim(),
      at: new Date().toISOString(),
    },
  });
}

/** What the library learnt, and what that changed. */
const learnt = ref('');
async function teach(p: TrialPlace): Promise<void> {
  const family = library.find(p.key);
  if (!family) return;
  const stored = library.grades.get(p.key);
  const grade = gradeByTrial(trial.value, entrantOf(p.key), family, stored?.grade ?? null);
  if (!grade) return;
  const known = library.grades.get(grade.key);
  const before = ranking.value?.firstChoice ?? null;
  const done = await attempt(() => library.save(grade, known?.revision ?? null));
  if (!done) return;
  await nextTick();
  const after = ranking.value?.firstChoice ?? null;
  const name = (key: string | null): string => (key ? props.live.nameOf(key) : 'nothing');
  learnt.value =
    `${grade.name} has what was measured in the library now. ` +
    (before === after
      ? `The first choice for this part stays ${name(after)}.`
      : `The first choice for this part is ${name(after)} now, no longer ${name(before)}.`);
}
const canTeach = (p: TrialPlace): boolean => {
  const family = library.find(p.key);
  return !!family && gradeByTrial(trial.value, entrantOf(p.key), family, null) !== null;
};
function open(): void {
  working.show(answerWorking(trial.value));
}
</script>

<template>
  <div class="answer" data-testid="trial-answer">
    <TrialInRanking :live="live" />
    <TrialAside :live="live" />
    <h2>By the readings alone</h2>
    <p v-if="answer.firstChoice" class="lead">
      <b>{{ live.nameOf(answer.firstChoice) }}</b> leads: the best by the weights
      <WorkingNumber @click="open">{{
        inDraws(answer.pBest[answer.firstChoice] ?? 0)
      }}</WorkingNumber><template v-if="answer.secondChoice"
        >, before {{ live.nameOf(answer.secondChoice) }}</template
      >.
    </p>
    <p v-else class="lead">Nothing is left in the running.</p>
    <ul v-if="answer.ties.length" class="marginal small" data-testid="trial-ties">
      <li v-for="t in answer.ties" :key="t.criterion">
        {{ live.nameOf(t.a) }} and {{ live.nameOf(t.b) }} are not told apart in {{ labelOf(t.criterion) }}:
        {{
          t.moreEach > MOST_REPLICATES_ADVISED
            ? 'they may as well be the same there.'
            : `${t.moreEach} more of each would tell.`
        }}
      </li>
    </ul>
    <ol class="places">
      <li v-for="p in answer.ranking" :key="p.key" data-testid="trial-place">
        <div class="name">
          <b>{{ p.rank ?? '○' }} {{ live.nameOf(p.key) }}</b>
          <span class="soft small"
            >{{ p.score.toFixed(2) }}, best {{ inDraws(answer.pBest[p.key] ?? 0) }}</span
          >
        </div>
        <p v-if="entrantOf(p.key).eliminated !== null" class="small">
          <span class="out">○ put out:</span> {{ entrantOf(p.key).eliminated }}
          <Button type="text" size="small" @click="live.changeEntrant(p.key, { eliminated: null })"
            >Let it run again</Button
          >
        </p>
        <p v-else-if="entrantOf(p.key).baseline" class="soft small">
          Printed on purpose to lose: the others are held against it.
        </p>
        <p v-else-if="p.failed.length" class="out small">
          ○ does not keep its limit:
          {{
            p.failed
              .filter(f => f !== PUT_OUT && f !== TO_LOSE)
              .join(', ')
              .toLowerCase()
          }}
        </p>
        <p v-else-if="p.unread.length" class="marginal small">
          ◐ not read yet: {{ p.unread.map(labelOf).join(', ') }}
        </p>
        <p v-else-if="p.dominatedBy" class="soft small">
          {{ live.nameOf(p.dominatedBy) }} is no worse in anything.
        </p>
        <p v-if="entrantOf(p.key).eliminated === null && leaving !== p.key" class="acts">
          <Button type="text" size="small" @click="leaving = p.key">Put {{ live.nameOf(p.key) }} out</Button>
          <Button v-if="canTeach(p)" type="text" size="small" @click="teach(p)"
            >Keep what was measured</Button
          >
        </p>
        <EntrantWords
          v-else-if="entrantOf(p.key).eliminated === null"
          :label="`Why ${live.nameOf(p.key)} is out`"
          deed="Put it out"
          stay="Leave it in"
          @said="reason => putOut(p.key, reason)"
          @stay="leaving = null"
        />
      </li>
    </ol>
    <ul v-if="corrected.length" class="small soft" data-testid="trial-corrected">
      <li v-for="c in corrected" :key="c">{{ c }}</li>
    </ul>
    <template v-if="differences.length">
      <p class="small marginal">
        ◐ These were printed otherwise, and nothing corrects their readings for it:
      </p>
      <ul class="small soft" data-testid="trial-differences">
        <li v-for="d in differences" :key="d">{{ d }}</li>
      </ul>
    </template>
    <p v-if="learnt" role="status" class="learnt" data-testid="trial-learnt">{{ learnt }}</p>
    <TrialIntervals :trial="trial" :answer="answer" :name-of="live.nameOf" />
    <section aria-label="What it came to" class="came">
      <h2>What it came to</h2>
      <p v-if="trial.decided" data-testid="trial-decided">
        <b>{{ live.nameOf(trial.decided.first) }}</b><template v-if="trial.decided.second"
          >, then {{ live.nameOf(trial.decided.second) }}</template
        >: {{ trial.decided.reason }} <span class="soft">{{ dayText(trial.decided.at) }}</span>
        <Button type="text" size="small" @click="live.change({ decided: null })">Open it again</Button>
        <RouterLink
          :to="{
            path: `/parts/${trial.partId}/decision`,
            query: { first: trial.decided.first, second: trial.decided.second ?? undefined },
          }"
          @click="partReason = `By the trial “${trial.name}”: ${trial.decided.reason}`"
          >Record it for the part</RouterLink
        >
      </p>
      <form v-else class="decide" @submit.prevent="decide">
        <OptionSelect v-model="firstPicked" label="First choice" :options="names" />
        <OptionSelect v-model="secondPicked" label="Second choice" :options="names" />
        <TextField v-model="reason" label="Why" :maxlength="1000" :rows="2" />
        <Button type="primary" html-type="submit" :disabled="!reason.trim() || !firstPicked"
          >Decide it</Button
        >
      </form>
    </section>
  </div>
</template>

<style scoped>
.answer {
  margin-top: 16px;
}
.answer > h2 {
  margin: 24px 0 4px;
}
.lead {
  font-size: 18px;
  margin: 0 0 8px;
}
.places {
  list-style: none;
  margin: 0;
  padding: 0;
}
.places li {
  border-top: 1px solid var(--rule);
  padding: 6px 0;
}
.places p {
  margin: 2px 0;
}
.name {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: baseline;
}
.acts {
  margin-left: -8px;
}
.learnt {
  border-left: 3px solid var(--info);
  padding-left: 10px;
}
.came {
  margin-top: 24px;
}
.decide {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
  gap: 12px;
  align-items: end;
}
</style>
