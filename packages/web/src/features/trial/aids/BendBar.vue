<script setup lang="ts">
import { trialBendModel, TrialBendInput } from '@hornblende/core/trials';
import { Button } from '../../../ui/kit';
import { computed, ref } from 'vue';
import { useWorking } from '../../../stores/working';
import NumberInput from '../../../ui/NumberInput.vue';
import WorkingNumber from '../../../ui/WorkingNumber.vue';
import { useBenchSheet } from '../../bench/useBenchSheet';

/** A bar on two supports, pressed in its middle until it gives way: how far it went becomes a strain. */
const emit = defineEmits<{ take: [value: number, note: string] }>();
const working = useWorking();
const { sheet, put } = useBenchSheet('bend', { spanMm: 64, thicknessMm: 4 });
const deflectionMm = ref<number | null>(null);
const sizes = [
  { key: 'spanMm', label: 'Between supports, mm', min: 10, max: 1000 },
  { key: 'thicknessMm', label: 'Thickness, mm', min: 0.5, max: 50 },
] as const;
const input = computed(() =>
  deflectionMm.value === null
    ? null
    : Object.assign(new TrialBendInput(), { ...sheet.value, deflectionMm: deflectionMm.value }),
);
const answer = computed(() => (input.value ? trialBendModel.compute(input.value) : null));
function take(): void {
  if (!answer.value || !input.value) return;
  const { deflectionMm: pressed, spanMm, thicknessMm } = input.value;
  emit(
    'take',
    Number(answer.value.result.strainPct.toFixed(2)),
    `${pressed} mm over ${spanMm} mm, ${thicknessMm} mm thick`,
  );
  deflectionMm.value = null;
}
function open(): void {
  if (input.value)
    working.show({ title: 'Bar that was bent', refs: [{ model: 'trial.bend', inputs: { ...input.value } }] });
}
</script>

<template>
  <div class="aid" data-testid="bend-bar">
    <div class="row">
      <NumberInput v-model="deflectionMm" label="Pressed down by, mm" :min="0" :max="500" nullable />
      <NumberInput
        v-for="s in sizes"
        :key="s.key"
        :model-value="sheet[s.key]"
        :label="s.label"
        :min="s.min"
        :max="s.max"
        @update:model-value="v => v !== null && put({ [s.key]: v })"
      />
    </div>
    <p v-if="answer">
      Its outer fibre was strained by
      <WorkingNumber @click="open">{{ answer.result.strainPct.toFixed(1) }} %</WorkingNumber>.
      <Button type="primary" size="small" @click="take">Take it as the reading</Button>
    </p>
    <p v-for="w in answer?.warnings ?? []" :key="w" class="small marginal">◐ {{ w }}</p>
  </div>
</template>

<style scoped src="./aid.css"></style>
