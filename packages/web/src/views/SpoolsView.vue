<script setup lang="ts">
import { sig } from '@hornblende/core';
import { Dropdown, Menu, message, Modal } from 'ant-design-vue';
import dayjs from 'dayjs';
import { computed, onMounted, ref } from 'vue';
import type { StoredSpool } from '../api/client';
import SpoolEditor from '../components/workshop/SpoolEditor.vue';
import SpoolLedger from '../components/workshop/SpoolLedger.vue';
import { useUnits } from '../composables/useUnits';
import { useShelf, type ShelfRow } from '../stores/shelf';
import { useWorkshop } from '../stores/workshop';

type SortKey = 'code' | 'name' | 'left' | 'water' | 'price';
const shelf = useShelf();
const workshop = useWorkshop();
const { say, show } = useUnits();
const search = ref('');
const away = ref(false);
const sortBy = ref<SortKey>('code');
const falling = ref(false);
const opened = ref<string | null>(null);
const editor = ref<{ open: boolean; spool: StoredSpool | null }>({ open: false, spool: null });
onMounted(() => {
  void shelf.load().catch(() => undefined);
});

const row = computed(() => shelf.rows.find(r => r.id === opened.value) ?? null);
const collator = new Intl.Collator(undefined, { numeric: true });
/** How far over its limit a spool's water is: a nylon at 1 % is wetter than a PVA at 4 %. */
const wetness = (r: ShelfRow): number => (r.moisture ? r.moisture.waterPct / r.moisture.limitPct : -1);
const rows = computed(() => {
  const words = search.value.trim().toLowerCase().split(/\s+/).filter(Boolean);
  const list = shelf.rows.filter(
    r =>
      r.spool.archived === away.value &&
      words.every(w =>
        `${r.spool.code} ${r.name} ${r.spool.colour} ${r.spool.maker} ${r.family?.grade?.maker ?? ''}`
          .toLowerCase()
          .includes(w),
      ),
  );
  const by: Record<SortKey, (a: ShelfRow, b: ShelfRow) => number> = {
    code: (a, b) => collator.compare(a.spool.code, b.spool.code),
    name: (a, b) => collator.compare(a.name, b.name),
    left: (a, b) => a.leftG - b.leftG,
    water: (a, b) => wetness(a) - wetness(b),
    price: (a, b) => (a.spool.price ?? -1) - (b.spool.price ?? -1),
  };
  return list.sort(
    (a, b) => (falling.value ? -1 : 1) * (by[sortBy.value](a, b) || collator.compare(a.id, b.id)),
  );
});
const wet = computed(() => rows.value.filter(r => r.moisture && r.moisture.state !== 'dry').length);
const low = computed(() => rows.value.filter(r => r.low).length);
function sort(k: SortKey): void {
  if (sortBy.value === k) falling.value = !falling.value;
  else {
    sortBy.value = k;
    falling.value = k === 'water';
  }
}
const ariaSort = (k: SortKey): 'ascending' | 'descending' | 'none' =>
  sortBy.value !== k ? 'none' : falling.value ? 'descending' : 'ascending';
/** A scanner types the code and Enter: that spool's ledger opens. */
function scan(): void {
  const code = search.value.trim().toLowerCase();
  const hit =
    shelf.rows.find(r => r.spool.code.toLowerCase() === code) ??
    (rows.value.length === 1 ? rows.value[0] : undefined);
  if (hit) opened.value = hit.id;
}
async function archive(r: ShelfRow, archived: boolean): Promise<void> {
  try {
    await shelf.save({ ...r.spool, archived }, r);
    void message.success(archived ? 'Put away; it can be brought back.' : 'Back on the shelf.');
  } catch (e) {
    void message.error((e as Error).message);
  }
}
function remove(r: ShelfRow): void {
  Modal.confirm({
    title: `Remove ${r.name} ${r.spool.code}?`,
    content: 'Its ledger goes with it. A finished spool is better put away.',
    okText: 'Remove',
    cancelText: 'Keep',
    onOk: async () => {
      try {
        await shelf.remove(r.id);
      } catch (e) {
        void message.error((e as Error).message);
      }
    },
  });
}
const heads: { key: SortKey; label: string; n?: boolean }[] = [
  { key: 'code', label: 'Code' },
  { key: 'name', label: 'Filament' },
  { key: 'left', label: 'Left' },
  { key: 'water', label: 'Water' },
];
const mark = { dry: '●', 'dry it first': '◐', unusable: '○' } as const;
const colour = { dry: 'fits', 'dry it first': 'marginal', unusable: 'out' } as const;
const todo = (r: ShelfRow): string =>
  !r.moisture
    ? ''
    : r.moisture.state === 'dry'
      ? { sealed: 'sealed', open: 'open in the room', boxed: 'boxed with desiccant' }[r.moisture.where]
      : r.moisture.dryHours !== null
        ? `${sig(r.moisture.dryHours, 2)} h at ${show(r.moisture.dryC, 'temperature')}`
        : say(r.moisture.advice);
</script>

<template>
  <p class="tools">
    <input
      v-model="search"
      type="search"
      class="search"
      placeholder="Scan or type a code, or find"
      aria-label="Scan or find a spool"
      @keydown.enter="scan"
    />
    <label class="tick"><input v-model="away" type="checkbox" /> put away</label>
    <span v-if="wet" class="marginal">◐ {{ wet }} to dry</span
    ><span v-if="low" class="marginal">◐ {{ low }} low</span>
    <span class="soft small"
      >in air of {{ workshop.settings.roomRhPct }} %,
      <RouterLink to="/settings">set in Settings</RouterLink></span
    >
    <button type="button" class="solid" @click="editor = { open: true, spool: null }">Add a spool</button>
  </p>
  <p v-if="shelf.state === 'loading'" class="soft" role="status">Fetching the shelf…</p>
  <p v-else-if="shelf.state === 'failed'" class="out">
    The shelf could not be fetched.
    <button type="button" class="quiet-button" @click="shelf.load().catch(() => undefined)">Try again</button>
  </p>
  <p v-else-if="!shelf.rows.length" class="soft">
    The shelf is empty. With spools on it, a ranking can say what is best of what is here, and which of it to
    dry first.
  </p>
  <p v-else-if="!rows.length" class="soft">
    {{
      search ? `No spool is like “${search}”.` : away ? 'No spool is put away.' : 'Every spool is put away.'
    }}
  </p>
  <table v-else class="plain">
    <thead>
      <tr>
        <th v-for="h in heads" :key="h.key" :aria-sort="ariaSort(h.key)">
          <button type="button" @click="sort(h.key)">{{ h.label }}</button>
        </th>
        <th>What to do</th>
        <th>Bought</th>
        <th class="n" :aria-sort="ariaSort('price')">
          <button type="button" @click="sort('price')">Price</button>
        </th>
        <th><span class="visually-hidden">More</span></th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="r in rows" :key="r.id" data-testid="spool-row">
        <td>
          <button type="button" class="link" @click="opened = r.id">{{ r.spool.code || 'open' }}</button>
        </td>
        <td>
          <RouterLink :to="`/library/${r.spool.material}`" class="name">{{ r.name }}</RouterLink><span
            class="soft small"
            >{{ [r.spool.colour, r.spool.maker || r.family?.grade?.maker].filter(Boolean).join(', ') }}</span
          >
        </td>
        <td class="left">
          <span class="gauge" aria-hidden="true"
            ><span
              :class="{ low: r.low }"
              :style="{ width: `${Math.min(100, (100 * r.leftG) / r.spool.netG)}%` }" /></span
          >{{ show(r.leftG, 'mass') }}<span v-if="r.low" class="marginal small"> ◐ low</span>
        </td>
        <td>
          <span v-if="r.moisture" :class="colour[r.moisture.state]"
            >{{ mark[r.moisture.state] }} {{ r.moisture.state }}</span
          ><span v-if="r.moisture" class="soft small"
            >{{ sig(r.moisture.waterPct, 2) }} % of at most {{ sig(r.moisture.limitPct, 2) }}</span
          >
        </td>
        <td class="todo" :class="{ soft: r.moisture?.state === 'dry' }">{{ todo(r) }}</td>
        <td class="soft small">{{ r.spool.boughtAt ? dayjs(r.spool.boughtAt).format('D MMM YYYY') : '' }}</td>
        <td class="n">
          {{ r.spool.price === null ? '–' : `${workshop.currency}${r.spool.price.toFixed(2)}` }}
        </td>
        <td class="acts">
          <button
            type="button"
            class="quiet-button"
            :aria-label="`Ledger of ${r.name} ${r.spool.code}`"
            @click="opened = r.id"
          >
            Ledger
          </button>
          <Dropdown :trigger="['click']"
            ><button type="button" class="quiet-button" :aria-label="`More for ${r.name} ${r.spool.code}`">
              ⋯</button
            ><template #overlay
              ><Menu
                ><Menu.Item key="change" @click="editor = { open: true, spool: r }">Change</Menu.Item
                ><Menu.Item key="away" @click="archive(r, !r.spool.archived)">{{
                  r.spool.archived ? 'Bring back' : 'Put away'
                }}</Menu.Item
                ><Menu.Item key="remove" @click="remove(r)">Remove</Menu.Item></Menu
              ></template
            ></Dropdown
          >
        </td>
      </tr>
    </tbody>
  </table>
  <SpoolEditor
    :open="editor.open"
    :spool="editor.spool"
    @close="editor = { ...editor, open: false }"
    @saved="
      id => {
        editor = { open: false, spool: null };
        opened = id;
      }
    "
  />
  <SpoolLedger :row="row" @close="opened = null" />
</template>

<style scoped>
.search {
  width: 230px;
}
.tools .solid {
  margin-left: auto;
}
.tools {
  display: flex;
  gap: 18px;
  align-items: center;
  flex-wrap: wrap;
}
th button {
  background: none;
  border: 0;
  padding: 0;
  color: inherit;
  cursor: pointer;
  font-size: 13px;
}
th[aria-sort='ascending'] button,
th[aria-sort='descending'] button {
  color: var(--ink);
  font-weight: 700;
}
th[aria-sort='ascending'] button::after {
  content: ' ↑';
}
th[aria-sort='descending'] button::after {
  content: ' ↓';
}
td {
  vertical-align: middle !important;
}
td .soft.small {
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
.left {
  white-space: nowrap;
}
.todo {
  max-width: 260px;
}
.n {
  text-align: right;
}
.acts {
  white-space: nowrap;
  text-align: right;
}
</style>
