<script setup lang="ts" generic="T extends string">
import { Checkbox } from './kit';

/** Boxes to tick under one legend: which of a list apply, in the order in which they were ticked. */
const props = defineProps<{
  legend: string;
  options: readonly { value: T; label: string }[];
  modelValue: readonly T[];
}>();
const emit = defineEmits<{ 'update:modelValue': [ticked: T[]] }>();
function tick(value: T, on: boolean): void {
  emit('update:modelValue', on ? [...props.modelValue, value] : props.modelValue.filter(v => v !== value));
}
</script>

<template>
  <fieldset>
    <legend class="soft small">{{ legend }}</legend>
    <Checkbox
      v-for="o in options"
      :key="o.value"
      :checked="modelValue.includes(o.value)"
      @update:checked="on => tick(o.value, on)"
      >{{ o.label }}</Checkbox
    >
  </fieldset>
</template>
