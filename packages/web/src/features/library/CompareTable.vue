<script setup lang="ts">
import { CloseOutlined } from '@ant-design/icons-vue';
import { Button, Checkbox } from '../../ui/kit';
import { familyCard } from '@hornblende/core/advice';
import { helps, propertyNames, type Family } from '@hornblende/core/materials';
import { computed, ref } from 'vue';
import { useProperties } from './useProperties';
import { useUnits } from '../../ui/useUnits';
import DataTable from '../../ui/DataTable.vue';
import CompareCell from './CompareCell.vue';

/** Up to four filaments side by side: each property with its range on one scale, the best of the row marked. */
const props = defineProps<{ rows: Family[] }>();
const emit = defineEmits<{ drop: [key: string] }>();
const { label, unit } = useProperties();
const { say } = useUnits();
const onlyDifferent = ref(true);
/** Ranges that overlap for the most part say nothing about which is better. */
const DIFFERENT = 0.07;

const properties = computed(() =>
  propertyNames.flatMap(name => {
    const ranges = props.rows.map(f => f.properties[name]);
    const known = ranges.filter(r => r !== null);
    if (!known.length) return [];
    const typicals = known.map(r => r.typical);
    const least = Math.min(...typicals);
    const most = Math.max(...typicals);
    const thermal = /C$/.test(name);
    const differs =
      known.length < ranges.length ||
      (thermal ? most - least > 3 : most - least > DIFFERENT * Math.max(Math.abs(most), Math.abs(least)));
    if (onlyDifferent.value && !differs) return [];
    const better = helps(name);
    const best = differs && better ? (better === 'more' ? most : least) : null;
    return [
      {
        name,
        ranges,
        best,
        min: Math.min(...known.map(r => r.low)),
        max: Math.max(...known.map(r => r.high)),
      },
    ];
  }),
);
/** One line of the table: words at the top, then a property a line. */
interface Line {
  key: string;
  title: string;
  property: (typeof properties.value)[number] | null;
}
const lines = computed<Line[]>(() => [
  { key: 'for', title: 'For', property: null },
  { key: 'against', title: 'Against', property: null },
  { key: 'wins', title: 'Best of these at', property: null },
  ...properties.value.map(l => ({ key: l.name, title: label(l.name), property: l })),
]);
/** The share of the table's width that names of properties take, %; filaments share the rest alike. */
const NAMES_PCT = 17;
const columns = computed(() => [
  { key: 'property', title: 'Property', width: `${NAMES_PCT}%` },
  ...props.rows.map(f => ({ key: f.key, title: f.name, width: `${(100 - NAMES_PCT) / props.rows.length}%` })),
]);
const cards = computed(() => props.rows.map(familyCard));
const wins = (f: Family): string =>
  properties.value
    .filter(
      l =>
        l.best !== null &&
        f.properties[l.name]?.typical === l.best &&
        l.ranges.filter(r => r?.typical === l.best).length === 1,
    )
    .map(l => label(l.name))
    // Some names have a comma of their own.
    .join('; ') || 'nothing alone';
</script>

<template>
  <p v-if="!rows.length" class="soft empty">Nothing to compare yet. Tick up to four in the table.</p>
  <template v-else>
    <Checkbox v-model:checked="onlyDifferent">Only what differs</Checkbox>
    <div class="scroll" tabindex="0" role="region" aria-label="Comparison">
      <DataTable
        :columns="columns"
        :rows="lines"
        :row-key="l => l.key"
        label="Filaments side by side"
        data-testid="compare"
      >
        <template v-for="f in rows" :key="`head-${f.key}`" #[`head-${f.key}`]>
          <RouterLink :to="`/library/${f.key}`" class="head">{{ f.name }}</RouterLink>
          <Button type="text" size="small" :aria-label="`Drop ${f.name}`" @click="emit('drop', f.key)"
            ><template #icon><CloseOutlined aria-hidden="true" /></template
          ></Button>
        </template>
        <template #property="{ row }">
          {{ row.title
          }}<span v-if="row.property" class="soft small unit">{{ unit(row.property.name) }}</span>
        </template>
        <template v-for="(f, i) in rows" :key="f.key" #[f.key]="{ row }">
          <CompareCell v-if="row.property" :line="row.property" :range="row.property.ranges[i] ?? null" />
          <div v-else-if="row.key === 'for'" class="reasons">
            <p v-for="reason in cards[i]?.for" :key="reason" class="small">{{ say(reason) }}</p>
          </div>
          <div v-else-if="row.key === 'against'" class="reasons">
            <p v-for="reason in cards[i]?.watch" :key="reason" class="small">{{ say(reason) }}</p>
          </div>
          <span v-else class="small">{{ wins(f) }}</span>
        </template>
      </DataTable>
    </div>
  </template>
</template>

<style scoped>
.empty {
  padding: 30px 0;
}
.scroll {
  overflow-x: auto;
  margin-top: 8px;
}
.head {
  color: var(--ink);
  font-weight: 700;
}
.unit {
  display: block;
}
p {
  margin: 0 0 4px;
}
/* On a phone a cell stands beside its name. */
.reasons {
  flex: 1;
  min-width: 0;
}
</style>
