<script setup lang="ts" generic="T extends string | number">
import { Select } from './kit';
import { ref } from 'vue';
import { useListPointers } from './useListPointers';

/**
 * The kit's select as every choice of ours uses it: typing finds an option. Its label points at `id`.
 */
defineProps<{
  id: string;
  value: T | undefined;
  options: readonly { value: T; label: string }[];
  /** Without a frame, as in a sentence. */
  bare?: boolean;
  placeholder?: string;
  /** What is listed is looked up elsewhere for the words typed (`search`), rather than found among the options. */
  remote?: boolean;
  loading?: boolean;
  /** What stands in the list where nothing is found. */
  notFound?: string;
}>();
const emit = defineEmits<{ choose: [value: T]; search: [words: string] }>();
const root = ref<{ $el: HTMLElement } | null>(null);
const open = useListPointers(root);
</script>

<template>
  <Select
    :id="id"
    ref="root"
    :value="value"
    :options="[...options]"
    option-filter-prop="label"
    :filter-option="remote ? false : undefined"
    :loading="loading"
    :not-found-content="notFound"
    show-search
    :bordered="!bare"
    :placeholder="placeholder"
    :dropdown-match-select-width="false"
    @dropdown-visible-change="now => (open = now)"
    @search="words => emit('search', words)"
    @change="v => emit('choose', v as T)"
  />
</template>
