<script setup lang="ts">
import type { Status } from '@hornblende/core';
defineProps<{ status: Status }>();
const mark = { fits: '●', marginal: '◐', out: '○' } as const;
</script>

<template>
  <span :class="status" class="status">{{ mark[status] }} {{ status }}</span>
</template>

<style scoped>
.status {
  white-space: nowrap;
}
</style>
