<script setup lang="ts">
import type { ListedPlacement } from '@hornblende/core/api';
import { materialWords, standingWords, sunWords } from '@hornblende/core/service';
import { Button } from '../../ui/kit';
import { computed, ref } from 'vue';
import { useHealth } from '../../stores/health';
import { useLibrary } from '../../stores/library';
import { useService } from '../../stores/service';
import DataTable from '../../ui/DataTable.vue';
import OptionSelect from '../../ui/OptionSelect.vue';
import SearchField from '../../ui/SearchField.vue';
import LifeLine from './LifeLine.vue';
import { dueWords, standingMark } from './words';

/** Everything that is out there, or was: found by its words, in the order that is asked for. */
const service = useService();
const library = useLibrary();
const health = useHealth();
const search = ref('');
type Order = 'where' | 'name' | 'material' | 'due' | 'years' | 'newest' | 'standing';
const order = ref<Order>('where');
const orders: { value: Order; label: string }[] = [
  { value: 'where', label: 'where it is' },
  { value: 'name', label: 'its name' },
  { value: 'material', label: 'what it is made of' },
  { value: 'due', label: 'what is due first' },
  { value: 'years', label: 'the longest out there' },
  { value: 'newest', label: 'the newest' },
  { value: 'standing', label: 'what failed first' },
];
/** What has failed, then what is worn, then what is fine, then what was lost or taken away. */
const gravity = ({ standing: { verdict } }: ListedPlacement): number =>
  ['failed', 'worn', 'fine', null, 'removed', 'lost'].indexOf(verdict);
const comparers: Record<Order, (a: ListedPlacement, b: ListedPlacement) => number> = {
  where: (a, b) => a.placement.place.where.localeCompare(b.placement.place.where),
  name: (a, b) => a.placement.name.localeCompare(b.placement.name),
  material: (a, b) =>
    materialWords(a.placement, library.nameOf).localeCompare(materialWords(b.placement, library.nameOf)),
  due: (a, b) => (a.due?.inDays ?? Infinity) - (b.due?.inDays ?? Infinity),
  years: (a, b) => b.standing.years - a.standing.years,
  newest: (a, b) => a.standing.years - b.standing.years,
  standing: (a, b) => gravity(a) - gravity(b),
};
const rows = computed(() => {
  const words = search.value.trim().toLowerCase();
  return service.list
    .filter(({ placement: p }) =>
      [p.name, p.code, p.place.where, materialWords(p, library.nameOf)]
        .join(' ')
        .toLowerCase()
        .includes(words),
    )
    .sort(comparers[order.value]);
});
/** Rows that stand there at first, and that more brings. */
const MORE = 50;
const most = ref(MORE);
/** The longest life among those that are shown: all are drawn to its scale. */
const longest = computed(() => Math.max(...rows.value.slice(0, most.value).map(r => r.standing.years)));
const columns = [
  { key: 'name', title: 'What', width: '22%' },
  { key: 'where', title: 'Where', width: '18%' },
  { key: 'of', title: 'Of', width: '17%' },
  { key: 'years', title: 'Out for', width: '16%' },
  { key: 'standing', title: 'How it is', width: '16%' },
  { key: 'due', title: 'Due', width: '11%' },
];
</script>

<template>
  <section aria-label="All of it" data-testid="placed-table">
    <div class="bar">
      <SearchField v-model="search" label="Find a part in service" />
      <OptionSelect v-model="order" bare label="In the order of" :options="orders" />
      <a v-if="!health.isPhone" href="/api/service/parts.csv" download="in-service.csv">As a table</a>
    </div>
    <p v-if="!rows.length" class="soft">Nothing out there is called so.</p>
    <DataTable
      v-else
      :columns="columns"
      :rows="rows.slice(0, most)"
      :row-key="r => r.id"
      label="Parts in service"
      row-testid="placed-row"
    >
      <template #name="{ row }">
        <RouterLink :to="`/service/${row.id}`">{{ row.placement.name }}</RouterLink>
      </template>
      <template #where="{ row }"
        >{{ row.placement.place.where
        }}<span class="soft small">, {{ sunWords[row.placement.place.sun] }}</span></template
      >
      <template #of="{ row }">{{ materialWords(row.placement, library.nameOf) }}</template>
      <template #years="{ row }"
        ><span class="life"
          >{{ row.standing.years.toFixed(1) }} years<LifeLine :row="row" :longest="longest" /></span
      ></template>
      <template #standing="{ row }"
        ><span :class="standingMark(row.standing).tone"
          >{{ standingMark(row.standing).sign }} {{ standingWords(row.standing) }}</span
        ></template
      >
      <template #due="{ row }"
        ><span :class="{ out: row.due && row.due.inDays < 0 }">{{ dueWords(row) }}</span></template
      >
    </DataTable>
    <p v-if="rows.length > most">
      <Button type="text" @click="most += MORE">{{ rows.length - most }} more</Button>
    </p>
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
.life {
  display: grid;
}
@media (max-width: 640px) {
  .life {
    justify-items: end;
  }
}
</style>
