<script setup lang="ts">
import {
  breakManners,
  breakMannerWords,
  trialBreakModel,
  TrialBreakInput,
  type BreakManner,
} from '@hornblende/core/trials';
import { Button } from '../../../ui/kit';
import { computed, ref } from 'vue';
import { useWorking } from '../../../stores/working';
import NumberInput from '../../../ui/NumberInput.vue';
import OptionSelect from '../../../ui/OptionSelect.vue';
import WorkingNumber from '../../../ui/WorkingNumber.vue';
import { useBenchSheet } from '../../bench/useBenchSheet';

/** A bar bent to breaking by its end: what the scale read becomes a stress, and how it broke is kept. */
const emit = defineEmits<{ take: [value: number, note: string, broke: BreakManner] }>();
const working = useWorking();
const { sheet, put } = useBenchSheet('lever', {
  lengthMm: 60,
  widthMm: 10,
  heightMm: 4,
  manner: 'snapped' as BreakManner,
});
const forceN = ref<number | null>(null);
const manners = breakManners.map(value => ({ value, label: breakMannerWords[value] }));
const sizes = [
  { key: 'lengthMm', label: 'Vice to hook, mm', min: 1, max: 2000 },
  { key: 'widthMm', label: 'Width, mm', min: 0.5, max: 500 },
  { key: 'heightMm', label: 'Height, mm', min: 0.5, max: 500 },
] as const;
const input = computed(() =>
  forceN.value === null
    ? null
    : Object.assign(new TrialBreakInput(), { ...sheet.value, forceN: forceN.value }),
);
const answer = computed(() => (input.value ? trialBreakModel.compute(input.value) : null));
function take(): void {
  if (!answer.value || !input.value) return;
  const { forceN: force, lengthMm, widthMm, heightMm, manner } = input.value;
  const note = `${force} N at ${lengthMm} mm on ${widthMm} × ${heightMm} mm, ${breakMannerWords[manner]}`;
  emit('take', Number(answer.value.result.stressMPa.toFixed(2)), note, manner);
  forceN.value = null;
}
function open(): void {
  if (input.value)
    working.show({ title: 'Broken bar', refs: [{ model: 'trial.break', inputs: { ...input.value } }] });
}
</script>

<template>
  <div class="aid" data-testid="lever-bar">
    <div class="row">
      <NumberInput v-model="forceN" label="The scale read, N" :min="0" :max="100000" nullable />
      <NumberInput
        v-for="s in sizes"
        :key="s.key"
        :model-value="sheet[s.key]"
        :label="s.label"
        :min="s.min"
        :max="s.max"
        @update:model-value="v => v !== null && put({ [s.key]: v })"
      />
      <OptionSelect
        :model-value="sheet.manner"
        label="It"
        :options="manners"
        @update:model-value="v => put({ manner: v })"
      />
    </div>
    <p v-if="answer">
      That is <WorkingNumber @click="open">{{ answer.result.stressMPa.toFixed(1) }} MPa</WorkingNumber> at the
      jaw. <Button type="primary" size="small" @click="take">Take it as the reading</Button>
    </p>
    <p v-for="w in answer?.warnings ?? []" :key="w" class="small marginal">◐ {{ w }}</p>
  </div>
</template>

<style scoped src="./aid.css"></style>
