<script setup lang="ts">
import type { Family, PropertyName } from '@hornblende/core';
import { useVirtualizer } from '@tanstack/vue-virtual';
import { computed, ref } from 'vue';
import { useProperties } from '../../composables/useProperties';

/** The library as a table that stays quick with thousands of grades: only the rows in sight are drawn. */
const props = defineProps<{
  rows: Family[];
  columns: PropertyName[];
  sortBy: PropertyName | 'name';
  falling: boolean;
  picked: string[];
  archived: ReadonlySet<string>;
}>();
const emit = defineEmits<{ sort: [by: PropertyName | 'name']; pick: [key: string] }>();
const { label, unit, number } = useProperties();
const ROW = 40;
const scroller = ref<HTMLElement | null>(null);
const virtual = useVirtualizer(
  computed(() => ({
    count: props.rows.length,
    getScrollElement: () => scroller.value,
    estimateSize: () => ROW,
    overscan: 12,
  })),
);
const drawn = computed(() =>
  virtual.value.getVirtualItems().flatMap(v => {
    const f = props.rows[v.index];
    return f ? [{ f, index: v.index }] : [];
  }),
);
const above = computed(() => virtual.value.getVirtualItems()[0]?.start ?? 0);
const below = computed(
  () => virtual.value.getTotalSize() - (virtual.value.getVirtualItems().at(-1)?.end ?? 0),
);
const ariaSort = (by: PropertyName | 'name'): 'ascending' | 'descending' | 'none' =>
  props.sortBy !== by ? 'none' : props.falling ? 'descending' : 'ascending';
</script>

<template>
  <div ref="scroller" class="scroller" tabindex="0" role="region" aria-label="Families and grades">
    <table class="plain" :aria-rowcount="rows.length + 1">
      <thead>
        <tr aria-rowindex="1">
          <th class="tick"><span class="visually-hidden">Compare</span></th>
          <th class="name" :aria-sort="ariaSort('name')">
            <button type="button" @click="emit('sort', 'name')">
              Name<span class="unit">family, or a grade of one</span>
            </button>
          </th>
          <th v-for="c in columns" :key="c" class="n" :aria-sort="ariaSort(c)">
            <button type="button" @click="emit('sort', c)">
              {{ label(c) }}<span class="unit">{{ unit(c) || 'ratio' }}</span>
            </button>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-if="above > 0" class="gap" aria-hidden="true">
          <td :colspan="columns.length + 2" :style="{ height: `${above}px` }" />
        </tr>
        <tr
          v-for="{ f, index } in drawn"
          :key="f.key"
          :aria-rowindex="index + 2"
          data-testid="library-row"
          :class="{ away: archived.has(f.key) }"
        >
          <td class="tick">
            <input
              type="checkbox"
              :checked="picked.includes(f.key)"
              :disabled="picked.length >= 4 && !picked.includes(f.key)"
              :aria-label="`Compare ${f.name}`"
              @change="emit('pick', f.key)"
            />
          </td>
          <th scope="row" class="name">
            <RouterLink :to="`/library/${f.key}`" :title="f.name">{{ f.name }}</RouterLink><span
              v-if="f.grade"
              class="kind"
              >{{ f.grade.maker || 'own' }}, on {{ f.grade.family
              }}{{ archived.has(f.key) ? ', put away' : '' }}</span
            ><span v-else-if="f.filler" class="kind">{{ f.base }} + {{ f.filler }}</span>
          </th>
          <td v-for="c in columns" :key="c" class="n">
            <template v-if="f.properties[c]"
              ><span
                :class="{
                  own: f.grade && f.properties[c]!.confidence === 'measured',
                  sheet: f.grade && f.properties[c]!.source.includes('data sheet'),
                }"
                >{{ number(c, f.properties[c]!.typical) }}</span
              ><span class="range"
                >{{ number(c, f.properties[c]!.low) }}–{{ number(c, f.properties[c]!.high) }}</span
              ></template
            >
            <span v-else class="soft small">none</span>
          </td>
        </tr>
        <tr v-if="below > 0" class="gap" aria-hidden="true">
          <td :colspan="columns.length + 2" :style="{ height: `${below}px` }" />
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.scroller {
  overflow: auto;
  flex: 1;
  min-height: 240px;
  border-top: 1px solid var(--rule-strong);
}
table {
  border-collapse: separate;
  border-spacing: 0;
}
thead th {
  position: sticky;
  top: 0;
  z-index: 2;
  background: var(--ground);
  padding-top: 8px;
  vertical-align: bottom;
}
.name {
  position: sticky;
  left: 30px;
  background: var(--ground);
  z-index: 1;
  min-width: 190px;
  max-width: 220px;
  text-align: left;
  font-weight: 400;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
thead .name {
  z-index: 3;
}
tbody th,
tbody td {
  height: 40px;
  padding: 2px 12px 2px 0;
  border-bottom: 1px solid var(--rule);
  vertical-align: middle;
  line-height: 1.25;
}
tbody th a {
  font-weight: 700;
  color: var(--ink);
}
.tick {
  width: 30px;
  min-width: 30px;
  position: sticky;
  left: 0;
  background: var(--ground);
  z-index: 1;
}
.tick input {
  accent-color: var(--deep);
}
.gap td {
  padding: 0;
  border: 0;
}
.n {
  text-align: right !important;
  white-space: nowrap;
  min-width: 88px;
}
thead .n {
  white-space: normal;
}
thead button {
  background: none;
  border: 0;
  padding: 0;
  color: var(--soft);
  cursor: pointer;
  text-align: inherit;
  font-size: 13px;
  line-height: 1.25;
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
.unit,
.range,
.kind {
  display: block;
  font-size: 12px;
  color: var(--soft);
  font-weight: 400;
}
.own {
  border-bottom: 2px solid var(--fits-fill);
  font-weight: 700;
}
.sheet {
  border-bottom: 2px dotted var(--info);
}
.away {
  opacity: 0.6;
}
</style>
