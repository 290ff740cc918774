<script setup lang="ts">
import { Radio, RadioGroup } from '../../ui/kit';
import NumberInput from '../../ui/NumberInput.vue';
import TextField from '../../ui/TextField.vue';
import type { PrintTold } from './print-told';

/** How a print went and what it took. */
const told = defineModel<PrintTold>({ required: true });
const set = (change: Partial<PrintTold>): void => {
  told.value = { ...told.value, ...change };
};
</script>

<template>
  <RadioGroup :value="told.outcome" aria-label="How it went" @update:value="outcome => set({ outcome })">
    <Radio value="well">It went well</Radio>
    <Radio value="failed">It failed</Radio>
  </RadioGroup>
  <NumberInput
    :model-value="told.grams"
    label="Grams that went in"
    :min="0"
    :max="20000"
    @update:model-value="grams => grams !== null && set({ grams })"
  />
  <NumberInput
    :model-value="told.minutes"
    label="Minutes it took"
    :min="0.1"
    :max="100000"
    nullable
    @update:model-value="minutes => set({ minutes })"
  />
  <TextField
    v-if="told.outcome === 'failed'"
    :model-value="told.note"
    label="What went wrong"
    :maxlength="300"
    @update:model-value="note => set({ note })"
  />
</template>
