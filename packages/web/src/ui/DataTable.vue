<script setup lang="ts" generic="Row extends object">
import { Table } from './kit';
import { computed } from 'vue';

/** One column of a table; its cells come from the slot of its key. */
export interface Column {
  key: string;
  title: string;
  /** A number: to the right, never broken. */
  number?: boolean;
  width?: string;
  /** The title is only spoken. */
  hiddenTitle?: boolean;
}

/**
 * A table of few rows, in our dress on the kit's. On a narrow screen each row becomes a list of its cells. Slots: one
 * for each column's key (`row`, `index`), and `head-` with the key for its title.
 */
const props = defineProps<{
  columns: readonly Column[];
  rows: readonly Row[];
  rowKey: (row: Row) => string;
  label: string;
  rowClass?: (row: Row) => string;
  rowTestid?: string;
}>();
const kitColumns = computed(() =>
  props.columns.map(c => ({
    key: c.key,
    title: c.title,
    ...(c.width ? { width: c.width } : {}),
    ...(c.number ? { align: 'right' as const, className: 'number' } : {}),
    customCell: () => ({ 'data-label': c.hiddenTitle ? '' : c.title }) as object,
  })),
);
const custom = (row: Row): Record<string, string> => ({
  ...(props.rowTestid ? { 'data-testid': props.rowTestid } : {}),
  class: props.rowClass?.(row) ?? '',
});
const titled = (key: unknown): Column | undefined => props.columns.find(c => c.key === key);
</script>

<template>
  <Table
    class="data-table"
    size="small"
    :columns="kitColumns"
    :data-source="rows as Row[]"
    :row-key="rowKey as (row: unknown) => string"
    :pagination="false"
    :custom-row="custom as (row: unknown) => object"
    :aria-label="label"
    role="region"
  >
    <template #headerCell="{ column }">
      <slot :name="`head-${String(column.key)}`"
        ><span :class="{ 'visually-hidden': titled(column.key)?.hiddenTitle }">{{ column.title }}</span></slot
      >
    </template>
    <template #bodyCell="{ column, record, index }">
      <slot :name="String(column.key)" :row="record as Row" :index="index" />
    </template>
  </Table>
</template>

<style scoped>
.data-table :deep(table) {
  font-variant-numeric: tabular-nums;
}
.data-table :deep(.ant-table) {
  background: transparent;
  line-height: 1.4;
}
.data-table :deep(.ant-table.ant-table-small .ant-table-thead > tr > th) {
  background: transparent;
  font-weight: 400;
  font-size: 13px;
  color: var(--soft);
  padding: 6px 12px 6px 0;
  border-bottom-color: var(--rule-strong);
  vertical-align: bottom;
}
.data-table :deep(.ant-table.ant-table-small .ant-table-thead > tr > th::before) {
  display: none;
}
.data-table :deep(.ant-table.ant-table-small .ant-table-tbody > tr > td) {
  padding: 8px 12px 8px 0;
  border-bottom-color: var(--rule);
  vertical-align: top;
  background: transparent;
}
.data-table :deep(.ant-table.ant-table-small .ant-table-tbody > tr:hover > td) {
  background: color-mix(in srgb, var(--hover) 45%, transparent);
}
.data-table :deep(.ant-table.ant-table-small .ant-table-tbody > tr.on > td) {
  background: var(--hover);
}
.data-table :deep(tr.on .ant-btn-link) {
  color: var(--ink);
}
.data-table :deep(.number) {
  white-space: nowrap;
}
@media (max-width: 640px) {
  .data-table :deep(thead),
  .data-table :deep(colgroup) {
    display: none;
  }
  .data-table :deep(table),
  .data-table :deep(tbody) {
    display: block;
  }
  .data-table :deep(tbody > tr.ant-table-row) {
    display: grid;
    border-bottom: 1px solid var(--rule-strong);
    padding: 8px 0;
  }
  .data-table :deep(.ant-table.ant-table-small .ant-table-tbody > tr.ant-table-row > td) {
    display: flex;
    justify-content: space-between;
    gap: 12px;
    border: 0;
    padding: 3px 0;
    text-align: left !important;
    white-space: normal;
  }
  .data-table
    :deep(.ant-table.ant-table-small .ant-table-tbody > tr > td[data-label]:not([data-label=''])::before) {
    content: attr(data-label);
    color: var(--soft);
    font-size: 13px;
    flex: none;
    max-width: 40%;
  }
}
</style>
