<script setup lang="ts">
import type { ECElementEvent } from 'echarts/core';
import type { ECBasicOption } from 'echarts/types/dist/shared';
import VChart from 'vue-echarts';

/** A chart as wide as its place, with what it shows in words for whoever does not see it. */
defineProps<{ option: ECBasicOption; label: string }>();
const emit = defineEmits<{ click: [event: ECElementEvent] }>();
</script>

<template>
  <VChart
    :option="option"
    :update-options="{ notMerge: true }"
    autoresize
    role="img"
    :aria-label="label"
    @click="(e: ECElementEvent) => emit('click', e)"
  />
</template>
