<script setup lang="ts">
import type { PreviewRow } from '@hornblende/core/tables';
import VirtualTable from '../../ui/VirtualTable.vue';
import { changeText, problemText } from './import-words';
import { useProperties } from './useProperties';
import { useLibrary } from '../../stores/library';

/** The rows of a file that is to be imported, each with what it would change or what is wrong with it. */
defineProps<{ rows: PreviewRow[] }>();
const library = useLibrary();
const { label } = useProperties();
const ROW = 34;
const columns = [
  { key: 'line', title: 'Line' },
  { key: 'grade', title: 'Grade' },
  { key: 'what', title: 'What' },
];
</script>

<template>
  <VirtualTable
    class="import-rows"
    :columns="columns"
    :rows="rows"
    :row-key="r => String(r.line)"
    :row-height="ROW"
    row-testid="import-row"
    label="Rows of the file"
    sort-by=""
    :falling="false"
  >
    <template #line="{ row }"
      ><span class="soft small">line {{ row.line }}</span></template
    >
    <template #grade="{ row }">
      <b>{{ row.name || row.key || 'without a name' }}</b>
      <span v-if="row.grade" class="soft small"> {{ library.nameOf(row.grade.family) }}</span>
    </template>
    <template #what="{ row }">
      <span v-for="c in row.changes" :key="c.field" class="small line">
        {{ changeText(c, label).what }}: <s>{{ changeText(c, label).before }}</s>
        {{ changeText(c, label).after }}
      </span>
      <span v-for="p in row.problems" :key="p.field + p.message" class="small out line">{{
        problemText(p, label)
      }}</span>
    </template>
  </VirtualTable>
</template>

<style scoped>
.import-rows {
  max-height: 320px;
}
.line {
  display: block;
}
s {
  color: var(--soft);
}
</style>
