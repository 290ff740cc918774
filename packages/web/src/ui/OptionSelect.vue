<script setup lang="ts" generic="T extends string | number">
import { Select } from 'ant-design-vue';
import { useId } from 'vue';

/** A choice in a form, with its label above it; typing finds one. */
const model = defineModel<T>({ required: true });
defineProps<{
  options: readonly { value: T; label: string }[];
  label: string;
  /** The label is only spoken. */
  bare?: boolean;
  note?: string;
}>();
const id = useId();
</script>

<template>
  <div class="option-select" :class="{ bare }">
    <label :for="id" :class="{ 'visually-hidden': bare }">{{ label }}</label>
    <Select
      :id="id"
      :value="model"
      :options="[...options]"
      option-filter-prop="label"
      show-search
      :dropdown-match-select-width="false"
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
