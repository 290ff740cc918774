<script setup lang="ts">
import { Button } from './kit';
import { ref } from 'vue';
import { problemLines } from '../api/problem-lines';

/** The end of a list that goes on: fetches the next page, and says so where it cannot. */
const props = defineProps<{ more: boolean; what: string; load: () => Promise<void> }>();
const busy = ref(false);
const failed = ref('');

async function fetchMore(): Promise<void> {
  busy.value = true;
  failed.value = '';
  try {
    await props.load();
  } catch (e) {
    failed.value = problemLines(e).join('; ');
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <p v-if="more" class="more">
    <Button :loading="busy" @click="fetchMore">More {{ what }}</Button>
    <span v-if="failed" class="out small" role="alert">{{ failed }}</span>
  </p>
</template>

<style scoped>
.more {
  display: flex;
  gap: 12px;
  align-items: center;
  margin: 12px 0;
}
</style>
