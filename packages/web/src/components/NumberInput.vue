<script setup lang="ts">
import { ref, useId, watch } from 'vue';

/** A plain number within limits. What it cannot use stays in the field, is named, and changes nothing. */
const props = defineProps<{
  modelValue: number | null;
  label: string;
  min: number;
  max: number;
  nullable?: boolean;
  placeholder?: string;
  integer?: boolean;
  inline?: boolean;
}>();
const emit = defineEmits<{ 'update:modelValue': [value: number | null] }>();
const id = useId();
const text = ref(props.modelValue === null ? '' : String(props.modelValue));
const problem = ref('');
watch(
  () => props.modelValue,
  v => {
    if (Number(text.value.replace(',', '.')) !== v || v === null) {
      text.value = v === null ? '' : String(v);
      problem.value = '';
    }
  },
);

function read(): void {
  const typed = text.value.trim();
  problem.value = '';
  if (!typed && props.nullable) {
    emit('update:modelValue', null);
    return;
  }
  const n = Number(typed.replace(',', '.'));
  if (
    !typed ||
    !Number.isFinite(n) ||
    n < props.min ||
    n > props.max ||
    (props.integer && !Number.isInteger(n))
  ) {
    problem.value =
      `"${typed}" is not allowed here: ${props.integer ? 'a whole' : 'a'} number from ${props.min} to ` +
      `${props.max}`;
    return;
  }
  emit('update:modelValue', n);
}
</script>

<template>
  <span class="number" :class="{ inline, bad: problem }">
    <label v-if="!inline" :for="id">{{ label }}</label>
    <input
      :id="id"
      v-model="text"
      type="text"
      inputmode="decimal"
      autocomplete="off"
      :aria-label="inline ? label : undefined"
      :aria-invalid="problem !== ''"
      :placeholder="placeholder"
      @input="read"
    />
    <span class="note out" role="status">{{ problem }}</span>
  </span>
</template>

<style scoped>
.number {
  display: inline-grid;
  gap: 2px;
  vertical-align: top;
}
label {
  font-size: 13px;
  color: var(--soft);
}
input {
  font: inherit;
  color: var(--ink);
  background: var(--panel);
  border: 1px solid var(--rule-strong);
  border-radius: 4px;
  padding: 4px 9px;
  width: 128px;
}
.inline {
  display: inline-block;
}
.inline input {
  font-weight: 700;
  width: auto;
  min-width: 28px;
  field-sizing: content;
  background: transparent;
  border: 0;
  border-bottom: 1.5px solid var(--deep);
  border-radius: 0;
  padding: 1px 2px;
}
.bad input {
  border-color: var(--out);
}
input::placeholder {
  color: var(--soft);
  opacity: 1;
}
.note {
  font-size: 12.5px;
  max-width: 250px;
}
</style>
