<script setup lang="ts">
import type { Grade } from '@hornblende/core/formats';
import {
  families,
  propertyDefinition,
  propertyNames,
  type Family,
  type PropertyName,
  type Range,
} from '@hornblende/core/materials';
import { computed } from 'vue';
import DataTable from '../../ui/DataTable.vue';
import TermText from '../../ui/TermText.vue';
import RangeBar from './RangeBar.vue';
import { useProperties } from './useProperties';

/** Every property of a family or grade, on a scale that it shares with its neighbours and the whole library. */
const props = defineProps<{
  of: Family;
  /** The family of a grade. */
  base: Family | null;
  grade: Grade | null;
  neighbours: Family[];
}>();
const { label, unit, number } = useProperties();

/** Where a grade's own value comes from; empty where it is the family's. */
function levelOf(name: PropertyName): string {
  if (props.grade?.measured[name]) return 'measured here';
  return props.grade?.sheet[name] ? 'data sheet' : '';
}
const rows = computed(() =>
  propertyNames.map(name => {
    const range = props.of.properties[name];
    const all = [...families.map(f => f.properties[name]), range].filter(p => p !== null);
    return {
      name,
      range,
      min: Math.min(...all.map(p => p.low)),
      max: Math.max(...all.map(p => p.high)),
      others: props.neighbours.flatMap(n => n.properties[name]?.typical ?? []),
      family: props.base?.properties[name] ?? null,
      level: levelOf(name),
    };
  }),
);
const columns = computed(() => [
  { key: 'property', title: 'Property', width: '230px' },
  { key: 'typical', title: 'Typical', number: true, width: '130px' },
  ...(props.base ? [{ key: 'base', title: props.base.name, number: true, width: '110px' }] : []),
  { key: 'bar', title: 'Against its neighbours', width: '190px' },
  { key: 'known', title: 'How known' },
]);
function source(name: PropertyName, range: Range | null): string {
  return range ? `${range.confidence}; ${range.source}` : (propertyDefinition(name).absent ?? '');
}
</script>

<template>
  <DataTable
    :columns="columns"
    :rows="rows"
    :row-key="r => r.name"
    :row-class="r => (r.level ? 'stated' : '')"
    label="Properties"
  >
    <template #property="{ row }"><TermText :text="label(row.name)" /></template>
    <template #typical="{ row }">
      <template v-if="row.range">
        <b>{{ number(row.name, row.range.typical) }}</b> {{ unit(row.name) }}
        <span class="soft range"
          >{{ number(row.name, row.range.low) }} to {{ number(row.name, row.range.high) }}</span
        >
      </template>
      <span v-else class="soft">none</span>
    </template>
    <template #base="{ row }">
      <span class="soft">{{ row.family ? number(row.name, row.family.typical) : 'none' }}</span>
    </template>
    <template #bar="{ row }">
      <RangeBar
        v-if="row.range"
        :name="row.name"
        :range="row.range"
        :min="row.min"
        :max="row.max"
        :others="row.others"
      />
    </template>
    <template #known="{ row }">
      <span class="small soft"
        ><b v-if="row.level" class="fits">{{ row.level }}: </b>{{ source(row.name, row.range) }}</span
      >
    </template>
  </DataTable>
</template>

<style scoped>
.range {
  display: block;
  font-size: 12px;
}
</style>
