<script setup lang="ts">
import { climateKeys, climateName, type ClimateKey, type Placement } from '@hornblende/core';
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
</script>

<template>
  <OptionSelect
    :model-value="props.place.weatherId ? `own:${props.place.weatherId}` : (props.place.climate ?? '')"
    label="Weather there"
    :options="options"
    @update:model-value="take"
  />
  <NumberInput
    :model-value="props.place.airMaxC"
    label="Hottest air, °C"
    :min="-40"
    :max="60"
    nullable
    placeholder="as usual there"
    @update:model-value="v => emit('change', { airMaxC: v })"
  />
  <NumberInput
    :model-value="props.place.partMaxC"
    label="It gets, °C"
    :min="-60"
    :max="400"
    nullable
    placeholder="not known"
    @update:model-value="v => emit('change', { partMaxC: v })"
  />
  <NumberInput
    :model-value="props.place.frostsAYear"
    label="Freezes and thaws, times a year"
    :min="0"
    :max="366"
    nullable
    placeholder="not known"
    @update:model-value="v => emit('change', { frostsAYear: v })"
  />
  <NumberInput
    :model-value="props.place.heatingsAYear"
    label="Heated and cooled, times a year"
    :min="0"
    :max="100000"
    nullable
    placeholder="not known"
    @update:model-value="v => emit('change', { heatingsAYear: v })"
  />
</template>
