<script setup lang="ts">
import type { GradeValue } from '@hornblende/core/formats';
import { propertyDefinition, type PropertyName } from '@hornblende/core/materials';
import { propertyMeasure, propertyShown, propertyStored } from '@hornblende/core/units';
import { computed } from 'vue';
import { useSettings } from '../../stores/settings';
import NumberInput from '../../ui/NumberInput.vue';
import QuantityInput from '../../ui/QuantityInput.vue';
import { useProperties } from './useProperties';

/** A property's value of a grade, to be typed in the reader's units; empty, it is the family's. */
const props = defineProps<{ name: PropertyName; value: GradeValue | null; label: string }>();
const emit = defineEmits<{ change: [typical: number | null] }>();
const settings = useSettings();
const { number } = useProperties();
const FIGURES = 6;
const measure = computed(() => propertyMeasure(props.name));
const limits = computed(() => propertyDefinition(props.name));
const shown = computed(() =>
  props.value
    ? Number(propertyShown(props.name, props.value.typical, settings.units).toPrecision(FIGURES))
    : null,
);
const span = computed(() => {
  const { value, name } = props;
  if (!value || value.low === null) return '';
  return `${number(name, value.low)} to ${number(name, value.high ?? value.typical)}`;
});
function typed(v: number | null): void {
  emit('change', v === null ? null : propertyStored(props.name, v, settings.units));
}
</script>

<template>
  <QuantityInput
    v-if="measure"
    inline
    nullable
    placeholder="–"
    :label="label"
    :dimension="measure"
    :model-value="value?.typical ?? null"
    :min="limits.min"
    :max="limits.max"
    @update:model-value="v => emit('change', v)"
  />
  <NumberInput
    v-else
    inline
    nullable
    placeholder="–"
    :label="label"
    :model-value="shown"
    :min="propertyShown(name, limits.min, settings.units)"
    :max="propertyShown(name, limits.max, settings.units)"
    @update:model-value="typed"
  />
  <span class="soft small">{{ span }}</span>
</template>
