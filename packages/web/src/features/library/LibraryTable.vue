<script setup lang="ts">
import {
  fillerName,
  isDerived,
  measureOf,
  type Family,
  type MeasureName,
  type MeasureRange,
} from '@hornblende/core/materials';
import { Checkbox } from '../../ui/kit';
import { computed } from 'vue';
import { useLibrary } from '../../stores/library';
import VirtualTable from '../../ui/VirtualTable.vue';
import { useProperties } from './useProperties';

/** The library as a table that stays quick with thousands of grades. */
const props = defineProps<{
  rows: Family[];
  columns: MeasureName[];
  sortBy: MeasureName | 'name';
  falling: boolean;
  picked: string[];
  archived: ReadonlySet<string>;
}>();
const emit = defineEmits<{ sort: [by: MeasureName | 'name']; pick: [key: string] }>();
const library = useLibrary();
const { label, unit, number } = useProperties();
const ROW = 54;
/** How many can be compared. */
const COMPARED = 4;
const heads = computed(() => [
  { key: 'tick', title: 'Compare', hiddenTitle: true },
  { key: 'name', title: 'Name', unit: 'family, or a grade of one', sortable: true },
  ...props.columns.map(c => ({
    key: c as string,
    title: label(c),
    unit: unit(c) || 'ratio',
    sortable: true,
    number: true,
  })),
]);
/** Where a grade's value comes from, as its style says. */
function origin(f: Family, c: MeasureName): string {
  const p = isDerived(c) ? null : f.properties[c];
  if (!f.grade || !p) return '';
  if (p.confidence === 'measured') return 'own';
  return p.source.includes('data sheet') ? 'sheet' : '';
}
function kindOf(f: Family): string {
  if (f.grade) {
    const away = props.archived.has(f.key) ? ', put away' : '';
    return `${f.grade.maker || 'own'}, on ${library.nameOf(f.grade.family)}${away}`;
  }
  return f.filler ? `${library.nameOf(f.base ?? '')} with ${fillerName(f.filler)}` : '';
}
/** Its range in a column, as a list of one, or of none. */
function shownRange(f: Family, c: MeasureName): MeasureRange[] {
  const range = measureOf(f, c);
  return range ? [range] : [];
}
const full = computed(() => props.picked.length >= COMPARED);
</script>

<template>
  <VirtualTable
    :columns="heads"
    :rows="rows"
    :row-key="f => f.key"
    :row-height="ROW"
    :row-class="f => (archived.has(f.key) ? 'away' : '')"
    row-testid="library-row"
    label="Families and grades"
    :sort-by="sortBy"
    :falling="falling"
    @sort="key => emit('sort', key as MeasureName | 'name')"
  >
    <template #tick="{ row: f }">
      <Checkbox
        :checked="picked.includes(f.key)"
        :disabled="full && !picked.includes(f.key)"
        :aria-label="`Compare ${f.name}`"
        @change="emit('pick', f.key)"
      />
    </template>
    <template #name="{ row: f }">
      <RouterLink :to="`/library/${f.key}`" class="name" :title="f.name">{{ f.name }}</RouterLink><span
        v-if="kindOf(f)"
        class="kind"
        >{{ kindOf(f) }}</span
      >
    </template>
    <template #cell="{ row: f, column }">
      <template v-for="range in shownRange(f, column as MeasureName)" :key="range.typical">
        <span :class="origin(f, column as MeasureName)">{{
          number(column as MeasureName, range.typical)
        }}</span><span class="range"
          >{{ number(column as MeasureName, range.low) }}–{{
            number(column as MeasureName, range.high)
          }}</span
        >
      </template>
      <span v-if="!measureOf(f, column as MeasureName)" class="soft small">none</span>
    </template>
  </VirtualTable>
</template>

<style scoped>
:deep(td.name) {
  min-width: 220px;
}
:deep(th.number) {
  min-width: 96px;
}
.name {
  color: var(--ink);
  font-weight: 700;
}
.kind,
.range {
  display: block;
  font-size: 12px;
  line-height: 1.3;
  color: var(--soft);
}
.own {
  color: var(--fits);
  font-weight: 700;
}
.sheet {
  font-weight: 700;
}
</style>
