<script setup lang="ts">
import { onErrorCaptured, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import { Button } from './kit';

/** Stands around a page: where the page breaks while it is drawn, it says so, and the rest goes on. */
const route = useRoute();
const broken = ref('');
/** Where Vue was when it broke, as its development and its production build name it: what else fails draws on. */
const DRAWING = /^(setup|render) function$|#runtime-[01]$/;
onErrorCaptured((error, _of, where) => {
  if (!DRAWING.test(where)) return;
  broken.value = error.message || String(error);
  console.error(error);
  return false;
});
// Another page is another chance.
watch(
  () => route.path,
  () => (broken.value = ''),
);
</script>

<template>
  <div v-if="broken" class="page broken" role="alert" data-testid="broken-page">
    <h1>This page could not be drawn</h1>
    <p>What was saved is safe. What went wrong: {{ broken }}</p>
    <p><Button @click="broken = ''">Try again</Button></p>
  </div>
  <slot v-else />
</template>

<style scoped>
.broken {
  display: grid;
  gap: 8px;
  align-content: start;
}
p {
  margin: 0;
}
</style>
