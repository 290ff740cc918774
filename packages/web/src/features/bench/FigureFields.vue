<script setup lang="ts">
import NumberInput from '../../ui/NumberInput.vue';
import QuantityInput from '../../ui/QuantityInput.vue';
import type { FigureField } from './figure-field';

/** The figures of a bench sheet, each in a field of its own. */
const props = defineProps<{ fields: readonly FigureField[]; sheet: object }>();
const emit = defineEmits<{ put: [change: Record<string, number>] }>();
const figure = (key: string): number | null => (props.sheet as Record<string, number | null>)[key] ?? null;
</script>

<template>
  <template v-for="f in fields" :key="f.key">
    <QuantityInput
      v-if="f.dimension"
      :model-value="figure(f.key)"
      :dimension="f.dimension"
      :label="f.label"
      :min="f.min"
      :max="f.max"
      @update:model-value="v => v !== null && emit('put', { [f.key]: v })"
    />
    <NumberInput
      v-else
      :model-value="figure(f.key)"
      :label="f.label"
      :min="f.min"
      :max="f.max"
      :integer="f.whole"
      @update:model-value="v => v !== null && emit('put', { [f.key]: v })"
    />
  </template>
</template>
