<script setup lang="ts">
import DataTable from '../../../ui/DataTable.vue';
import WorkingNumber from '../../../ui/WorkingNumber.vue';
import { sectionAsPrinted, type BriefLoad } from '@hornblende/core/brief';
import { sig } from '@hornblende/core/lib';
import { typical, type Family } from '@hornblende/core/materials';
import { sectionChoices, type SectionChoice } from '@hornblende/core/models';
import { printFlowMm3s } from '@hornblende/core/print';
import { computed } from 'vue';
import { useUnits } from '../../../ui/useUnits';
import { useWorking } from '../../../stores/working';
import { useDraft } from '../../part/draft';
import { useRanking } from '../../part/useRanking';

/** What two walls more buy in this member, against more infill, in grams and minutes. */
const props = defineProps<{ family: Family; load: BriefLoad }>();
const working = useWorking();
const { show } = useUnits();
const draft = useDraft();
const { printer } = useRanking();
const choices = computed(() =>
  sectionChoices(
    sectionAsPrinted(
      draft.brief!,
      props.load.widthMm ?? 1,
      props.load.heightMm ?? 1,
      props.load.acrossLayers,
    ),
    props.load.lengthMm ?? 1,
    typical(props.family, 'densityGcm3'),
    printFlowMm3s(props.family, printer.value, draft.brief!.print),
  ),
);
const columns = [
  { key: 'how', title: 'How' },
  { key: 'strong', title: 'Strong, of solid' },
  { key: 'stiff', title: 'Stiff' },
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
    <template #strong="{ row }"
      ><WorkingNumber @click="open(row)"
        >{{ sig(100 * row.result.strengthRatio, 2) }} %</WorkingNumber
      ></template
    >
    <template #stiff="{ row }">{{ sig(100 * row.result.stiffnessRatio, 2) }} %</template>
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
