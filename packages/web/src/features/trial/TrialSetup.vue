<script setup lang="ts">
import { Button, Steps } from '../../ui/kit';
import { computed, ref } from 'vue';
import { useTrials } from '../../stores/trials';
import TextField from '../../ui/TextField.vue';
import RestoredNotice from '../../ui/RestoredNotice.vue';
import { useFeedback } from '../../ui/useFeedback';
import PlanPrint from './PlanPrint.vue';
import PlanWanted from './PlanWanted.vue';
import PlanWhich from './PlanWhich.vue';
import { useTrialPlan } from './useTrialPlan';
import type { LiveTrial } from './useTrial';

/** A trial planned in three steps: in which filaments, what is wanted of them, what is printed. */
const props = defineProps<{ first: boolean; live: LiveTrial }>();
const emit = defineEmits<{ begun: [id: string]; leave: [] }>();
const trials = useTrials();
const { attempt } = useFeedback();
const plan = useTrialPlan(props.live);
const { kept, bad, trial, usualName } = plan;
const name = computed(() => kept.form.value.name);

const steps = [{ title: 'Which filaments' }, { title: 'What is wanted' }, { title: 'What is printed' }];
const step = ref(0);
const isLast = computed(() => step.value === steps.length - 1);

async function begin(): Promise<void> {
  await attempt(async () => {
    const begun = await trials.add(trial.value, kept.id.value);
    kept.done();
    emit('begun', begun.id);
  });
}
function leave(): void {
  kept.discard();
  emit('leave');
}
</script>

<template>
  <section aria-label="A trial" data-testid="trial-setup">
    <RestoredNotice :kept="kept" />
    <p v-if="first" class="lead">
      Where the models end: print the same thing in several filaments, measure, break and heat it, and put out
      what fails, with the reason written down.
    </p>
    <TextField
      :model-value="name ?? usualName"
      label="What it is called"
      :maxlength="120"
      @update:model-value="v => plan.put({ name: v })"
    />
    <Steps v-model:current="step" size="small" :items="steps" />
    <PlanWhich v-if="step === 0" :plan="plan" />
    <PlanWanted v-else-if="step === 1" :plan="plan" />
    <PlanPrint v-else :plan="plan" />
    <p v-if="bad" class="out small" role="alert">{{ bad }}</p>
    <p class="acts">
      <Button v-if="step > 0" @click="step--">Back</Button>
      <Button v-if="!isLast" type="primary" @click="step++"
        >Next: {{ steps[step + 1]!.title.toLowerCase() }}</Button
      >
      <Button :type="isLast ? 'primary' : 'text'" :disabled="bad !== ''" @click="begin"
        >Begin the trial</Button
      >
      <Button v-if="!first" type="text" @click="leave">Leave it</Button>
    </p>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 14px;
  max-width: 980px;
}
p {
  margin: 0;
}
.lead {
  font-size: 16px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
</style>
