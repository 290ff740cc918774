<script setup lang="ts" generic="T extends string">
import { useId } from 'vue';
import KitSelect from './KitSelect.vue';

/** A choice that reads as part of a sentence; typing finds one, as it does in the browser's own. */
const model = defineModel<T>({ required: true });
const id = useId();
defineProps<{ options: readonly { value: T; label: string }[]; label: string }>();
</script>

<template>
  <span class="sentence">
    <label :for="id" class="visually-hidden">{{ label }}</label>
    <KitSelect :id="id" :value="model" :options="options" bare @choose="v => (model = v)" />
  </span>
</template>

<style scoped>
.sentence {
  display: inline-flex;
  position: relative;
  margin: 0 2px;
  max-width: 100%;
  border-bottom: 1.5px solid var(--deep);
}
.sentence:hover {
  background: var(--hover);
}
.sentence :deep(.ant-select-selector) {
  padding: 0 2px !important;
  height: 28px !important;
}
.sentence :deep(.ant-select-selection-item),
.sentence :deep(.ant-select-selection-search-input) {
  line-height: 28px !important;
  height: 28px !important;
  padding-inline-end: 20px !important;
}
.sentence :deep(.ant-select-arrow) {
  color: var(--deep);
  inset-inline-end: 4px;
}
</style>
