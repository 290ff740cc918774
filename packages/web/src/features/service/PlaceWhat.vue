<script setup lang="ts">
import { colourWords, families } from '@hornblende/core/materials';
import { computed } from 'vue';
import { useLibrary } from '../../stores/library';
import { usePrints } from '../../stores/prints';
import NumberInput from '../../ui/NumberInput.vue';
import OptionSelect from '../../ui/OptionSelect.vue';
import TextField from '../../ui/TextField.vue';
import PartPicker from '../../ui/PartPicker.vue';
import PlaceFieldset from './PlaceFieldset.vue';
import type { PlacingDraft } from './usePlacing';
import { optionsOf } from './words';
import { dayText } from '../../ui/day-text';

/** What a part that goes out is: which part and print it is of, its name and tag, its filament, its walls. */
const props = defineProps<{
  draft: PlacingDraft;
  partName: string;
  /** What is wrong with a field; empty where nothing is. */
  said: (field: string) => string;
}>();
const emit = defineEmits<{
  change: [change: Partial<PlacingDraft>];
  part: [id: string];
  print: [id: string];
}>();
const library = useLibrary();
const prints = usePrints();
/** So many prints are offered, the newest. */
const MOST_PRINTS = 100;
const printOptions = computed(() => [
  { value: '', label: 'not logged' },
  ...prints.list
    .filter(p => p.print.outcome === 'well' && (!props.draft.partId || p.print.partId === props.draft.partId))
    .slice(0, MOST_PRINTS)
    .map(p => ({ value: p.id, label: `${p.print.part}, ${dayText(p.print.at)}` })),
]);
const materialOptions = computed(() =>
  [...library.active, ...families].map(f => ({ value: f.key, label: f.name })),
);
const orOptions = computed(() => [{ value: '', label: 'no, it is known' }, ...materialOptions.value]);
</script>

<template>
  <PlaceFieldset title="What it is">
    <PartPicker
      :part-id="draft.partId"
      :part-name="partName"
      label="One of"
      none="none of the list"
      @pick="v => (v ? emit('part', v) : emit('change', { partId: '' }))"
    />
    <OptionSelect
      :model-value="draft.printId"
      label="From the print"
      :options="printOptions"
      @update:model-value="v => emit('print', v)"
    />
    <TextField
      :model-value="draft.name"
      label="What it is called"
      :maxlength="120"
      :problem="said('name')"
      @update:model-value="v => emit('change', { name: v })"
    />
    <TextField
      :model-value="draft.code"
      label="Code on its tag"
      :maxlength="12"
      placeholder="one is made"
      :problem="said('code')"
      @update:model-value="v => emit('change', { code: v.toUpperCase() })"
    />
    <OptionSelect
      :model-value="draft.first"
      label="What it is made of"
      :options="materialOptions"
      :note="said('materials')"
      @update:model-value="v => emit('change', { first: v })"
    />
    <OptionSelect
      :model-value="draft.other"
      label="Or else, if half remembered"
      :options="orOptions"
      :note="said('materials[1].material')"
      @update:model-value="v => emit('change', { other: v })"
    />
    <OptionSelect
      :model-value="draft.colour"
      label="Colour"
      :options="optionsOf(colourWords)"
      @update:model-value="v => emit('change', { colour: v })"
    />
    <NumberInput
      :model-value="draft.walls"
      label="Walls"
      :min="0"
      :max="50"
      nullable
      placeholder="not known"
      @update:model-value="v => emit('change', { walls: v })"
    />
  </PlaceFieldset>
</template>
