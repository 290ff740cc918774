<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import OptionSelect from './OptionSelect.vue';
import { useWordSearch } from './useWordSearch';

/** Picks a part of the workshop by words of its name. */
const props = defineProps<{
  partId: string;
  partName: string;
  label: string;
  /** What stands for no part. */
  none: string;
}>();
const emit = defineEmits<{ pick: [id: string] }>();
/** Parts that are listed at once. */
const MOST_PARTS_LISTED = 50;
const { hits, busy, failed, lookFor } = useWordSearch(['parts'], MOST_PARTS_LISTED);
const words = ref('');
watch(words, lookFor);
const options = computed(() => {
  const found = hits.value.map(p => ({ value: p.id, label: p.title }));
  // Enter takes the first of the list: by words it must be what they find, not what others found before.
  if (words.value.trim()) return busy.value ? [] : found;
  const none = { value: '', label: props.none };
  const here = found.some(o => o.value === props.partId);
  const chosen = props.partId && !here ? [{ value: props.partId, label: props.partName || '…' }] : [];
  return [none, ...chosen, ...found];
});
</script>

<template>
  <OptionSelect
    :model-value="partId"
    :label="label"
    :options="options"
    remote
    :loading="busy"
    :not-found="busy ? 'Looking…' : failed || 'No part is called that.'"
    @search="typed => (words = typed)"
    @update:model-value="v => emit('pick', v)"
  />
</template>
