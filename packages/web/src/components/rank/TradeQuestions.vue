<script setup lang="ts">
import {
  criterionLabels,
  inferWeights,
  rank,
  sig,
  tradeQuestions,
  type CriterionId,
  type Ranking,
  type TradeAnswer,
  type TradeQuestion,
} from '@hornblende/core';
import { Modal } from 'ant-design-vue';
import { computed, ref, shallowRef, watch } from 'vue';
import { useRanking } from '../../composables/useRanking';
import { useUnits } from '../../composables/useUnits';
import { useDraft } from '../../stores/draft';

/**
 * Weights by questions instead of numbers: would you give up this for that? What the answers amount to is
 * shown before it is used.
 */
const open = defineModel<boolean>('open', { required: true });
const props = defineProps<{ ranking: Ranking }>();
const draft = useDraft();
const { say } = useUnits();
const { candidates, printer, weather } = useRanking();
const questions = shallowRef<TradeQuestion[]>([]);
const answers = ref<(TradeAnswer['answer'] | null)[]>([]);
/** The weights as they stood when the questions were put. */
const stated = shallowRef(props.ranking.weights);
watch(open, now => {
  if (!now) return;
  questions.value = tradeQuestions(props.ranking);
  answers.value = questions.value.map(() => null);
  stated.value = props.ranking.weights;
});
const given = computed<TradeAnswer[]>(() =>
  questions.value.flatMap((question, i) => {
    const answer = answers.value[i];
    return answer ? [{ question, answer }] : [];
  }),
);
const inferred = computed(() => inferWeights(stated.value, given.value));
const changed = computed(() =>
  (Object.keys(inferred.value) as CriterionId[]).filter(
    id => Math.abs(inferred.value[id] - stated.value[id]) > 0.02,
  ),
);
const first = computed(() => {
  if (!draft.brief || !given.value.length) return null;
  const r = rank(
    { ...draft.brief, weights: inferred.value },
    { printer: printer.value, weather: weather.value, families: candidates.value },
  );
  return r.candidates.find(c => c.rank === 1)?.name ?? 'nothing';
});
const choices: { answer: TradeAnswer['answer']; label: string }[] = [
  { answer: 'yes', label: 'Yes' },
  { answer: 'same', label: 'All the same' },
  { answer: 'no', label: 'No' },
];
function use(): void {
  draft.set('weights', inferred.value);
  open.value = false;
}
</script>

<template>
  <Modal
    v-model:open="open"
    title="What would you give up?"
    :width="680"
    ok-text="Use these weights"
    cancel-text="Cancel"
    :ok-button-props="{ disabled: !changed.length }"
    @ok="use"
  >
    <div data-testid="trades">
      <p v-if="!questions.length" class="soft">
        The leading candidates differ too little for a question to tell anything.
      </p>
      <div
        v-for="(q, i) in questions"
        :key="q.text"
        class="question"
        role="radiogroup"
        :aria-label="say(q.text)"
      >
        <p>{{ say(q.text) }}</p>
        <span class="segments"
          ><button
            v-for="c in choices"
            :key="c.answer"
            type="button"
            role="radio"
            :aria-checked="answers[i] === c.answer"
            :class="{ on: answers[i] === c.answer }"
            @click="answers[i] = answers[i] === c.answer ? null : c.answer"
          >
            {{ c.label }}
          </button></span
        >
      </div>
      <div v-if="given.length" class="result" role="status">
        <p v-if="!changed.length">Your answers agree with the weights as they are.</p>
        <p v-else>
          They amount to
          {{
            changed
              .map(
                id =>
                  `${criterionLabels[id].label.toLowerCase()} ${sig(stated[id], 2)} → ${sig(inferred[id], 2)}`,
              )
              .join(', ')
          }}; then <b>{{ first }}</b> leads.
        </p>
      </div>
    </div>
  </Modal>
</template>

<style scoped>
.question {
  display: flex;
  justify-content: space-between;
  gap: 18px;
  align-items: center;
  border-bottom: 1px solid var(--rule);
  padding: 8px 0;
}
.question p {
  margin: 0;
}
.result {
  margin-top: 12px;
}
</style>
