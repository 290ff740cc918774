<script setup lang="ts">
import { briefSaying, type SaidFields } from '@hornblende/core/brief';

/** What a sentence was understood to say, word by word, and what of it was not. */
defineProps<{ said: SaidFields }>();
</script>

<template>
  <div class="said" data-testid="said">
    <ul v-if="said.understood.length">
      <li v-for="(u, i) in said.understood" :key="i">
        <mark>{{ u.text }}</mark> <span class="soft small">{{ briefSaying(u) }}</span>
      </li>
    </ul>
    <p v-if="said.unclear.length" class="marginal small" data-testid="said-unclear">
      ◐ Not understood: {{ said.unclear.join('; ') }}. Say it otherwise, or answer it in the brief.
    </p>
  </div>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
}
mark {
  background: var(--hover);
  color: inherit;
  padding: 0 3px;
}
p {
  margin: 6px 0 0;
}
</style>
