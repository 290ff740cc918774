<script setup lang="ts">
import type { ECElementEvent } from 'echarts/core';
import type { ECBasicOption } from 'echarts/types/dist/shared';
import { defineAsyncComponent, useTemplateRef } from 'vue';

/**
 * A chart as wide as its place, with what it shows in words for whoever does not see it. One whose marks can be gone
 * through takes the arrow keys and Enter. What draws it is fetched when the first one is shown, not with its page.
 */
const { stepped = false } = defineProps<{ option: ECBasicOption; label: string; stepped?: boolean }>();
const emit = defineEmits<{ click: [event: ECElementEvent]; step: [by: 1 | -1]; enter: [] }>();
const DrawnChart = defineAsyncComponent(() => import('./DrawnChart.vue'));
const chart = useTemplateRef<{ showTip: (seriesIndex: number, dataIndex: number) => void }>('chart');

const steps: Partial<Record<string, 1 | -1>> = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 };
function pressed(event: KeyboardEvent): void {
  const by = steps[event.key];
  if (!stepped || (!by && event.key !== 'Enter')) return;
  event.preventDefault();
  if (by) emit('step', by);
  else emit('enter');
}
defineExpose({
  /** Shows what the tooltip says of a mark. */
  showTip: (seriesIndex: number, dataIndex: number) => chart.value?.showTip(seriesIndex, dataIndex),
});
</script>

<template>
  <div
    class="chart-frame"
    :role="stepped ? 'application' : 'img'"
    :tabindex="stepped ? 0 : undefined"
    :aria-label="label"
    @keydown="pressed"
  >
    <DrawnChart ref="chart" class="drawn" :option="option" @click="(e: ECElementEvent) => emit('click', e)" />
  </div>
</template>

<style scoped>
.drawn {
  width: 100%;
  height: 100%;
}
</style>
