<script setup lang="ts" generic="Row extends object">
import { CaretDownOutlined, CaretUpOutlined } from '@ant-design/icons-vue';
import { useVirtualizer } from '@tanstack/vue-virtual';
import { computed, ref } from 'vue';

/** One column of a long table; its cells come from the slot of its key. */
export interface VirtualColumn {
  key: string;
  title: string;
  /** A second, quieter line under the title: a unit. */
  unit?: string;
  number?: boolean;
  sortable?: boolean;
  /** The title is only spoken. */
  hiddenTitle?: boolean;
}

/** A table that stays quick with thousands of rows: only those in sight are drawn. Slots: one for each column's key. */
const props = defineProps<{
  columns: readonly VirtualColumn[];
  rows: readonly Row[];
  rowKey: (row: Row) => string;
  label: string;
  sortBy: string;
  falling: boolean;
  rowHeight: number;
  rowClass?: (row: Row) => string;
  rowTestid?: string;
  /** On a narrow screen each row is a list of its cells, and the headings are what it can be sorted by. */
  cards?: boolean;
}>();
const emit = defineEmits<{ sort: [key: string] }>();
const scroller = ref<HTMLElement | null>(null);
const virtual = useVirtualizer(
  computed(() => ({
    count: props.rows.length,
    getScrollElement: () => scroller.value,
    estimateSize: () => props.rowHeight,
    overscan: 12,
    getItemKey: (i: number) => (props.rows[i] ? props.rowKey(props.rows[i]) : i),
  })),
);
/** Rows are as high as what is in them; the kit of lists learns it as they are drawn. */
function measure(row: unknown): void {
  if (row instanceof Element) virtual.value.measureElement(row);
}
const drawn = computed(() =>
  virtual.value.getVirtualItems().flatMap(v => {
    const row = props.rows[v.index];
    return row ? [{ row, index: v.index }] : [];
  }),
);
const above = computed(() => virtual.value.getVirtualItems()[0]?.start ?? 0);
const below = computed(
  () => virtual.value.getTotalSize() - (virtual.value.getVirtualItems().at(-1)?.end ?? 0),
);
function ariaSort(key: string): 'ascending' | 'descending' | 'none' {
  if (props.sortBy !== key) return 'none';
  return props.falling ? 'descending' : 'ascending';
}
</script>

<template>
  <div ref="scroller" class="scroller" :class="{ cards }" tabindex="0" role="region" :aria-label="label">
    <table :aria-rowcount="rows.length + 1">
      <thead>
        <tr aria-rowindex="1">
          <th
            v-for="c in columns"
            :key="c.key"
            :class="[c.key, { number: c.number, fixed: !c.sortable }]"
            :aria-sort="c.sortable ? ariaSort(c.key) : undefined"
          >
            <button v-if="c.sortable" type="button" @click="emit('sort', c.key)">
              <span
                >{{ c.title }}
                <component
                  :is="falling ? CaretDownOutlined : CaretUpOutlined"
                  v-if="sortBy === c.key"
                  aria-hidden="true" /></span
              ><span v-if="c.unit" class="unit">{{ c.unit }}</span>
            </button>
            <span v-else :class="{ 'visually-hidden': c.hiddenTitle }">{{ c.title }}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-if="above > 0" class="gap" aria-hidden="true">
          <td :colspan="columns.length" :style="{ height: `${above}px` }" />
        </tr>
        <tr
          v-for="{ row, index } in drawn"
          :key="rowKey(row)"
          :ref="measure"
          :data-index="index"
          :aria-rowindex="index + 2"
          :data-testid="rowTestid"
          :class="rowClass?.(row)"
        >
          <td
            v-for="c in columns"
            :key="c.key"
            :class="[c.key, { number: c.number }]"
            :data-label="c.hiddenTitle ? '' : c.title"
          >
            <div class="cell">
              <slot :name="c.key" :row="row" :index="index"
                ><slot name="cell" :row="row" :column="c.key"
              /></slot>
            </div>
          </td>
        </tr>
        <tr v-if="below > 0" class="gap" aria-hidden="true">
          <td :colspan="columns.length" :style="{ height: `${below}px` }" />
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.scroller {
  overflow: auto;
  max-height: calc(100vh - 220px);
  border-top: 1px solid var(--rule);
}
table {
  border-collapse: separate;
  border-spacing: 0;
  width: 100%;
}
thead th {
  position: sticky;
  top: 0;
  z-index: 2;
  background: var(--ground);
  text-align: left;
  font-weight: 400;
  font-size: 13px;
  color: var(--soft);
  padding: 6px 12px 6px 0;
  border-bottom: 1px solid var(--rule-strong);
  vertical-align: bottom;
}
thead th.number {
  white-space: normal;
}
thead button {
  font: inherit;
  color: inherit;
  text-align: inherit;
  background: none;
  border: 0;
  padding: 0;
  cursor: pointer;
}
thead th[aria-sort='ascending'] button,
thead th[aria-sort='descending'] button {
  color: var(--ink);
  font-weight: 700;
}
.unit {
  display: block;
  font-size: 12px;
}
tbody td {
  padding: 7px 12px 7px 0;
  border-bottom: 1px solid var(--rule);
  vertical-align: top;
}
.gap td {
  padding: 0;
  border: 0;
}
.number {
  text-align: right;
  white-space: nowrap;
}
@media (max-width: 640px) {
  .scroller {
    max-height: none;
  }
  .cards table,
  .cards thead,
  .cards tbody {
    display: block;
  }
  .cards thead tr {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 16px;
    padding: 6px 0;
    border-bottom: 1px solid var(--rule-strong);
  }
  .cards thead th {
    position: static;
    padding: 0;
    border: 0;
  }
  .cards thead th.fixed {
    display: none;
  }
  .cards tbody tr:not(.gap) {
    display: grid;
    padding: 8px 0;
    border-bottom: 1px solid var(--rule-strong);
  }
  .cards tbody tr:not(.gap) td {
    display: grid;
    grid-template-columns: 30% minmax(0, 1fr);
    gap: 12px;
    padding: 3px 0;
    border: 0;
    text-align: left;
    white-space: normal;
  }
  .cards tbody td[data-label]::before {
    content: attr(data-label);
    color: var(--soft);
    font-size: 13px;
  }
}
</style>
