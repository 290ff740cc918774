<script setup lang="ts">
import { families, propertyDefinitions, sig, type Family, type PropertyName } from '@hornblende/core';
import { computed, ref } from 'vue';

const search = ref('');
const sortBy = ref<PropertyName | 'name'>('name');
const falling = ref(false);
const columns: PropertyName[] = ['modulusMPa', 'yieldMPa', 'zRatio', 'charpy23KJm2', 'hdt045C', 'vicatC', 'uvHalfDoseMJm2', 'waterUptakePct', 'densityGcm3', 'pricePerKg'];
const rows = computed(() => {
  const list = families.filter(f => `${f.name} ${f.key}`.toLowerCase().includes(search.value.trim().toLowerCase()));
  const by = sortBy.value;
  const compare = (a: Family, b: Family): number => by === 'name' ? a.name.localeCompare(b.name) : (a.properties[by]?.typical ?? -Infinity) - (b.properties[by]?.typical ?? -Infinity);
  return [...list].sort((a, b) => falling.value ? compare(b, a) : compare(a, b));
});
function sort(by: PropertyName | 'name'): void { if (sortBy.value === by) falling.value = !falling.value; else { sortBy.value = by; falling.value = by !== 'name'; } }
const ariaSort = (by: PropertyName | 'name'): 'ascending' | 'descending' | 'none' => sortBy.value !== by ? 'none' : falling.value ? 'descending' : 'ascending';
</script>

<template>
  <div class="page library">
    <div class="page-head"><h1>Library</h1><span class="soft">{{ families.length }} filament families; typical values, printed</span><div class="right"><input v-model="search" type="search" class="search" placeholder="Find a family" aria-label="Find a family"></div></div>
    <div class="scroll">
      <table class="plain">
        <thead><tr><th :aria-sort="ariaSort('name')"><button type="button" @click="sort('name')">Family</button></th><th v-for="c in columns" :key="c" :aria-sort="ariaSort(c)" class="n"><button type="button" :title="propertyDefinitions[c].standard" @click="sort(c)">{{ propertyDefinitions[c].label }}<span class="unit">{{ propertyDefinitions[c].unit }}</span></button></th></tr></thead>
        <tbody>
          <tr v-for="f in rows" :key="f.key">
            <td class="name"><RouterLink :to="`/library/${f.key}`">{{ f.name }}</RouterLink></td>
            <td v-for="c in columns" :key="c" class="n"><template v-if="f.properties[c]">{{ sig(f.properties[c]!.typical, 3) }}<span class="range">{{ sig(f.properties[c]!.low, 3) }}–{{ sig(f.properties[c]!.high, 3) }}</span></template><span v-else class="soft">does not apply</span></td>
          </tr>
        </tbody>
      </table>
    </div>
    <p v-if="!rows.length" class="soft">No family is called anything like “{{ search }}”.</p>
  </div>
</template>

<style scoped>
.search { font: inherit; padding: 5px 10px; border: 1px solid var(--rule-strong); border-radius: 4px; background: var(--panel); color: var(--ink); }
.scroll { overflow-x: auto; }
.name { white-space: nowrap; }
.n { text-align: right !important; white-space: nowrap; }
th.n { white-space: normal; min-width: 84px; }
th button { background: none; border: 0; padding: 0; color: var(--soft); cursor: pointer; text-align: inherit; font-size: 13px; line-height: 1.25; }
th[aria-sort='ascending'] button, th[aria-sort='descending'] button { color: var(--ink); font-weight: 700; }
.unit { display: block; font-size: 12px; font-weight: 400; }
.range { display: block; font-size: 12px; color: var(--soft); }
</style>
