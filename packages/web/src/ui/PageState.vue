<script setup lang="ts">
import { Button, Skeleton } from 'ant-design-vue';

/** What stands where something is on its way or could not be fetched; once it is there, the slot. */
defineProps<{
  state: 'loading' | 'ready' | 'failed';
  /** What is being fetched, as in "Fetching the shelf…". */
  what: string;
  error?: string;
}>();
const emit = defineEmits<{ retry: [] }>();
</script>

<template>
  <div v-if="state === 'loading'" role="status" :aria-label="`Fetching ${what}`">
    <span class="visually-hidden">Fetching {{ what }}…</span>
    <Skeleton active :title="false" :paragraph="{ rows: 4 }" />
  </div>
  <div v-else-if="state === 'failed'" class="notice" role="alert">
    <p>It was not possible to fetch {{ what }}{{ error ? `: ${error}` : '' }}.</p>
    <Button @click="emit('retry')">Try again</Button>
  </div>
  <slot v-else />
</template>
