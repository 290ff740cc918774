<script setup lang="ts">
import { Input, Textarea } from './kit';
import { computed, ref, useId } from 'vue';
import { useFieldProblem } from './form-problems';

/** A line of text (or several) with its label above it and what is wrong with it beneath. */
const model = defineModel<string>({ required: true });
const props = defineProps<{
  label: string;
  maxlength?: number;
  rows?: number;
  placeholder?: string;
  disabled?: boolean;
  autocomplete?: string;
  /** What is wrong with what stands here; empty when nothing is. */
  problem?: string;
}>();
const id = useId();
const tried = useFieldProblem(
  () => props.label,
  () => props.problem ?? '',
  id,
);
/** Whether somebody was here: an empty field of a form that was just opened is not wrong yet. */
const touched = ref(false);
const shownProblem = computed(() => (touched.value || tried.value ? (props.problem ?? '') : ''));
</script>

<template>
  <div class="text-field">
    <label :for="id">{{ label }}</label>
    <Textarea
      v-if="rows"
      :id="id"
      v-model:value="model"
      :rows="rows"
      :maxlength="maxlength"
      :placeholder="placeholder"
      :status="shownProblem ? 'error' : ''"
      :aria-describedby="`${id}-problem`"
      v-bind="$attrs"
      @blur="touched = true"
    />
    <Input
      v-else
      :id="id"
      v-model:value="model"
      :maxlength="maxlength"
      :placeholder="placeholder"
      :disabled="disabled"
      :autocomplete="autocomplete ?? 'off'"
      :status="shownProblem ? 'error' : ''"
      :aria-describedby="`${id}-problem`"
      v-bind="$attrs"
      @blur="touched = true"
    />
    <span :id="`${id}-problem`" class="problem out small" role="status">{{ shownProblem }}</span>
  </div>
</template>

<script lang="ts">
export default { inheritAttrs: false };
</script>

<style scoped>
.text-field {
  display: grid;
  gap: 2px;
  min-width: 0;
  position: relative;
}
/* Nothing to say takes no room: a field ends where a select beside it ends. */
.problem:empty {
  position: absolute;
}
label {
  font-size: 13px;
  color: var(--soft);
}
</style>
