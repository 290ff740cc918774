<script setup lang="ts">
import { useUnits } from '../../ui/useUnits';

/** What readings that were just taken changed for the part. */
defineProps<{ sentences: readonly string[] }>();
const { say } = useUnits();
</script>

<template>
  <p v-if="sentences.length" role="status" class="effect" data-testid="measuring-effect">
    <b>With these readings:</b> {{ sentences.map(say).join(' ') }} Decisions made before keep theirs.
  </p>
</template>

<style scoped>
.effect {
  border-left: 3px solid var(--info);
  padding-left: 10px;
  margin: 8px 0;
}
</style>
