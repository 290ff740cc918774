<script setup lang="ts">
import { windowLimits } from '@hornblende/core/formats';
import { type Window, type WindowName, windowWords } from '@hornblende/core/materials';
import NumberInput from '../../ui/NumberInput.vue';
import QuantityInput from '../../ui/QuantityInput.vue';

/** A printing window of a grade, from its label; empty, it is the family's. */
defineProps<{ name: WindowName; value: Window | null }>();
const emit = defineEmits<{ change: [end: 'low' | 'high', value: number | null] }>();
const ends = ['low', 'high'] as const;
</script>

<template>
  <template v-for="end in ends" :key="end">
    <QuantityInput
      v-if="windowWords[name].measure"
      inline
      nullable
      placeholder="–"
      dimension="temperature"
      :label="`${windowWords[name].label}, ${end}`"
      :model-value="value?.[end] ?? null"
      :min="windowLimits[name][0]"
      :max="windowLimits[name][1]"
      @update:model-value="v => emit('change', end, v)"
    />
    <NumberInput
      v-else
      inline
      nullable
      placeholder="–"
      :label="`${windowWords[name].label}, ${end}`"
      :model-value="value?.[end] ?? null"
      :min="windowLimits[name][0]"
      :max="windowLimits[name][1]"
      @update:model-value="v => emit('change', end, v)"
    />
    <span v-if="end === 'low'" class="soft"> to </span>
  </template>
</template>
