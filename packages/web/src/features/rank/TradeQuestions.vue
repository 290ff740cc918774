<script setup lang="ts">
import { inferWeights, tradeQuestions, type TradeAnswer } from '@hornblende/core/advice';
import { sig, type CriterionId } from '@hornblende/core/lib';
import { criterionLabels, rank, type Ranking } from '@hornblende/core/score';
import { Button, Modal, RadioButton, RadioGroup } from '../../ui/kit';
import { computed, ref } from 'vue';
import { useRanking } from '../part/useRanking';
import { useReturnFocus } from '../../ui/useReturnFocus';
import { useUnits } from '../../ui/useUnits';
import { useDraft } from '../part/draft';

/**
 * Weights by questions instead of numbers: would you give up this for that? What the answers amount to is
 * shown before it is used.
 */
const props = defineProps<{ ranking: Ranking }>();
const emit = defineEmits<{ close: [] }>();
const open = ref(true);
useReturnFocus();
const draft = useDraft();
const { say } = useUnits();
const { candidates, printer, weather } = useRanking();
/** The weights as they stood when the questions were put. */
const stated = props.ranking.weights;
const questions = tradeQuestions(props.ranking);
const answers = ref<(TradeAnswer['answer'] | null)[]>(questions.map(() => null));
const given = computed<TradeAnswer[]>(() =>
  questions.flatMap((question, i) => {
    const answer = answers.value[i];
    return answer ? [{ question, answer }] : [];
  }),
);
const inferred = computed(() => inferWeights(stated, given.value));
const changed = computed(() =>
  (Object.keys(inferred.value) as CriterionId[]).filter(
    id => Math.abs(inferred.value[id] - stated[id]) > 0.02,
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
    :after-close="() => emit('close')"
    @ok="use"
  >
    <div data-testid="trades">
      <p v-if="!questions.length" class="soft">
        The leading candidates differ too little for a question to tell anything.
      </p>
      <div v-for="(q, i) in questions" :key="q.text" class="question">
        <p>{{ say(q.text) }}</p>
        <RadioGroup
          :value="answers[i] ?? undefined"
          button-style="solid"
          role="radiogroup"
          :aria-label="say(q.text)"
          @update:value="(answer: TradeAnswer['answer']) => (answers[i] = answer)"
        >
          <RadioButton v-for="c in choices" :key="c.answer" :value="c.answer">{{ c.label }}</RadioButton>
        </RadioGroup>
        <Button v-if="answers[i]" type="text" size="small" @click="answers[i] = null">take it back</Button>
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
