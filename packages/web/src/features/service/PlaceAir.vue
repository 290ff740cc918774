<script setup lang="ts">
import { climateKeys, climateName, type ClimateKey } from '@hornblende/core/climate';
import type { Placement } from '@hornblende/core/formats';
import { computed, onMounted } from 'vue';
import { useWeathers } from '../../stores/weathers';
import NumberInput from '../../ui/NumberInput.vue';
import OptionSelect from '../../ui/OptionSelect.vue';

/** How warm it is where a part stands: by a year of weather, by its hottest air, or as it was measured. */
type Place = Placement['place'];
const props = defineProps<{ place: Place }>();
const emit = defineEmits<{ change: [change: Partial<Place>] }>();
const weathers = useWeathers();
onMounted(() => void weathers.load().catch(() => undefined));
const options = computed(() => [
  { value: '', label: 'one hot, clear day' },
  ...climateKeys.map(k => ({ value: k as string, label: climateName(k) })),
  ...weathers.list.map(w => ({
    value: `own:${w.id}`,
    label: `${w.name}, hour by hour`,
  })),
]);
function take(value: string): void {
  const own = weathers.list.find(w => `own:${w.id}` === value);
  if (own) emit('change', { climate: null, weatherId: own.id });
  else emit('change', { climate: (value || null) as ClimateKey | null, weatherId: null });
}
/** Figures of the place that are asked for in one way. */
const figures = [
  { field: 'airMaxC', label: 'Hottest air, °C', min: -40, max: 60, placeholder: 'as usual there' },
  { field: 'partMaxC', label: 'It gets, °C', min: -60, max: 400, placeholder: 'not known' },
  {
    field: 'frostsAYear',
    label: 'Freezes and thaws, times a year',
    min: 0,
    max: 366,
    placeholder: 'not known',
  },
  {
    field: 'heatingsAYear',
    label: 'Heated and cooled, times a year',
    min: 0,
    max: 1e5,
    placeholder: 'not known',
  },
] as const;
</script>

<template>
  <OptionSelect
    :model-value="props.place.weatherId ? `own:${props.place.weatherId}` : (props.place.climate ?? '')"
    label="Weather there"
    :options="options"
    @update:model-value="take"
  />
  <NumberInput
    v-for="{ field, ...figure } in figures"
    :key="field"
    v-bind="figure"
    :model-value="props.place[field]"
    nullable
    @update:model-value="v => emit('change', { [field]: v })"
  />
</template>
