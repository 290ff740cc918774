<script setup lang="ts">
import { Button, Skeleton } from './kit';

/**
 * What stands where something is on its way, could not be fetched, or does not exist; once it is there, the slot.
 */
defineProps<{
  state: 'loading' | 'ready' | 'failed' | 'missing';
  /** What is being fetched, as in "Fetching the shelf…". */
  what: string;
  error?: string;
  /** What to say of what does not exist, and where to go on. */
  missing?: { title: string; to: string; back: string };
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
  <div v-else-if="state === 'missing'" role="alert" data-testid="missing">
    <h1>{{ missing?.title }}</h1>
    <p v-if="missing">
      <RouterLink :to="missing.to">{{ missing.back }}</RouterLink>
    </p>
  </div>
  <slot v-else />
</template>
