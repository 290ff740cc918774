<script setup lang="ts">
import { statusMark, type Status } from '@hornblende/core/score';
defineProps<{ status: Status }>();
</script>

<template>
  <span :class="status" class="status">{{ statusMark[status] }} {{ status }}</span>
</template>

<style scoped>
.status {
  white-space: nowrap;
}
</style>
