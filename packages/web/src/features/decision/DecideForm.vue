<script setup lang="ts">
import { provisionalReasons, provisionalWords } from '@hornblende/core/advice';
import type { Problem } from '@hornblende/core/input';
import { choiceDoubts } from '@hornblende/core/records';
import { HAZARD_NOTICE, type Candidate, type Ranking } from '@hornblende/core/score';
import { Button, Checkbox } from '../../ui/kit';
import { computed, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import { api } from '../../api/client';
import { ApiError } from '../../api/request';
import { useSettings } from '../../stores/settings';
import OptionSelect from '../../ui/OptionSelect.vue';
import StatusMark from '../../ui/StatusMark.vue';
import TextField from '../../ui/TextField.vue';
import { useFeedback } from '../../ui/useFeedback';
import { useUnits } from '../../ui/useUnits';
import { useDraft } from '../part/draft';
import { useDecisionReason } from '../part/useDecisionReason';
import { useProvisional } from '../part/useProvisional';
import { useRanking } from '../part/useRanking';
import { useRobustness } from '../part/useRobustness';

/** Takes a decision: what, why and who. What is written is kept in this browser until it is recorded. */
const props = defineProps<{ ranking: Ranking }>();
const emit = defineEmits<{ recorded: [] }>();
const firstChoice = defineModel<string>('firstChoice', { required: true });
const secondChoice = ref('');
const draft = useDraft();
const settings = useSettings();
const { say } = useUnits();
const { tell } = useFeedback();
const { first, second } = useRanking();
const { result: sureness } = useRobustness();
const provisional = useProvisional();
const problems = ref<Problem[]>([]);
const acknowledged = ref(false);
const busy = ref(false);

const reason = useDecisionReason();
/** What a trial came to, where one comes from it. */
const { query } = useRoute();
const among = (key: unknown): string | null =>
  props.ranking.candidates.find(c => c.material === key)?.material ?? null;
watch(
  [first, second],
  () => {
    firstChoice.value = among(query.first) ?? first.value?.material ?? '';
    secondChoice.value = among(query.second) ?? second.value?.material ?? '';
  },
  { immediate: true },
);

const option = (c: Candidate): { value: string; label: string } => ({
  value: c.material,
  label: c.status === 'out' ? `${c.name} (out)` : c.name,
});
const firsts = computed(() => props.ranking.candidates.map(option));
const seconds = computed(() => [
  { value: '', label: 'none' },
  ...props.ranking.candidates.filter(c => c.material !== firstChoice.value).map(option),
]);
const chosen = computed(() => props.ranking.candidates.find(c => c.material === firstChoice.value) ?? null);
const doubts = computed(() =>
  choiceDoubts({ firstChoice: firstChoice.value, secondChoice: secondChoice.value || null }, props.ranking),
);
const chance = computed(() => sureness.value?.candidates.find(c => c.material === firstChoice.value) ?? null);
const injures = computed(() => draft.brief?.ifItFails === 'injures');

/** Fields that say their own problem beside themselves; of the others it stands beneath. */
const placed = ['reason', 'decidedBy', 'secondChoice', 'hazardAcknowledged'];
const problemOf = (field: string, said: string): string => {
  const found = problems.value.find(p => p.field === field);
  return found ? `${said} ${found.message}` : '';
};
const elsewhere = computed(() => problems.value.filter(p => !placed.includes(p.field)));

async function record(): Promise<void> {
  if (!draft.id) return;
  busy.value = true;
  problems.value = [];
  try {
    // What is decided must be what is saved.
    await draft.flush();
    if (draft.saveState !== 'saved')
      throw new ApiError(0, [
        { field: 'The brief', value: null, message: 'is not saved yet; the decision waits for it' },
      ]);
    await api.decide(draft.id, {
      firstChoice: firstChoice.value,
      secondChoice: secondChoice.value || null,
      reason: reason.value,
      decidedBy: settings.who,
      hazardAcknowledged: acknowledged.value,
    });
    reason.value = '';
    acknowledged.value = false;
    emit('recorded');
    tell('The decision is recorded.');
  } catch (e) {
    problems.value =
      e instanceof ApiError
        ? e.problems
        : [{ field: 'Hornblende', value: null, message: (e as Error).message }];
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <form @submit.prevent="record">
    <h1>Record the decision</h1>
    <div class="pair">
      <OptionSelect v-model="firstChoice" label="First choice" :options="firsts" data-testid="decide-first" />
      <OptionSelect v-model="secondChoice" label="Second choice" :options="seconds" />
    </div>
    <p v-if="problemOf('secondChoice', '')" class="out small">
      {{ problemOf('secondChoice', 'Second choice') }}
    </p>
    <div v-if="chosen" class="chosen small">
      <StatusMark :status="chosen.status" /> {{ say(chosen.for.join(' ')) }}
      <template v-if="chosen.against.length"> <b>Against:</b> {{ say(chosen.against[0] ?? '') }}</template>
      <span v-if="chance" class="soft">
        First in {{ Math.round(100 * chance.pFirst) }}, passes in {{ Math.round(100 * chance.pFits) }} of 100
        draws.</span
      >
    </div>
    <p v-if="provisional" class="notice small" data-testid="decide-provisional">
      Provisional: {{ provisionalWords(provisional) }}.
      {{ provisionalReasons(provisional).map(say).join(' ') }}
    </p>
    <p v-for="d in doubts" :key="d" class="notice small">{{ say(d) }} You may still choose it; say why.</p>
    <TextField
      v-model="reason"
      label="Why"
      :rows="4"
      :maxlength="4000"
      placeholder="In your own words: what decided it, and what would make you think again."
      :problem="problemOf('reason', 'Why')"
      data-testid="decide-reason"
    />
    <TextField
      v-model="settings.who"
      label="Who decides"
      :maxlength="120"
      autocomplete="name"
      :problem="problemOf('decidedBy', 'Who decides')"
      data-testid="decide-who"
    />
    <div v-if="injures" class="notice hazard">
      <p>{{ HAZARD_NOTICE }}</p>
      <Checkbox v-model:checked="acknowledged">I have read this, and will have the part tested.</Checkbox>
    </div>
    <p v-if="problemOf('hazardAcknowledged', '')" class="out small" role="alert">
      The notice must be acknowledged: a failure of this part could injure someone.
    </p>
    <p v-for="p in elsewhere" :key="p.field" class="out small" role="alert">{{ p.field }} {{ p.message }}</p>
    <Button
      type="primary"
      html-type="submit"
      class="record"
      :loading="busy"
      :disabled="!firstChoice"
      data-testid="decide"
      >{{ busy ? 'Recording…' : 'Record it' }}</Button
    >
  </form>
</template>

<style scoped>
form {
  display: grid;
  gap: 13px;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 16px;
}
.chosen {
  color: var(--soft);
}
.chosen b {
  color: var(--ink);
}
.record {
  justify-self: start;
}
form p {
  margin: 0;
}
@media (max-width: 640px) {
  .pair {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
