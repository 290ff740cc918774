<script setup lang="ts">
import type { Placement } from '@hornblende/core/formats';
import { aspectWords, heatWords, loadWords, sunWords, waterWords } from '@hornblende/core/service';
import OptionSelect from '../../ui/OptionSelect.vue';
import TextField from '../../ui/TextField.vue';
import PlaceAir from './PlaceAir.vue';
import PlaceFieldset from './PlaceFieldset.vue';
import { optionsOf } from './words';

/** Where a part that goes out is, and what it meets there. */
defineProps<{ place: Placement['place'] }>();
const emit = defineEmits<{ change: [change: Partial<Placement['place']>] }>();
</script>

<template>
  <PlaceFieldset title="Where it is">
    <TextField
      :model-value="place.where"
      label="Where, in words"
      :maxlength="120"
      placeholder="upper apiary; not needed"
      @update:model-value="v => emit('change', { where: v })"
    />
    <OptionSelect
      :model-value="place.heat"
      label="Its air"
      :options="optionsOf(heatWords)"
      @update:model-value="v => emit('change', { heat: v })"
    />
    <OptionSelect
      :model-value="place.sun"
      label="Sun"
      :options="optionsOf(sunWords)"
      @update:model-value="v => emit('change', { sun: v })"
    />
    <OptionSelect
      :model-value="place.aspect"
      label="It faces"
      :options="optionsOf(aspectWords)"
      @update:model-value="v => emit('change', { aspect: v })"
    />
    <OptionSelect
      :model-value="place.water"
      label="Water"
      :options="optionsOf(waterWords)"
      @update:model-value="v => emit('change', { water: v })"
    />
    <OptionSelect
      :model-value="place.load"
      label="It bears"
      :options="optionsOf(loadWords)"
      @update:model-value="v => emit('change', { load: v })"
    />
    <PlaceAir :place="place" @change="change => emit('change', change)" />
  </PlaceFieldset>
</template>
