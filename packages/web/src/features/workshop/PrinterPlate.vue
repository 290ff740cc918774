<script setup lang="ts">
import { Printer } from '@hornblende/core/formats';
import NumberInput from '../../ui/NumberInput.vue';
import { limitsOf } from '../../ui/limits-of';
import OptionSelect from '../../ui/OptionSelect.vue';
import { printerChoices } from './printer-words';

/** How a printer begins a print: its bed levelled, its first layer, and what holds the plate down. */
defineProps<{ profile: Printer }>();
const emit = defineEmits<{ change: [change: Partial<Printer>] }>();
const limits = limitsOf(Printer);
</script>

<template>
  <OptionSelect
    label="Bed is levelled"
    :model-value="profile.levelling"
    :options="printerChoices.levelling"
    @update:model-value="levelling => emit('change', { levelling })"
  />
  <NumberInput
    label="First layer, mm"
    nullable
    placeholder="as usual"
    v-bind="limits.number('firstLayerMm')"
    :model-value="profile.firstLayerMm"
    @update:model-value="firstLayerMm => emit('change', { firstLayerMm })"
  />
  <NumberInput
    label="Magnets hold the plate, kPa"
    nullable
    placeholder="clamped"
    v-bind="limits.number('magnetsKPa')"
    :model-value="profile.magnetsKPa"
    @update:model-value="magnetsKPa => emit('change', { magnetsKPa })"
  />
</template>
