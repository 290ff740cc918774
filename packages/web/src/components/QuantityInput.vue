<script setup lang="ts">
import { formatQuantity, parseQuantity, parseRange, type DimensionKey } from '@hornblende/core/units';
import { computed, ref, useId, watch } from 'vue';
import { useSettings } from '../stores/settings';

/**
 * A quantity as typed, with or without a unit. Shows what it understood; what it cannot use stays in the
 * field and changes nothing.
 */
const props = defineProps<{
  modelValue: number | null;
  dimension: DimensionKey;
  label: string;
  min?: number;
  max?: number;
  nullable?: boolean;
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
const shown = computed(() => {
  if (props.modelValue === null) return '';
  const high = formatQuantity(props.modelValue, props.dimension, settings.units, props.digits);
  return props.low == null
    ? high
    : `${formatQuantity(props.low, props.dimension, settings.units, props.digits).split(' ')[0]} to ${high}`;
});
const text = ref(shown.value);
const focused = ref(false);
const problem = ref('');
const understood = ref('');
watch(shown, s => {
  if (!focused.value && !problem.value) text.value = s;
});
/**
 * The value that this field itself sent last; another one came from elsewhere (undo, a file) and is shown
 * even while the field has the focus.
 */
let sent: number | null | undefined;
watch(
  () => [props.modelValue, props.low],
  () => {
    if (!focused.value || props.modelValue !== sent) {
      problem.value = '';
      text.value = shown.value;
    }
  },
);

function read(): void {
  const typed = text.value.trim();
  problem.value = understood.value = '';
  if (!typed && props.nullable) {
    if (props.modelValue !== null) {
      sent = null;
      emit('update:modelValue', null);
    }
    return;
  }
  try {
    if (props.ranged) {
      readRange(typed);
      return;
    }
    const q = parseQuantity(typed, props.dimension, settings.units);
    const min = props.min ?? -Infinity;
    const max = props.max ?? Infinity;
    if (q.value < min || q.value > max) {
      problem.value =
        `${q.understood} is out of range; allowed: ` +
        `${formatQuantity(min, props.dimension, settings.units)} to ` +
        `${formatQuantity(max, props.dimension, settings.units)}`;
      return;
    }
    understood.value = q.understood.includes('=') ? q.understood : '';
    // What is shown is rounded: typing nothing new must not change the stored value.
    if (typed !== shown.value) {
      sent = q.value;
      emit('update:modelValue', q.value);
    }
  } catch (e) {
    problem.value = (e as Error).message;
  }
}

/** "30 to 50 N": the upper end is what the part must bear, the lower end only widens what is shown. */
function readRange(typed: string): void {
  const r = parseRange(typed, props.dimension, settings.units);
  if (r.low < (props.min ?? -Infinity) || r.high > (props.max ?? Infinity)) {
    problem.value =
      `${r.understood} is out of range; allowed: ` +
      `${formatQuantity(props.min ?? 0, props.dimension, settings.units)} to ` +
      `${formatQuantity(props.max ?? 0, props.dimension, settings.units)}`;
    return;
  }
  understood.value = r.understood.includes('=') ? r.understood : '';
  if (typed !== shown.value) {
    sent = r.high;
    emit('range', r.low < r.high ? r.low : null, r.high);
  }
}

function leave(): void {
  focused.value = false;
  if (!problem.value) text.value = shown.value;
  understood.value = '';
}
</script>

<template>
  <span class="quantity" :class="{ inline, bad: problem }">
    <label v-if="!inline" :for="id">{{ label }}</label>
    <input
      :id="id"
      v-model="text"
      type="text"
      inputmode="text"
      autocomplete="off"
      :aria-label="inline ? label : undefined"
      :aria-invalid="problem !== ''"
      :aria-describedby="`${id}-note`"
      :placeholder="placeholder"
      @input="read"
      @focus="focused = true"
      @blur="leave"
      @keydown.enter="leave"
    />
    <span :id="`${id}-note`" class="note" role="status"
      ><span v-if="problem" class="out">{{ problem }}</span
      ><span v-else-if="focused && understood" class="info">{{ understood }}</span></span
    >
  </span>
</template>

<style scoped>
.quantity {
  display: inline-grid;
  gap: 2px;
  vertical-align: top;
  position: relative;
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
  min-width: 44px;
  max-width: 160px;
  field-sizing: content;
  background: transparent;
  border: 0;
  border-bottom: 1.5px solid var(--deep);
  border-radius: 0;
  padding: 1px 2px;
  margin: 0 4px;
}
.inline input:hover {
  background: var(--hover);
}
.bad input {
  border-color: var(--out);
}
input::placeholder {
  color: var(--soft);
  opacity: 1;
  font-weight: 400;
}
.note {
  font-size: 12.5px;
  line-height: 1.35;
  max-width: 250px;
}
.inline .note:not(:empty) {
  position: absolute;
  left: 0;
  top: 100%;
  z-index: 4;
  background: var(--panel);
  box-shadow: var(--shadow);
  white-space: normal;
  width: max-content;
}
.inline .note > span {
  display: block;
  padding: 5px 9px;
}
</style>
