<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core';
import { computed, onMounted, ref, shallowRef, useId } from 'vue';
import { api } from '../api/client';
import KitSelect from './KitSelect.vue';

/** Picks a part of the workshop by words of its name: the server looks through all of them, however many there are. */
const props = defineProps<{
  partId: string;
  partName: string;
  label: string;
  /** What stands for no part. */
  none: string;
}>();
const emit = defineEmits<{ pick: [id: string] }>();
const id = useId();
const found = shallowRef<{ value: string; label: string }[]>([]);
const busy = ref(false);
const failed = ref('');
/** Parts that are listed at once. */
const MOST_PARTS_LISTED = 50;
let asked = '';

async function look(words: string): Promise<void> {
  asked = words;
  busy.value = true;
  failed.value = '';
  try {
    const hits = await api.search(words, ['parts'], MOST_PARTS_LISTED);
    // A later question is answered by its own answer.
    if (asked === words) found.value = hits.map(p => ({ value: p.id, label: p.title }));
  } catch (e) {
    if (asked === words) failed.value = (e as Error).message;
  } finally {
    if (asked === words) busy.value = false;
  }
}
const lookSoon = useDebounceFn(look, 200);
onMounted(() => look(''));
const options = computed(() => {
  const none = { value: '', label: props.none };
  const here = found.value.some(o => o.value === props.partId);
  const chosen = props.partId && !here ? [{ value: props.partId, label: props.partName || '…' }] : [];
  return [none, ...chosen, ...found.value];
});
</script>

<template>
  <div class="picker">
    <label :for="id">{{ label }}</label>
    <KitSelect
      :id="id"
      :value="partId"
      remote
      :options="options"
      :loading="busy"
      :not-found="failed || 'No part is called that.'"
      @search="lookSoon"
      @choose="v => emit('pick', v)"
    />
  </div>
</template>

<style scoped>
.picker {
  display: grid;
  gap: 2px;
  min-width: 0;
}
label {
  font-size: 13px;
  color: var(--soft);
}
</style>
