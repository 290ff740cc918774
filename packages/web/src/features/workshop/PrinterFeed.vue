<script setup lang="ts">
import { Printer } from '@hornblende/core/formats';
import NumberInput from '../../ui/NumberInput.vue';
import { limitsOf } from '../../ui/limits-of';
import OptionSelect from '../../ui/OptionSelect.vue';
import QuantityInput from '../../ui/QuantityInput.vue';
import { printerChoices } from './printer-words';

/** How filament comes to the nozzle: what decides whether soft, brittle and thirsty filament can be fed. */
defineProps<{ profile: Printer }>();
const emit = defineEmits<{ change: [change: Partial<Printer>] }>();
const limits = limitsOf(Printer);
</script>

<template>
  <OptionSelect
    label="Drive"
    :model-value="profile.drive"
    :options="printerChoices.drive"
    @update:model-value="drive => emit('change', { drive })"
  />
  <OptionSelect
    label="Filament path"
    :model-value="profile.path"
    :options="printerChoices.path"
    @update:model-value="path => emit('change', { path })"
  />
  <OptionSelect
    label="Feeder gears"
    :model-value="profile.gears"
    :options="printerChoices.gears"
    @update:model-value="gears => emit('change', { gears })"
  />
  <NumberInput
    label="Spools it feeds by turns"
    integer
    v-bind="limits.number('spoolsAtOnce')"
    :model-value="profile.spoolsAtOnce"
    @update:model-value="v => v !== null && emit('change', { spoolsAtOnce: v })"
  />
  <QuantityInput
    label="Fed from a dry box at"
    dimension="temperature"
    nullable
    placeholder="open air"
    :model-value="profile.feedDryerC"
    v-bind="limits.number('feedDryerC')"
    @update:model-value="feedDryerC => emit('change', { feedDryerC })"
  />
</template>
