<script setup lang="ts">
import type { Part } from '@hornblende/core/api';
import { families, measureNames, type MeasureName } from '@hornblende/core/materials';
import { useSessionStorage } from '@vueuse/core';
import { Button, Checkbox, Dropdown, Menu, Popover } from '../../ui/kit';
import { computed, defineAsyncComponent, onMounted, ref, shallowRef } from 'vue';
import { useRouter } from 'vue-router';
import { api } from '../../api/client';
import { useLibrary } from '../../stores/library';
import { useWeathers } from '../../stores/weathers';
import OptionSelect from '../../ui/OptionSelect.vue';
import PageState from '../../ui/PageState.vue';
import PartPicker from '../../ui/PartPicker.vue';
import SearchField from '../../ui/SearchField.vue';
import { useFeedback } from '../../ui/useFeedback';
import Segments from '../../ui/Segments.vue';
import GradeEditor from './GradeEditor.vue';
import LibraryTable from './LibraryTable.vue';
import PropertyConditions from './PropertyConditions.vue';
import TraitLine from './TraitLine.vue';
import TraitPicker from './TraitPicker.vue';
import { useGradeActions } from './useGradeActions';
import { useLibrarySearch, type LibraryKind } from './useLibrarySearch';
import { useProperties } from './useProperties';

// The chart kit and the importing are large, and seldom wanted.
const CompareTable = defineAsyncComponent(() => import('./CompareTable.vue'));
const GradeImport = defineAsyncComponent(() => import('./GradeImport.vue'));
const PropertyPlot = defineAsyncComponent(() => import('./PropertyPlot.vue'));

type Mode = 'table' | 'plot' | 'compare';
const library = useLibrary();
const weathers = useWeathers();
const router = useRouter();
const { label } = useProperties();
const { editing, add } = useGradeActions();
const { attempt } = useFeedback();
const found = useLibrarySearch();
const { search, kind, conditions, columns, sortBy, falling, picked, archived, traits, rows } = found;
const importing = ref(false);
const mode = useSessionStorage<Mode>('hornblende-library-mode', 'table');
const axes = useSessionStorage<{ x: MeasureName; y: MeasureName }>('hornblende-library-axes', {
  x: 'hdt045C',
  y: 'charpy23KJm2',
});
const part = shallowRef<Part | null>(null);
async function askFor(id: string): Promise<void> {
  if (!id) part.value = null;
  else await attempt(async () => (part.value = await api.part(id)));
}
onMounted(() => void library.load().catch(() => undefined));

const modes = computed(() => [
  { value: 'table' as const, label: 'Table' },
  { value: 'plot' as const, label: 'Plot' },
  {
    value: 'compare' as const,
    label: comparing.value.length ? `Compare ${comparing.value.length}` : 'Compare',
  },
]);
const kinds: { value: LibraryKind; label: string }[] = [
  { value: 'all', label: 'families and grades' },
  { value: 'families', label: 'families only' },
  { value: 'grades', label: 'own grades only' },
  { value: 'away', label: 'grades put away' },
];
const comparing = computed(() => picked.value.flatMap(k => library.find(k) ?? []));
const exports = [
  { key: 'csv', href: '/api/grades/export.csv', label: 'Own grades as CSV', name: '' },
  { key: 'json', href: '/api/grades/export.json', label: 'Own grades as JSON', name: '' },
  {
    key: 'families',
    href: '/api/families',
    label: 'The families as JSON',
    name: 'hornblende-families.json',
  },
];
const counts = computed(() => {
  const own = library.active.length;
  return `${families.length} families, ${own} own ${own === 1 ? 'grade' : 'grades'}; typical values, printed`;
});
</script>

<template>
  <div class="page library">
    <div class="page-head">
      <h1>Library</h1>
      <span class="soft">{{ counts }}</span>
      <div class="right">
        <RouterLink to="/chooser">What to reach for</RouterLink>
        <Button type="text" @click="importing = true">Import</Button>
        <Dropdown :trigger="['click']">
          <Button type="text">Export</Button>
          <template #overlay>
            <Menu>
              <Menu.Item v-for="e in exports" :key="e.key"
                ><a :href="e.href" :download="e.name">{{ e.label }}</a></Menu.Item
              >
            </Menu>
          </template>
        </Dropdown>
        <Button type="primary" @click="add('pla')">Add a grade</Button>
      </div>
    </div>
    <div class="tools">
      <Segments v-model="mode" label="View" :options="modes" />
      <template v-if="mode !== 'compare'">
        <SearchField v-model="search" label="Find in the library" placeholder="A name, or what it does" />
        <TraitPicker :found="traits" @toggle="found.toggleTrait" />
        <OptionSelect v-model="kind" bare label="Which" :options="kinds" />
        <PropertyConditions v-model="conditions" />
        <Popover v-if="mode === 'table'" trigger="click" placement="bottomRight">
          <Button type="text" class="columns">Columns</Button>
          <template #content>
            <div class="column-list">
              <Checkbox
                v-for="n in measureNames"
                :key="n"
                :checked="columns.includes(n)"
                @update:checked="on => found.toggleColumn(n, on)"
                >{{ label(n) }}</Checkbox
              >
            </div>
          </template>
        </Popover>
      </template>
    </div>
    <TraitLine v-if="traits.length && mode !== 'compare'" :traits="traits" @drop="found.toggleTrait" />
    <p v-if="library.state === 'failed'" class="out" role="alert">
      Your own grades could not be fetched; the families are shown.
      <Button type="text" @click="library.load().catch(() => undefined)">Try again</Button>
    </p>
    <CompareTable v-if="mode === 'compare'" :rows="comparing" @drop="found.pick" />
    <p v-else-if="!rows.length && library.state !== 'loading'" class="soft none">
      Nothing in the library is like that. Fewer words or conditions show more.
    </p>
    <PropertyPlot
      v-else-if="mode === 'plot'"
      v-model:x="axes.x"
      v-model:y="axes.y"
      :rows="rows"
      :picked="picked"
      :brief="part?.brief ?? null"
      :weather="weathers.byId(part?.weatherId ?? null)"
    >
      <PartPicker
        :part-id="part?.id ?? ''"
        :part-name="part?.name ?? ''"
        label="Needs of"
        none="no part"
        @pick="askFor"
      />
    </PropertyPlot>
    <PageState v-else :state="library.state === 'loading' ? 'loading' : 'ready'" what="your own grades">
      <LibraryTable
        :rows="rows"
        :columns="columns"
        :sort-by="sortBy"
        :falling="falling"
        :picked="picked"
        :archived="archived"
        @sort="found.sort"
        @pick="found.pick"
      />
      <p class="soft small foot">
        {{ rows.length }} shown. The figure is typical; beneath it, low to high. In grades, a bold figure is
        the data sheet’s, a bold green one your own measurement.
      </p>
    </PageState>
    <GradeEditor
      v-if="editing"
      :start="editing"
      @close="editing = null"
      @saved="g => router.push(`/library/${g.key}`)"
    />
    <GradeImport v-if="importing" @close="importing = false" />
  </div>
</template>

<style scoped>
.library {
  max-width: none;
  min-height: 100%;
  display: flex;
  flex-direction: column;
  padding-bottom: 14px;
}
.page-head {
  margin-bottom: 10px;
}
.tools {
  display: flex;
  gap: 8px 10px;
  align-items: center;
  flex-wrap: wrap;
  margin-bottom: 8px;
  font-size: 14px;
}
.columns {
  margin-left: auto;
}
.column-list {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
  width: min(520px, 84vw);
  gap: 2px 12px;
  max-height: 60vh;
  overflow: auto;
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
