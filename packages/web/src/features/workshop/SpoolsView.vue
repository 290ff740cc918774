<script setup lang="ts">
import type { StoredSpool } from '@hornblende/core/api';
import { sig } from '@hornblende/core/lib';
import { EllipsisOutlined } from '@ant-design/icons-vue';
import { Button, Checkbox, Dropdown, Menu } from '../../ui/kit';
import { computed, onMounted, ref, shallowRef } from 'vue';
import { useLibrary } from '../../stores/library';
import { useShelf, type ShelfRow } from '../../stores/shelf';
import { useWorkshop } from '../../stores/workshop';
import PageState from '../../ui/PageState.vue';
import SearchField from '../../ui/SearchField.vue';
import { useFeedback } from '../../ui/useFeedback';
import { useUnits } from '../../ui/useUnits';
import VirtualTable from '../../ui/VirtualTable.vue';
import { waterLook, whatToDo } from './spool-words';
import SpoolEditor from './SpoolEditor.vue';
import SpoolLedger from './SpoolLedger.vue';
import { useShelfList, type ShelfSort } from './useShelfList';
import { dayText } from '../../ui/day-text';

/** The shelf: every spool, what is left on it and what water it holds. */
const shelf = useShelf();
const workshop = useWorkshop();
const library = useLibrary();
const units = useUnits();
const { show } = units;
const { ask, attempt, offerUndo } = useFeedback();
const { search, away, sortBy, falling, rows, sort, meant } = useShelfList();
const opened = ref<string | null>(null);
const editing = shallowRef<{ spool: StoredSpool | null } | null>(null);
function load(): void {
  void Promise.all([shelf.load(), library.load(), workshop.load()]).catch(() => undefined);
}
onMounted(load);

const openRow = computed(() => shelf.rows.find(r => r.id === opened.value) ?? null);
const wet = computed(() => rows.value.filter(r => r.moisture && r.moisture.state !== 'dry').length);
const low = computed(() => rows.value.filter(r => r.low).length);
const none = computed(() => {
  if (search.value) return `No spool is like “${search.value}”.`;
  return away.value ? 'No spool is put away.' : 'Every spool is put away.';
});
const columns = [
  { key: 'code', title: 'Code', sortable: true },
  { key: 'name', title: 'Filament', sortable: true },
  { key: 'left', title: 'Left', sortable: true },
  { key: 'water', title: 'Water', sortable: true },
  { key: 'todo', title: 'What to do' },
  { key: 'bought', title: 'Bought' },
  { key: 'price', title: 'Price', sortable: true, number: true },
  { key: 'more', title: 'More', hiddenTitle: true },
];
const ROW = 52;
const calledBy = (r: ShelfRow): string => `${r.name} ${r.spool.code}`.trim();
const about = (r: ShelfRow): string =>
  [r.spool.colour, r.spool.maker || r.family?.grade?.maker].filter(Boolean).join(', ');
const leftPct = (r: ShelfRow): number => Math.min(100, (100 * r.leftG) / r.spool.netG);

/** A scanner types the code and Enter: that spool's ledger opens. */
function scan(): void {
  opened.value = meant()?.id ?? opened.value;
}
async function archive(r: ShelfRow, archived: boolean): Promise<void> {
  await attempt(async () => {
    const saved = await shelf.save({ ...r.spool, archived }, r);
    offerUndo(archived ? `${calledBy(r)} is put away.` : `${calledBy(r)} is back on the shelf.`, () =>
      shelf.save({ ...saved.spool, archived: !archived }, saved),
    );
  });
}
function remove(r: ShelfRow): void {
  ask({
    title: `Delete ${calledBy(r)} for good?`,
    content: 'Its ledger goes with it, and nothing brings it back. A finished spool is better put away.',
    deed: 'Delete for good',
    danger: true,
    act: () => shelf.remove(r.id),
  });
}
</script>

<template>
  <div class="tools">
    <SearchField
      v-model="search"
      label="Scan or find a spool"
      placeholder="Scan or type a code, or find"
      @keydown.enter="scan"
    />
    <Checkbox v-model:checked="away">put away</Checkbox>
    <span v-if="wet" class="marginal">◐ {{ wet }} to dry</span>
    <span v-if="low" class="marginal">◐ {{ low }} low</span>
    <span class="soft small"
      >in air of {{ workshop.settings.roomRhPct }} %,
      <RouterLink to="/settings">set in Settings</RouterLink></span
    >
    <Button type="primary" class="new" @click="editing = { spool: null }">Add a spool</Button>
  </div>
  <PageState :state="shelf.state" what="the shelf" @retry="load">
    <p v-if="!shelf.rows.length" class="soft">
      The shelf is empty. With spools on it, a ranking can say what is best of what is here, and which of it
      to dry first.
    </p>
    <p v-else-if="!rows.length" class="soft">{{ none }}</p>
    <VirtualTable
      v-else
      :columns="columns"
      :rows="rows"
      :row-key="r => r.id"
      :row-height="ROW"
      row-testid="spool-row"
      cards
      label="Spools on the shelf"
      :sort-by="sortBy"
      :falling="falling"
      @sort="by => sort(by as ShelfSort)"
    >
      <template #code="{ row }">
        <Button type="link" @click="opened = row.id">{{ row.spool.code || 'open' }}</Button>
      </template>
      <template #name="{ row }">
        <RouterLink :to="`/library/${row.spool.material}`" class="name">{{ row.name }}</RouterLink>
        <span class="soft small under">{{ about(row) }}</span>
      </template>
      <template #left="{ row }">
        <span class="gauge" aria-hidden="true"
          ><span :class="{ low: row.low }" :style="{ width: `${leftPct(row)}%` }" /></span
        >{{ show(row.leftG, 'mass') }}<span v-if="row.low" class="marginal small"> ◐ low</span>
      </template>
      <template #water="{ row }">
        <template v-if="row.moisture">
          <span :class="waterLook[row.moisture.state].tone"
            >{{ waterLook[row.moisture.state].mark }} {{ row.moisture.state }}</span
          >
          <span class="soft small under"
            >{{ sig(row.moisture.waterPct, 2) }} % of at most {{ sig(row.moisture.limitPct, 2) }}</span
          >
        </template>
      </template>
      <template #todo="{ row }">
        <span :class="{ soft: row.moisture?.state === 'dry' }">{{ whatToDo(row, units) }}</span>
      </template>
      <template #bought="{ row }">
        <span class="soft small">{{ row.spool.boughtAt ? dayText(row.spool.boughtAt) : '' }}</span>
      </template>
      <template #price="{ row }">
        {{ row.spool.price === null ? '–' : `${workshop.currency}${row.spool.price.toFixed(2)}` }}
      </template>
      <template #more="{ row }">
        <Button type="text" :aria-label="`Ledger of ${calledBy(row)}`" @click="opened = row.id"
          >Ledger</Button
        >
        <Dropdown :trigger="['click']">
          <Button type="text" :aria-label="`More for ${calledBy(row)}`">
            <template #icon><EllipsisOutlined aria-hidden="true" /></template>
          </Button>
          <template #overlay>
            <Menu>
              <Menu.Item key="change" @click="editing = { spool: row }">Change</Menu.Item>
              <Menu.Item key="away" @click="archive(row, !row.spool.archived)">{{
                row.spool.archived ? 'Bring back' : 'Put away'
              }}</Menu.Item>
              <Menu.Item key="remove" danger @click="remove(row)">Delete for good</Menu.Item>
            </Menu>
          </template>
        </Dropdown>
      </template>
    </VirtualTable>
  </PageState>
  <SpoolEditor v-if="editing" :spool="editing.spool" @close="editing = null" @saved="id => (opened = id)" />
  <SpoolLedger v-if="openRow" :key="openRow.id" :row="openRow" @close="opened = null" />
</template>

<style scoped>
.tools {
  display: flex;
  gap: 8px 18px;
  align-items: center;
  flex-wrap: wrap;
  margin-bottom: 12px;
}
.new {
  margin-left: auto;
}
.under {
  display: block;
  line-height: 1.25;
}
.name {
  color: var(--ink);
  font-weight: 700;
}
.gauge {
  display: inline-block;
  width: 84px;
  height: 8px;
  background: var(--well);
  margin-right: 10px;
  vertical-align: middle;
}
.gauge span {
  display: block;
  height: 8px;
  background: var(--s-strength);
}
.gauge .low {
  background: var(--marginal-fill);
}
</style>
