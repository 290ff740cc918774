<script setup lang="ts">
import Segments from '../../ui/Segments.vue';

/** The scale that a durometer reads on. */
const model = defineModel<'A' | 'D'>({ required: true });
withDefaults(defineProps<{ label?: string }>(), { label: 'Scale' });
const scales = [
  { value: 'A', label: 'Shore A' },
  { value: 'D', label: 'Shore D' },
] as const;
</script>

<template>
  <Segments v-model="model" :options="scales" :label="label" />
</template>
