<script setup lang="ts" generic="T extends string | number">
import { useId } from 'vue';
import KitSelect from './KitSelect.vue';

/** A choice in a form, with its label above it; typing finds one. */
const model = defineModel<T>({ required: true });
defineProps<{
  options: readonly { value: T; label: string }[];
  label: string;
  /** The label is only spoken. */
  bare?: boolean;
  note?: string;
  /** What is listed is looked up elsewhere for the words typed (`search`), rather than found among the options. */
  remote?: boolean;
  loading?: boolean;
  /** What stands in the list where nothing is found. */
  notFound?: string;
}>();
const emit = defineEmits<{ search: [words: string] }>();
const id = useId();
</script>

<template>
  <div class="option-select" :class="{ bare }">
    <label :for="id" :class="{ 'visually-hidden': bare }">{{ label }}</label>
    <KitSelect
      :id="id"
      :value="model"
      :options="options"
      :remote="remote"
      :loading="loading"
      :not-found="notFound"
      @search="words => emit('search', words)"
      @choose="v => (model = v)"
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
