<script setup lang="ts">
import { sig } from '@hornblende/core/lib';
import type { Step } from '@hornblende/core/models';
import DataTable from '../../ui/DataTable.vue';
import FormulaText from '../../ui/FormulaText.vue';

/** A computation's working, step by step, as a person would write it on paper. */
const props = defineProps<{ steps: Step[]; figures: number; label: string }>();
const columns = [
  { key: 'symbol', title: 'Symbol', width: '18%' },
  { key: 'formula', title: 'Formula', width: '29%' },
  { key: 'numbers', title: 'With numbers' },
  { key: 'value', title: 'Value', number: true },
];
const keyOf = (s: Step): string => `${props.steps.indexOf(s)} ${s.symbol}`;
</script>

<template>
  <DataTable :columns="columns" :rows="steps" :row-key="keyOf" :label="label" class="steps">
    <template #symbol="{ row }"
      ><i><FormulaText :text="row.symbol" /></i
    ></template>
    <template #formula="{ row }"><FormulaText :text="row.formula" /></template>
    <template #numbers="{ row }"><FormulaText :text="row.substituted" /></template>
    <template #value="{ row }"
      ><b>{{ sig(row.value, figures) }} {{ row.unit }}</b></template
    >
  </DataTable>
</template>

<style scoped>
.steps {
  font-size: 14px;
}
.steps :deep(td) {
  overflow-wrap: anywhere;
}
</style>
