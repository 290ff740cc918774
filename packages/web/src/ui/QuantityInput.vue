<script setup lang="ts">
import { formatQuantity, parseQuantity, parseRange, type DimensionKey } from '@hornblende/core/units';
import { Input } from './kit';
import { computed, ref, useId, watch } from 'vue';
import { useSettings } from '../stores/settings';
import { useFieldProblem } from './form-problems';

/**
 * A quantity as typed, with or without a unit. Shows what it understood; what it cannot use stays in the field and
 * changes nothing. Emptied and left, it goes back to what it stands for when nothing is said.
 */
const props = defineProps<{
  modelValue: number | null;
  dimension: DimensionKey;
  label: string;
  min?: number;
  max?: number;
  nullable?: boolean;
  /** What it goes back to when it is emptied, in the canonical unit; without it, to what stood there. */
  fallback?: number;
  placeholder?: string;
  digits?: number;
  inline?: boolean;
  ranged?: boolean;
  low?: number | null;
}>();
/** `range` is only sent by a ranged field: the lower end, or null when it is sure. */
const emit = defineEmits<{
  'update:modelValue': [value: number | null];
  range: [low: number | null, high: number];
}>();
const settings = useSettings();
const id = useId();
const format = (value: number): string =>
  formatQuantity(value, props.dimension, settings.units, props.digits);
const shown = computed(() => {
  if (props.modelValue === null) return '';
  const high = format(props.modelValue);
  return props.low == null ? high : `${format(props.low).split(' ')[0]} to ${high}`;
});
const text = ref(shown.value);
const focused = ref(false);
const problem = ref('');
const understood = ref('');
useFieldProblem(
  () => props.label,
  () => problem.value,
  id,
);
watch(shown, s => {
  if (!focused.value && !problem.value) text.value = s;
});
/**
 * The value that this field itself sent last; another one came from elsewhere (undo, a file) and is shown even while
 * the field has the focus.
 */
let sent: number | null | undefined;
watch(
  () => [props.modelValue, props.low],
  () => {
    if (focused.value && props.modelValue === sent) return;
    problem.value = '';
    text.value = shown.value;
  },
);

function send(value: number | null): void {
  sent = value;
  emit('update:modelValue', value);
}
function read(value: string): void {
  text.value = value;
  const typed = value.trim();
  problem.value = '';
  understood.value = '';
  if (!typed) {
    if (props.nullable && props.modelValue !== null) send(null);
    return;
  }
  try {
    if (props.ranged) readRange(typed);
    else readOne(typed);
  } catch (e) {
    problem.value = (e as Error).message;
  }
}
function readOne(typed: string): void {
  const q = parseQuantity(typed, props.dimension, settings.units);
  if (isOutside(q.value, q.value, q.understood)) return;
  understood.value = q.understood.includes('=') ? q.understood : '';
  // What is shown is rounded: typing nothing new must not change the stored value.
  if (typed !== shown.value) send(q.value);
}
/** "30 to 50 N": the upper end is what the part must bear, the lower end only widens what is shown. */
function readRange(typed: string): void {
  const r = parseRange(typed, props.dimension, settings.units);
  if (isOutside(r.low, r.high, r.understood)) return;
  understood.value = r.understood.includes('=') ? r.understood : '';
  if (typed === shown.value) return;
  sent = r.high;
  emit('range', r.low < r.high ? r.low : null, r.high);
}
function isOutside(low: number, high: number, said: string): boolean {
  const min = props.min ?? -Infinity;
  const max = props.max ?? Infinity;
  if (low >= min && high <= max) return false;
  problem.value =
    `${said} is out of range; allowed: ${formatQuantity(min, props.dimension, settings.units)} to ` +
    formatQuantity(max, props.dimension, settings.units);
  return true;
}
function leave(): void {
  focused.value = false;
  understood.value = '';
  if (!text.value.trim() && !props.nullable && props.fallback !== undefined) send(props.fallback);
  if (!problem.value) text.value = shown.value;
}
</script>

<template>
  <span class="quantity" :class="{ inline, bad: problem }">
    <label v-if="!inline" :for="id">{{ label }}</label>
    <Input
      :id="id"
      :value="text"
      autocomplete="off"
      :bordered="!inline"
      :status="problem ? 'error' : ''"
      :aria-label="inline ? label : undefined"
      :aria-invalid="problem !== ''"
      :aria-describedby="`${id}-note`"
      :placeholder="placeholder"
      @update:value="read"
      @focus="focused = true"
      @blur="leave"
      @press-enter="leave"
    />
    <span :id="`${id}-note`" class="note" role="status"
      ><span v-if="problem" class="out">{{ problem }}</span
      ><span v-else-if="focused && understood" class="info">{{ understood }}</span></span
    >
  </span>
</template>

<style scoped src="./typed-input.css"></style>
