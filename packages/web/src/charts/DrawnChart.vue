<script setup lang="ts">
import { CustomChart, LineChart, ScatterChart } from 'echarts/charts';
import {
  GridComponent,
  LegendComponent,
  MarkAreaComponent,
  MarkLineComponent,
  TooltipComponent,
} from 'echarts/components';
import { use, type ECElementEvent } from 'echarts/core';
import { LabelLayout } from 'echarts/features';
import { SVGRenderer } from 'echarts/renderers';
import type { ECBasicOption } from 'echarts/types/dist/shared';
import { useTemplateRef } from 'vue';
import VChart from 'vue-echarts';

use([
  CustomChart,
  LineChart,
  ScatterChart,
  GridComponent,
  LegendComponent,
  MarkAreaComponent,
  MarkLineComponent,
  TooltipComponent,
  LabelLayout,
  SVGRenderer,
]);

/** What draws a chart: all that charts are made of, fetched with the first one. */
defineProps<{ option: ECBasicOption }>();
const emit = defineEmits<{ click: [event: ECElementEvent] }>();
const chart = useTemplateRef<InstanceType<typeof VChart>>('chart');
defineExpose({
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
    @click="(e: ECElementEvent) => emit('click', e)"
  />
</template>
