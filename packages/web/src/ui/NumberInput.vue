<script setup lang="ts">
import { Input } from './kit';
import { computed, ref, useId, watch } from 'vue';
import { useFieldProblem } from './form-problems';
import { allowedNumber, numberText, readNumber } from './number-text';

/**
 * A plain number within limits. What it cannot use stays in the field, is named, and changes nothing. Emptied and
 * left, it goes back to what it stands for when nothing is said.
 */
const props = defineProps<{
  modelValue: number | null;
  label: string;
  min: number;
  max: number;
  nullable?: boolean;
  /** What it goes back to when it is emptied; without it, to what stood there. */
  fallback?: number;
  placeholder?: string;
  integer?: boolean;
  percent?: boolean;
  inline?: boolean;
}>();
const emit = defineEmits<{ 'update:modelValue': [value: number | null] }>();
const id = useId();
const shown = computed(() => numberText(props.modelValue, props));
const text = ref(shown.value);
const problem = ref('');
useFieldProblem(
  () => props.label,
  () => problem.value,
  id,
);
watch(
  () => props.modelValue,
  value => {
    if (value === null || readNumber(text.value, props) !== value) {
      text.value = shown.value;
      problem.value = '';
    }
  },
);

function read(typed: string): void {
  text.value = typed;
  problem.value = '';
  if (!typed.trim()) {
    if (props.nullable) emit('update:modelValue', null);
    return;
  }
  const value = readNumber(typed, props);
  if (value === null) problem.value = `“${typed.trim()}” is not allowed here: ${allowedNumber(props)}`;
  else emit('update:modelValue', value);
}
/** An emptied field has said nothing: it goes back to its default. */
function leave(): void {
  if (!text.value.trim() && !props.nullable) {
    if (props.fallback !== undefined) emit('update:modelValue', props.fallback);
    text.value = numberText(props.fallback ?? props.modelValue, props);
    return;
  }
  if (!problem.value) text.value = shown.value;
}
</script>

<template>
  <span class="number" :class="{ inline, bad: problem }">
    <label v-if="!inline" :for="id">{{ label }}</label>
    <Input
      :id="id"
      :value="text"
      inputmode="decimal"
      autocomplete="off"
      :bordered="!inline"
      :status="problem ? 'error' : ''"
      :aria-label="inline ? label : undefined"
      :aria-invalid="problem !== ''"
      :aria-describedby="`${id}-note`"
      :placeholder="placeholder"
      @update:value="read"
      @blur="leave"
      @press-enter="leave"
    />
    <span :id="`${id}-note`" class="note out" role="status">{{ problem }}</span>
  </span>
</template>

<style scoped src="./typed-input.css"></style>
