<script setup lang="ts" generic="T extends string | number">
import { Select } from './kit';
import { ref, watch } from 'vue';

/**
 * The kit's select as every choice of ours uses it: typing finds an option. The kit's own leaves unsaid whether it is
 * open, and points at a list that is not there while it is shut; screen readers need both. Its label points at `id`.
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
const open = ref(false);
/** What points at the list, with what stands there while it is open. */
const pointers = new Map<string, string | null>(
  ['aria-controls', 'aria-owns', 'aria-activedescendant'].map(name => [name, null]),
);
watch(
  [root, open],
  () => {
    const box = root.value?.$el.querySelector('[role=combobox]');
    if (!box) return;
    box.setAttribute('aria-expanded', String(open.value));
    for (const [name, kept] of pointers) {
      if (open.value && kept !== null) box.setAttribute(name, kept);
      if (open.value) continue;
      pointers.set(name, box.getAttribute(name) ?? kept);
      box.removeAttribute(name);
    }
  },
  { flush: 'post' },
);
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
