<script setup lang="ts">
import { Printer } from '@hornblende/core/formats';
import NumberInput from '../../ui/NumberInput.vue';
import { limitsOf } from '../../ui/limits-of';

/** The room that a printer stands in, for what printing leaves in its air. */
defineProps<{ profile: Printer }>();
const emit = defineEmits<{ change: [change: Partial<Printer>] }>();
const limits = limitsOf(Printer);
</script>

<template>
  <NumberInput
    label="Its room, m³"
    nullable
    placeholder="taken as 45"
    v-bind="limits.number('roomM3')"
    :model-value="profile.roomM3"
    @update:model-value="v => emit('change', { roomM3: v })"
  />
  <NumberInput
    label="Air changes an hour"
    nullable
    :placeholder="profile.ventilation === 'none' ? 'taken as 0.3' : 'taken as 2'"
    v-bind="limits.number('airChangesPerH')"
    :model-value="profile.airChangesPerH"
    @update:model-value="v => emit('change', { airChangesPerH: v })"
  />
  <NumberInput
    label="A duct takes away, %"
    nullable
    percent
    :placeholder="profile.ventilation === 'extracted' ? 'taken as 80' : 'nothing'"
    v-bind="limits.number('capturedShare')"
    :model-value="profile.capturedShare"
    @update:model-value="v => emit('change', { capturedShare: v })"
  />
  <NumberInput
    label="A filter cleans, m³/h"
    v-bind="limits.number('filterCadrM3H')"
    :model-value="profile.filterCadrM3H"
    @update:model-value="v => v !== null && emit('change', { filterCadrM3H: v })"
  />
  <NumberInput
    label="Printers that run in it at once"
    integer
    v-bind="limits.number('machinesInRoom')"
    :model-value="profile.machinesInRoom"
    @update:model-value="v => v !== null && emit('change', { machinesInRoom: v })"
  />
</template>
