<script setup lang="ts">
import type { ECElementEvent } from 'echarts/core';
import type { ECBasicOption } from 'echarts/types/dist/shared';
import { useTemplateRef } from 'vue';
import VChart from 'vue-echarts';

/**
 * A chart as wide as its place, with what it shows in words for whoever does not see it. One whose marks can be gone
 * through takes the arrow keys and Enter.
 */
const { stepped = false } = defineProps<{ option: ECBasicOption; label: string; stepped?: boolean }>();
const emit = defineEmits<{ click: [event: ECElementEvent]; step: [by: 1 | -1]; enter: [] }>();
const chart = useTemplateRef<InstanceType<typeof VChart>>('chart');

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
  showTip: (seriesIndex: number, dataIndex: number) =>
    chart.value?.dispatchAction({ type: 'showTip', seriesIndex, dataIndex }),
});
</script>

<template>
  <VChart
    ref="chart"
    :option="option"
    :update-options="{ notMerge: true }"
    autoresize
    :role="stepped ? 'application' : 'img'"
    :tabindex="stepped ? 0 : undefined"
    :aria-label="label"
    @click="(e: ECElementEvent) => emit('click', e)"
    @native:keydown="pressed"
  />
</template>
