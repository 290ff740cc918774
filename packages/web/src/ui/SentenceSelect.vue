<script setup lang="ts" generic="T extends string">
import { Select } from 'ant-design-vue';

/** A choice that reads as part of a sentence. Long lists can be searched. */
const model = defineModel<T>({ required: true });
defineProps<{ options: readonly { value: T; label: string }[]; label: string }>();
/** From so many options on, typing finds one. */
const SEARCHED = 9;
</script>

<template>
  <Select
    :value="model"
    class="sentence"
    :options="[...options]"
    option-filter-prop="label"
    :show-search="options.length >= SEARCHED"
    :bordered="false"
    :dropdown-match-select-width="false"
    :aria-label="label"
    @change="v => (model = v as T)"
  />
</template>

<style scoped>
.sentence {
  font-weight: 700;
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
