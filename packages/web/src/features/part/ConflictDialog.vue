<script setup lang="ts">
import { briefChanges, type BriefChange } from '@hornblende/core/brief';
import { Button, Modal } from '../../ui/kit';
import { computed } from 'vue';
import { usePrinters } from '../../stores/printers';
import DataTable from '../../ui/DataTable.vue';
import { useUnits } from '../../ui/useUnits';
import { shownValue } from './shown-value';
import { useDraft } from './draft';

/** Two tabs saved the same part: both versions, field by field, and a choice between them. */
const draft = useDraft();
const printers = usePrinters();
const { system } = useUnits();
const open = computed(() => draft.saveState === 'conflict' && draft.theirs !== null);
const printerName = (id: string | null): string => printers.byId(id)?.profile.name ?? 'any printer';
/** What is here against what was saved elsewhere. */
const rows = computed<BriefChange[]>(() => {
  const { theirs, content } = draft;
  if (!theirs || !content) return [];
  const changes = briefChanges(theirs.brief, content.brief);
  if (theirs.printerId === content.printerId) return changes;
  const printer = {
    path: 'printer',
    label: 'Printer',
    from: printerName(theirs.printerId),
    to: printerName(content.printerId),
  };
  return [...changes, printer];
});
const columns = [
  { key: 'field', title: 'Field', width: '34%' },
  { key: 'mine', title: 'Here' },
  { key: 'theirs', title: 'Saved elsewhere' },
];
</script>

<template>
  <Modal
    :open="open"
    title="This part was changed in another tab"
    :closable="false"
    :mask-closable="false"
    :keyboard="false"
    :width="640"
    :footer="null"
  >
    <div data-testid="conflict">
      <p>Both versions are here. Choose one; the other stays one undo away.</p>
      <DataTable
        v-if="rows.length"
        :columns="columns"
        :rows="rows"
        :row-key="r => r.path"
        label="What differs"
      >
        <template #field="{ row }">{{ row.label }}</template>
        <template #mine="{ row }">{{ shownValue(row.path, row.to, system) }}</template>
        <template #theirs="{ row }">{{ shownValue(row.path, row.from, system) }}</template>
      </DataTable>
      <p v-else class="soft">They say the same.</p>
      <div class="choices">
        <Button type="primary" @click="draft.resolve('mine')">Keep what is here</Button>
        <Button @click="draft.resolve('theirs')">Take what was saved elsewhere</Button>
      </div>
    </div>
  </Modal>
</template>

<style scoped>
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  margin-top: 16px;
}
</style>
