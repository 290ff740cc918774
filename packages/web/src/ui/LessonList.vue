<script setup lang="ts">
import type { CardLesson } from '@hornblende/core/records';
import { dayText } from './day-text';

/** What earlier prints taught: what it was, and what to do about it. */
defineProps<{ lessons: readonly CardLesson[] }>();
</script>

<template>
  <ul v-if="lessons.length" class="lessons small" aria-label="What earlier prints taught">
    <li v-for="l in lessons" :key="`${l.what} ${l.at}`">
      <span class="soft">{{ dayText(l.at) }}:</span> {{ l.what }}. <b>{{ l.remedy }}.</b>
    </li>
  </ul>
</template>

<style scoped>
.lessons {
  list-style: none;
  margin: 6px 0;
  padding: 0 0 0 10px;
  border-left: 3px solid var(--gold);
}
</style>
