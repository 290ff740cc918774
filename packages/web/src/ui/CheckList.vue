<script setup lang="ts" generic="T extends string">
import { CheckboxGroup } from './kit';

/** Several of a few, ticked. */
const model = defineModel<T[]>({ required: true });
defineProps<{ options: readonly { value: T; label: string }[]; label: string }>();
</script>

<template>
  <div class="check-list" role="group" :aria-label="label">
    <span class="soft small">{{ label }}</span>
    <CheckboxGroup v-model:value="model" :options="[...options]" />
  </div>
</template>

<style scoped>
.check-list {
  display: grid;
  gap: 2px;
}
</style>
