<script setup lang="ts">
import { families, propertyNames, type Family, type PropertyName } from '@hornblende/core';
import { useSessionStorage } from '@vueuse/core';
import { Checkbox, Dropdown, Menu, Popover } from 'ant-design-vue';
import { computed, onMounted, ref } from 'vue';
import { useRouter } from 'vue-router';
import CompareTable from '../components/library/CompareTable.vue';
import GradeEditor from '../components/library/GradeEditor.vue';
import GradeImport from '../components/library/GradeImport.vue';
import LibraryTable from '../components/library/LibraryTable.vue';
import PropertyConditions, { type PropertyCondition } from '../components/library/PropertyConditions.vue';
import PropertyPlot from '../components/library/PropertyPlot.vue';
import { useGradeActions } from '../composables/useGradeActions';
import { useProperties } from '../composables/useProperties';
import { useLibrary } from '../stores/library';
import { useParts } from '../stores/parts';
import { useWeathers } from '../stores/weathers';

type Mode = 'table' | 'plot' | 'compare';
const library = useLibrary();
const parts = useParts();
const weathers = useWeathers();
const router = useRouter();
const { label } = useProperties();
const { editing, add } = useGradeActions();
const importing = ref(false);
/** How the library was last looked at stays while the tab lives: a page opened from it leads back to the same sight. */
const mode = useSessionStorage<Mode>('hornblende-library-mode', 'table');
const search = useSessionStorage('hornblende-library-search', '');
const kind = useSessionStorage<'all' | 'families' | 'grades' | 'away'>('hornblende-library-kind', 'all');
const conditions = useSessionStorage<PropertyCondition[]>('hornblende-library-conditions', []);
const columns = useSessionStorage<PropertyName[]>('hornblende-library-columns', [
  'modulusMPa',
  'yieldMPa',
  'zRatio',
  'charpy23KJm2',
  'hdt045C',
  'uvHalfDoseMJm2',
  'waterUptakePct',
  'pricePerKg',
]);
const sortBy = useSessionStorage<PropertyName | 'name'>('hornblende-library-sort', 'name');
const falling = useSessionStorage('hornblende-library-falling', false);
const picked = useSessionStorage<string[]>('hornblende-library-picked', []);
const axes = useSessionStorage<{ x: PropertyName; y: PropertyName }>('hornblende-library-axes', {
  x: 'hdt045C',
  y: 'charpy23KJm2',
});
const forPart = ref('');
onMounted(() => {
  void parts.load();
});

const archived = computed(
  () => new Set([...library.grades.values()].filter(g => g.grade.archived).map(g => g.grade.key)),
);
const source = computed<Family[]>(() =>
  kind.value === 'families'
    ? [...families]
    : kind.value === 'grades'
      ? library.active
      : kind.value === 'away'
        ? [...archived.value].flatMap(k => library.find(k) ?? [])
        : library.everything,
);
const words = computed(() => search.value.trim().toLowerCase().split(/\s+/).filter(Boolean));
/** What a search looks through, made once for each of thousands. */
const texts = new WeakMap<Family, string>();
function textOf(f: Family): string {
  const text =
    texts.get(f) ??
    `${f.name} ${f.key} ${f.grade?.family ?? ''} ${f.grade?.maker ?? ''} ${f.filler ?? ''}`.toLowerCase();
  texts.set(f, text);
  return text;
}
const found = computed(() =>
  source.value.filter(f => {
    const text = textOf(f);
    return (
      words.value.every(w => text.includes(w)) &&
      conditions.value.every(c => {
        const p = f.properties[c.name];
        return p !== null && (c.sense === 'at least' ? p.typical >= c.value : p.typical <= c.value);
      })
    );
  }),
);
const collator = new Intl.Collator(undefined, { numeric: true });
const rows = computed(() => {
  const by = sortBy.value;
  const sign = falling.value ? -1 : 1;
  // What lacks the property comes last, whichever way it is sorted.
  return [...found.value].sort((a, b) => {
    if (by === 'name') return sign * collator.compare(a.name, b.name);
    const p = a.properties[by]?.typical;
    const q = b.properties[by]?.typical;
    return p === undefined || q === undefined
      ? (p === undefined ? 1 : 0) - (q === undefined ? 1 : 0)
      : sign * (p - q) || collator.compare(a.name, b.name);
  });
});
const comparing = computed(() => picked.value.flatMap(k => library.find(k) ?? []));
const part = computed(() => parts.list.find(p => p.id === forPart.value) ?? null);

function sort(by: PropertyName | 'name'): void {
  if (sortBy.value === by) falling.value = !falling.value;
  else {
    sortBy.value = by;
    falling.value = by !== 'name';
  }
}
function pick(key: string): void {
  picked.value = picked.value.includes(key)
    ? picked.value.filter(k => k !== key)
    : [...picked.value, key].slice(-4);
}
function toggleColumn(name: PropertyName, on: boolean): void {
  columns.value = propertyNames.filter(n => (n === name ? on : columns.value.includes(n)));
}
const modes = computed(() => [
  { key: 'table' as Mode, label: 'Table' },
  { key: 'plot' as Mode, label: 'Plot' },
  { key: 'compare' as Mode, label: `Compare${comparing.value.length ? ` ${comparing.value.length}` : ''}` },
]);
</script>

<template>
  <div class="page library">
    <div class="page-head">
      <h1>Library</h1>
      <span class="soft"
        >{{ families.length }} families, {{ library.active.length }} own
        {{ library.active.length === 1 ? 'grade' : 'grades' }}; typical values, printed</span
      >
      <div class="right">
        <button type="button" class="quiet-button" @click="importing = true">Import</button>
        <Dropdown :trigger="['click']"
          ><button type="button" class="quiet-button">Export</button
          ><template #overlay
            ><Menu
              ><Menu.Item key="csv"><a href="/api/grades/export.csv" download>Own grades as CSV</a></Menu.Item
              ><Menu.Item key="json"
                ><a href="/api/grades/export.json" download>Own grades as JSON</a></Menu.Item
              ><Menu.Item key="families"
                ><a href="/api/families" download="hornblende-families.json"
                  >The families as JSON</a
                ></Menu.Item
              ></Menu
            ></template
          ></Dropdown
        >
        <button type="button" class="solid" @click="add('pla')">Add a grade</button>
      </div>
    </div>
    <div class="tools">
      <span class="segments" role="radiogroup" aria-label="View"
        ><button
          v-for="m in modes"
          :key="m.key"
          type="button"
          role="radio"
          :aria-checked="mode === m.key"
          :class="{ on: mode === m.key }"
          @click="mode = m.key"
        >
          {{ m.label }}
        </button></span
      >
      <template v-if="mode !== 'compare'">
        <input
          v-model="search"
          type="search"
          class="search"
          placeholder="Find a name, maker or filler"
          aria-label="Find in the library"
        />
        <select v-model="kind" class="in-sentence plain-weight" aria-label="Which">
          <option value="all">families and grades</option>
          <option value="families">families only</option>
          <option value="grades">own grades only</option>
          <option value="away">grades put away</option>
        </select>
        <PropertyConditions v-model="conditions" />
        <Popover v-if="mode === 'table'" trigger="click" placement="bottomRight"
          ><button type="button" class="quiet-button columns">Columns</button
          ><template #content
            ><div class="column-list">
              <Checkbox
                v-for="n in propertyNames"
                :key="n"
                :checked="columns.includes(n)"
                @update:checked="on => toggleColumn(n, on)"
                >{{ label(n) }}</Checkbox
              >
            </div></template
          ></Popover
        >
      </template>
    </div>
    <p v-if="library.state === 'failed'" class="out">
      Your own grades could not be fetched; the families are shown.
      <button type="button" class="quiet-button" @click="library.load().catch(() => undefined)">
        Try again
      </button>
    </p>
    <template v-if="mode === 'compare'"><CompareTable :rows="comparing" @drop="pick" /></template>
    <template v-else-if="!rows.length"
      ><p class="soft none">
        {{
          kind === 'away' && !archived.size
            ? 'No grade is put away.'
            : kind === 'grades' && !library.active.length
              ? 'No grades of your own yet. Add one from a data sheet, or import a table.'
              : 'Nothing in the library is like that.'
        }}
        <button
          v-if="search || conditions.length"
          type="button"
          class="quiet-button"
          @click="
            search = '';
            conditions = [];
          "
        >
          Show everything
        </button>
      </p></template
    >
    <template v-else-if="mode === 'plot'">
      <PropertyPlot
        v-model:x="axes.x"
        v-model:y="axes.y"
        :rows="rows"
        :picked="picked"
        :brief="part?.brief ?? null"
        :weather="weathers.byId(part?.weatherId ?? null)"
      >
        <label
          >Needs of
          <select v-model="forPart" class="in-sentence plain-weight" aria-label="Needs of">
            <option value="">no part</option>
            <option v-for="p in parts.list" :key="p.id" :value="p.id">{{ p.name }}</option>
          </select></label
        >
      </PropertyPlot>
    </template>
    <template v-else>
      <LibraryTable
        :rows="rows"
        :columns="columns"
        :sort-by="sortBy"
        :falling="falling"
        :picked="picked"
        :archived="archived"
        @sort="sort"
        @pick="pick"
      />
      <p class="soft small foot">
        {{ rows.length }} shown. The figure is typical; beneath it, low to high. In grades, a dotted line
        marks the data sheet, a full one your own measurement.
      </p>
    </template>
    <GradeEditor
      :start="editing"
      @close="editing = null"
      @saved="
        g => {
          editing = null;
          router.push(`/library/${g.key}`);
        }
      "
    />
    <GradeImport v-model:open="importing" />
  </div>
</template>

<style scoped>
.library {
  max-width: none;
  height: 100%;
  display: flex;
  flex-direction: column;
  padding-bottom: 14px;
}
.page-head {
  margin-bottom: 10px;
}
.tools {
  display: flex;
  gap: 8px 18px;
  align-items: center;
  flex-wrap: wrap;
  margin-bottom: 8px;
  font-size: 14px;
}
.search {
  width: 220px;
}
.plain-weight {
  font-weight: 400;
}
.columns {
  margin-left: auto;
}
.column-list {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 240px));
  gap: 2px 12px;
  max-height: 60vh;
  overflow: auto;
}
.column-list :deep(.ant-checkbox-wrapper) {
  margin: 0;
}
.foot {
  margin: 8px 0 0;
}
.none {
  padding: 40px 0;
}
@media (max-width: 1180px) {
  .library {
    padding-left: 20px;
    padding-right: 20px;
  }
}
</style>
