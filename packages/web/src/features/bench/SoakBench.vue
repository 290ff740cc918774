<script setup lang="ts">
import type { Grade } from '@hornblende/core/formats';
import { flexSoakModel, FlexSoakInput } from '@hornblende/core/models';
import { computed } from 'vue';
import { useWorking } from '../../stores/working';
import NumberInput from '../../ui/NumberInput.vue';
import BenchResult from './BenchResult.vue';
import BenchTool from './BenchTool.vue';
import SoakDrawing from './drawings/SoakDrawing.vue';
import KeepInGrade from './KeepInGrade.vue';
import { useBenchSheet } from './useBenchSheet';

/** Weighed, a day under water, weighed again: closed cells or open, floating or not. */
const working = useWorking();
const { sheet, put } = useBenchSheet('soak', {
  dryG: null as number | null,
  wetG: null as number | null,
  volumeCm3: null as number | null,
  solidGcm3: 1.2,
  hours: 24,
});
const input = computed(() => {
  const { dryG, wetG, volumeCm3 } = sheet.value;
  return dryG === null || wetG === null || volumeCm3 === null
    ? null
    : Object.assign(new FlexSoakInput(), sheet.value, { dryG, wetG, volumeCm3 });
});
const answer = computed(() => (input.value ? flexSoakModel.compute(input.value) : null));
/** The grade with the density that it floats by, or does not. */
function learn(grade: Grade): Grade | null {
  return answer.value && { ...grade, soakedGcm3: Number(answer.value.result.wetGcm3.toFixed(3)) };
}
function open(): void {
  if (input.value)
    working.show({ title: 'Soak', refs: [{ model: 'flex.soak', inputs: { ...input.value } }] });
}
</script>

<template>
  <BenchTool name="Soak" data-testid="soak-bench">
    <template #what>
      Weigh a piece, hold it under water for a night, wipe it dry, and weigh it again: what it took up says
      whether its cells are closed, and whether it goes on floating.
    </template>
    <template #drawing>
      <SoakDrawing :dry-g="sheet.dryG" :wet-g="sheet.wetG" :hours="sheet.hours" />
    </template>
    <template #answer>
      <div v-if="answer" data-testid="soak-answer">
        <BenchResult
          :value="`${Math.round(100 * answer.result.filledShare)} %`"
          :of="`of the room in it is filled by water: its cells are ${answer.result.cells}.`"
          @open="open"
        />
        <p>
          It
          {{
            answer.result.floatsWet
              ? 'goes on floating'
              : answer.result.floatsDry
                ? 'floats at first, and sinks'
                : 'sinks'
          }}: {{ answer.result.dryGcm3.toFixed(2) }} g/cm³ before,
          {{ answer.result.wetGcm3.toFixed(2) }} after.
        </p>
      </div>
      <p v-else class="lead">Both weights and its volume are wanted.</p>
    </template>
    <div class="row">
      <NumberInput
        :model-value="sheet.dryG"
        label="Before, g"
        :min="0.01"
        :max="100000"
        nullable
        @update:model-value="v => put({ dryG: v })"
      />
      <NumberInput
        :model-value="sheet.wetG"
        label="After, g"
        :min="0.01"
        :max="100000"
        nullable
        @update:model-value="v => put({ wetG: v })"
      />
      <NumberInput
        :model-value="sheet.volumeCm3"
        label="Its outside, cm³"
        :min="0.01"
        :max="100000"
        nullable
        @update:model-value="v => put({ volumeCm3: v })"
      />
      <NumberInput
        :model-value="sheet.solidGcm3"
        label="Solid plastic, g/cm³"
        :min="0.1"
        :max="25"
        @update:model-value="v => v !== null && put({ solidGcm3: v })"
      />
      <NumberInput
        :model-value="sheet.hours"
        label="Under water, h"
        :min="0.1"
        :max="10000"
        @update:model-value="v => v !== null && put({ hours: v })"
      />
    </div>
    <template v-if="answer">
      <KeepInGrade :learn="learn" what="its density after a soak: a part that must float is judged by it" />
      <p v-for="w in answer.warnings" :key="w" class="marginal">◐ {{ w }}</p>
    </template>
  </BenchTool>
</template>

<style scoped src="./bench.css"></style>
