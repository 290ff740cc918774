<script setup lang="ts">
import { DatePicker } from './kit';
import dayjs from 'dayjs';
import customParseFormat from 'dayjs/plugin/customParseFormat.js';
import { ref, useId, watch } from 'vue';
import { useFieldProblem } from './form-problems';
import { dayText } from './day-text';

dayjs.extend(customParseFormat);

/** A date (or a moment), as ISO text in local time, picked or typed; empty where it may be. */
const model = defineModel<string>({ required: true });
const props = defineProps<{
  label: string;
  time?: boolean;
  placeholder?: string;
  /** The last day that is allowed, as YYYY-MM-DD; default none. */
  latest?: string;
}>();
const id = useId();
const problem = ref('');
useFieldProblem(
  () => props.label,
  () => problem.value,
  id,
);
watch(model, () => (problem.value = ''));

/** How a day may be typed; the first is how it is shown. */
const DAYS = ['D MMM YYYY', 'YYYY-MM-DD', 'D MMMM YYYY', 'D.M.YYYY', 'MMM D, YYYY', 'MMM YYYY', 'YYYY'];
const MOMENTS = ['D MMM YYYY, HH:mm', 'YYYY-MM-DD HH:mm', 'YYYY-MM-DDTHH:mm', ...DAYS.slice(1)];

/** What was typed, read when the field is left: the kit takes typed text only where it looks as it shows it. */
function readTyped(e: Event): void {
  const typed = (e.target as HTMLInputElement).value.trim();
  if (!typed) return;
  const read = (props.time ? MOMENTS : DAYS)
    .map(format => dayjs(typed, format, true))
    .find(day => day.isValid());
  if (!read)
    problem.value = `“${typed}” is no date; type it like ${props.time ? '2026-03-14 09:30' : '2026-03-14'}`;
  else if (props.latest && read.format('YYYY-MM-DD') > props.latest)
    problem.value = `must not be after ${dayText(props.latest)}`;
  else model.value = read.format(props.time ? 'YYYY-MM-DDTHH:mm' : 'YYYY-MM-DD');
}
</script>

<template>
  <div class="date-field">
    <label :for="id">{{ label }}</label>
    <DatePicker
      :id="id"
      :value="model || undefined"
      :show-time="time ? { format: 'HH:mm' } : false"
      :format="time ? 'D MMM YYYY, HH:mm' : 'D MMM YYYY'"
      :value-format="time ? 'YYYY-MM-DDTHH:mm' : 'YYYY-MM-DD'"
      :placeholder="placeholder ?? 'day'"
      :allow-clear="!time"
      :disabled-date="latest ? d => d.format('YYYY-MM-DD') > latest! : undefined"
      :status="problem ? 'error' : ''"
      @update:value="v => (model = typeof v === 'string' ? v : '')"
      @blur="readTyped"
      @keydown.enter="readTyped"
    />
    <span v-if="problem" class="out small" role="alert">{{ problem }}</span>
  </div>
</template>

<style scoped>
.date-field {
  display: grid;
  gap: 2px;
  min-width: 0;
}
label {
  font-size: 13px;
  color: var(--soft);
}
</style>
