<script setup lang="ts">
import { trialStaircaseModel, TrialStaircaseInput, type StaircaseFall } from '@hornblende/core/trials';
import { Button } from '../../../ui/kit';
import { computed } from 'vue';
import { useWorking } from '../../../stores/working';
import NumberInput from '../../../ui/NumberInput.vue';
import WorkingNumber from '../../../ui/WorkingNumber.vue';
import { useBenchSheet } from '../../bench/useBenchSheet';

/** Falls up and down: the height to let the next piece fall from, and what half of them stand. */
const props = defineProps<{ kept: string }>();
const emit = defineEmits<{ take: [value: number, note: string] }>();
const working = useWorking();
const { sheet, put } = useBenchSheet(`falls-${props.kept}`, {
  startM: 0.5,
  stepM: 0.1,
  falls: [] as StaircaseFall[],
});
const input = computed(() => Object.assign(new TrialStaircaseInput(), sheet.value));
const answer = computed(() => trialStaircaseModel.compute(input.value));
const heights = computed(() =>
  sheet.value.falls.map(f => `${f.heightM.toFixed(2)} m ${f.broke ? 'broke' : 'held'}`).join(', '),
);
function fell(broke: boolean): void {
  put({ falls: [...sheet.value.falls, { heightM: answer.value.result.nextM, broke }] });
}
function take(): void {
  const { medianM } = answer.value.result;
  if (medianM === null) return;
  emit('take', Number(medianM.toFixed(3)), `Falls: ${heights.value}`);
  put({ falls: [] });
}
function open(): void {
  working.show({ title: 'Falls', refs: [{ model: 'trial.staircase', inputs: { ...input.value } }] });
}
</script>

<template>
  <div class="aid" data-testid="fall-stairs">
    <p class="small soft">
      A new piece for each fall: up a step after one that held, down after one that broke.
    </p>
    <div class="row">
      <NumberInput
        v-if="!sheet.falls.length"
        :model-value="sheet.startM"
        label="First from, m"
        :min="0.05"
        :max="10"
        @update:model-value="v => v !== null && put({ startM: v })"
      />
      <NumberInput
        v-if="!sheet.falls.length"
        :model-value="sheet.stepM"
        label="Step, m"
        :min="0.01"
        :max="2"
        @update:model-value="v => v !== null && put({ stepM: v })"
      />
      <p class="next">
        From <b data-testid="fall-next">{{ answer.result.nextM.toFixed(2) }} m</b> it
      </p>
      <Button @click="fell(false)">held</Button>
      <Button @click="fell(true)">broke</Button>
      <Button type="text" :disabled="!sheet.falls.length" @click="put({ falls: sheet.falls.slice(0, -1) })"
        >Take the last back</Button
      >
    </div>
    <p v-if="heights" class="small">{{ heights }}</p>
    <p v-if="answer.result.medianM !== null">
      Half of them stand
      <WorkingNumber @click="open">{{ answer.result.medianM.toFixed(2) }} m</WorkingNumber
      ><template v-if="answer.result.errorM !== null"> ± {{ (2 * answer.result.errorM).toFixed(2) }}</template
      >.
      <Button type="primary" size="small" @click="take">Take it as the reading</Button>
    </p>
    <p v-for="w in sheet.falls.length ? answer.warnings : []" :key="w" class="small marginal">◐ {{ w }}</p>
  </div>
</template>

<style scoped src="./aid.css"></style>
