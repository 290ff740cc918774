<script setup lang="ts">
import DataTable from '../../../ui/DataTable.vue';
import WorkingNumber from '../../../ui/WorkingNumber.vue';
import { sectionChoices, sig, typical, type Family, type SectionChoice } from '@hornblende/core';
import { computed } from 'vue';
import { useUnits } from '../../../ui/useUnits';
import { useWorking } from '../../../stores/working';

/** What two walls more buy in this member, against more infill, in grams and minutes. */
const props = defineProps<{ family: Family; lengthMm: number; widthMm: number; heightMm: number }>();
const working = useWorking();
const { show } = useUnits();
/** Line width × layer height × a usual speed, mm³/s, unless the filament melts slower. */
const LINE_FLOW = 0.45 * 0.2 * 60;
const choices = computed(() =>
  sectionChoices(
    props.lengthMm,
    props.widthMm,
    props.heightMm,
    typical(props.family, 'densityGcm3'),
    Math.min(LINE_FLOW, typical(props.family, 'maxFlowMm3s')),
  ),
);
const columns = [
  { key: 'how', title: 'How' },
  { key: 'share', title: 'Stiff and strong, of solid' },
  { key: 'mass', title: 'Weighs' },
  { key: 'time', title: 'Takes' },
];
const open = (c: SectionChoice): void =>
  working.show({
    title: `the member printed ${c.label}`,
    refs: [{ model: 'section.printed', inputs: c.input }],
  });
</script>

<template>
  <p class="soft small">This member alone, printed:</p>
  <DataTable
    class="choices"
    :columns="columns"
    :rows="choices"
    :row-key="c => c.label"
    label="This member alone, printed"
  >
    <template #how="{ row }">{{ row.label }}</template>
    <template #share="{ row }"
      ><WorkingNumber @click="open(row)"
        >{{ sig(100 * row.result.strengthRatio, 2) }} %</WorkingNumber
      ></template
    >
    <template #mass="{ row }">{{ show(row.massG, 'mass', 1) }}</template>
    <template #time="{ row }">{{ sig(row.minutes, 2) }} min</template>
  </DataTable>
</template>

<style scoped>
.choices {
  max-width: 560px;
  margin: 2px 0 8px;
  font-size: 13px;
}
</style>
