<script setup lang="ts">
import type { ListedPlacement } from '@hornblende/core';
import { Table, type TableColumnType } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { useLibrary } from '../../stores/library';
import { useService } from '../../stores/service';
import SearchField from '../../ui/SearchField.vue';
import { dueWords, materialWords, standingMark, standingWords, sunWords } from './words';

/** Everything that is out there, or was: sorted by its headings, found by its words. */
const service = useService();
const library = useLibrary();
const search = ref('');
const rows = computed(() => {
  const words = search.value.trim().toLowerCase();
  return service.list.filter(({ placement: p }) =>
    [p.name, p.code, p.place.where, materialWords(p, library.nameOf)].join(' ').toLowerCase().includes(words),
  );
});
type Row = ListedPlacement;
const by =
  (of: (r: Row) => string) =>
  (a: Row, b: Row): number =>
    of(a).localeCompare(of(b));
const columns: TableColumnType<Row>[] = [
  { title: 'What', key: 'name', sorter: by(r => r.placement.name), width: '26%' },
  { title: 'Where', key: 'where', sorter: by(r => r.placement.place.where), width: '18%' },
  { title: 'Of', key: 'of', sorter: by(r => r.placement.materials[0]?.material ?? ''), width: '20%' },
  { title: 'Out for', key: 'years', sorter: (a, b) => a.standing.years - b.standing.years, width: '9%' },
  { title: 'How it is', key: 'standing', sorter: by(r => standingWords(r.standing)), width: '16%' },
  {
    title: 'Due',
    key: 'due',
    sorter: (a, b) => (a.due?.inDays ?? 1e9) - (b.due?.inDays ?? 1e9),
    width: '11%',
  },
];
/** Rows on a page of the table. */
const PAGE = 50;
</script>

<template>
  <section aria-label="All of it" data-testid="placed-table">
    <div class="bar">
      <SearchField v-model="search" label="Find a part in service" />
      <a href="/api/service/parts.csv" download="in-service.csv">As a table</a>
    </div>
    <Table
      :columns="columns"
      :data-source="rows"
      :row-key="(r: Row) => r.id"
      :pagination="rows.length > PAGE ? { pageSize: PAGE, showSizeChanger: false } : false"
      size="small"
      class="placed"
    >
      <template #bodyCell="{ column, record }">
        <RouterLink v-if="column.key === 'name'" :to="`/service/${record.id}`">{{
          record.placement.name
        }}</RouterLink>
        <template v-else-if="column.key === 'where'"
          >{{ record.placement.place.where
          }}<span class="soft small">, {{ sunWords[(record as Row).placement.place.sun] }}</span></template
        >
        <template v-else-if="column.key === 'of'">{{
          materialWords(record.placement, library.nameOf)
        }}</template>
        <template v-else-if="column.key === 'years'">{{ record.standing.years.toFixed(1) }} years</template>
        <span v-else-if="column.key === 'standing'" :class="standingMark(record.standing).tone"
          >{{ standingMark(record.standing).sign }} {{ standingWords(record.standing) }}</span
        >
        <span v-else :class="{ out: record.due && record.due.inDays < 0 }">{{
          dueWords(record as Row)
        }}</span>
      </template>
    </Table>
  </section>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 18px;
  align-items: center;
  margin-bottom: 8px;
}
@media (max-width: 760px) {
  .placed :deep(thead),
  .placed :deep(colgroup) {
    display: none;
  }
  .placed :deep(table),
  .placed :deep(tbody),
  .placed :deep(tr) {
    display: block;
  }
  .placed :deep(td) {
    display: block;
    border: 0;
    padding: 1px 0 !important;
  }
  .placed :deep(tr) {
    border-bottom: 1px solid var(--rule);
    padding: 8px 0;
  }
}
</style>
