<script setup lang="ts" generic="T extends string | number">
import { Select } from 'ant-design-vue';
import { useId } from 'vue';

/** A choice in a form, with its label above it; long lists can be searched. */
const model = defineModel<T>({ required: true });
defineProps<{
  options: readonly { value: T; label: string }[];
  label: string;
  /** The label is only spoken. */
  bare?: boolean;
  searchable?: boolean;
  note?: string;
}>();
const id = useId();
</script>

<template>
  <div class="option-select" :class="{ bare }">
    <label v-if="!bare" :for="id">{{ label }}</label>
    <Select
      :id="id"
      :value="model"
      :options="[...options]"
      option-filter-prop="label"
      :show-search="searchable ?? options.length > 8"
      :dropdown-match-select-width="false"
      :aria-label="label"
      @change="v => (model = v as T)"
    />
    <span v-if="note" class="soft small">{{ note }}</span>
  </div>
</template>

<style scoped>
.option-select {
  display: grid;
  gap: 2px;
  min-width: 0;
}
.option-select.bare {
  display: inline-grid;
}
label {
  font-size: 13px;
  color: var(--soft);
}
</style>
