<script setup lang="ts">
import { nextStep } from '@hornblende/core/trials';
import { computed, onMounted } from 'vue';
import { Button } from '../../ui/kit';
import OptionSelect from '../../ui/OptionSelect.vue';
import TextField from '../../ui/TextField.vue';
import { useFeedback } from '../../ui/useFeedback';
import { pieceWords } from './reading-facts';
import ReadingFactsForm from './ReadingFactsForm.vue';
import { useOpenTrials } from './useOpenTrials';

/** The bench on a phone: one figure at a time, of the trials that are open. */
const {
  all,
  id,
  trial,
  nameOf,
  cell,
  printNow,
  typed,
  facts,
  problem,
  meant,
  isSending,
  lastWords,
  ...deeds
} = useOpenTrials();
const { attempt } = useFeedback();
onMounted(() => void attempt(deeds.load));

const choices = computed(() => (all.value ?? []).map(t => ({ value: t.id, label: t.trial.name })));
const running = computed(() => trial.value?.entrants.filter(e => e.eliminated === null) ?? []);
const filaments = computed(() => running.value.map(e => ({ value: e.material, label: nameOf(e.material) })));
const criteria = computed(() => (trial.value?.criteria ?? []).map(c => ({ value: c.id, label: c.label })));
const material = computed({
  get: () => cell.value.material,
  set: chosen => (cell.value = { ...cell.value, material: chosen }),
});
const criterion = computed({
  get: () => cell.value.criterion,
  set: chosen => (cell.value = { ...cell.value, criterion: chosen }),
});
const asked = computed(() => trial.value?.criteria.find(c => c.id === cell.value.criterion) ?? null);
const fieldLabel = computed(() =>
  asked.value ? `${asked.value.label}${asked.value.unit ? `, ${asked.value.unit}` : ''}` : '',
);
const isAllRead = computed(() => trial.value !== null && nextStep(trial.value) === null);
const taken = computed(
  () =>
    trial.value?.entrants
      .find(e => e.material === cell.value.material)
      ?.readings.filter(r => r.criterion === cell.value.criterion && !r.struck)
      .map(r => r.value) ?? [],
);
</script>

<template>
  <div class="page bench" data-testid="phone-bench">
    <div class="page-head">
      <h1>Read a trial</h1>
      <RouterLink class="right" to="/service">Parts in service</RouterLink>
    </div>
    <p v-if="!all" class="soft" role="status">Asking the workshop…</p>
    <p v-else-if="!trial">No trial is open. One is planned at the desk, on a part’s page <i>Trial</i>.</p>
    <form v-else @submit.prevent="deeds.take">
      <OptionSelect v-if="choices.length > 1" v-model="id" label="Trial" :options="choices" />
      <p v-else>
        <b>{{ trial.name }}</b>
      </p>
      <p v-if="isAllRead" class="fits" role="status">● Everything is read that was planned.</p>
      <OptionSelect v-model="material" label="Filament" :options="filaments" />
      <OptionSelect v-model="criterion" label="What is read" :options="criteria" />
      <p class="soft small now">
        {{ pieceWords(printNow, trial.replicates)
        }}<template v-if="taken.length">; so far {{ taken.join(', ') }}</template>
      </p>
      <ReadingFactsForm v-if="asked" v-model="facts" :criterion="asked" />
      <div class="figure">
        <TextField v-model="typed" :label="fieldLabel" :maxlength="40" inputmode="decimal" />
      </div>
      <p v-if="problem" class="out" role="alert" data-testid="reading-problem">
        {{ problem }}
        <Button v-if="meant !== null" size="small" @click="deeds.takeMeant">Take {{ meant }}</Button>
      </p>
      <Button type="primary" size="large" block html-type="submit" :loading="isSending">Take it</Button>
      <p v-if="lastWords" class="last" role="status" data-testid="last-reading">
        Taken: {{ lastWords }}.
        <Button type="text" @click="deeds.undo">Undo</Button>
      </p>
    </form>
  </div>
</template>

<style scoped>
form {
  display: grid;
  gap: 12px;
  max-width: 420px;
}
form > p {
  margin: 0;
}
.now::first-letter {
  text-transform: uppercase;
}
.figure :deep(input) {
  font-size: 24px;
  height: 52px;
}
</style>
