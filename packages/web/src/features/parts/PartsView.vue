<script setup lang="ts">
import type { ListedPart } from '@hornblende/core/api';
import { Button } from '../../ui/kit';
import { watchDebounced } from '@vueuse/core';
import { computed, defineAsyncComponent, onMounted, onUnmounted, ref } from 'vue';
import { useGrades } from '../../stores/grades';
import { useSpools } from '../../stores/spools';
import { useParts } from '../../stores/parts';
import { usePrinters } from '../../stores/printers';
import { useWeathers } from '../../stores/weathers';
import { useKeys } from '../../ui/keys';
import MoreButton from '../../ui/MoreButton.vue';
import SearchField from '../../ui/SearchField.vue';
import PartList from './PartList.vue';
import { useStandings } from './useStandings';

// Seldom wanted at once: fetched when it is.
const NewPartDialog = defineAsyncComponent(() => import('./NewPartDialog.vue'));
const DueNotice = defineAsyncComponent(() => import('./DueNotice.vue'));
const FirstPart = defineAsyncComponent(() => import('./FirstPart.vue'));
const AwayParts = defineAsyncComponent(() => import('./AwayParts.vue'));

/** How long words rest before they are looked for, ms. */
const REST_MS = 150;
const parts = useParts();
const printers = usePrinters();
const weathers = useWeathers();
const grades = useGrades();
const spools = useSpools();
const search = ref('');
const making = ref<{ from: ListedPart | null } | null>(null);
const away = ref(false);
const { byPart, provisional, failed } = useStandings();

async function load(words = ''): Promise<void> {
  await parts.load(words);
  await fetchWeathers();
}
/** The demo came in: with its parts there are printers, grades and inspections. */
async function laidOut(): Promise<void> {
  await Promise.all([load(), printers.load(), grades.load(), spools.load()]);
}
async function loadMore(): Promise<void> {
  await parts.loadMore();
  await fetchWeathers();
}
watchDebounced(search, words => load(words.trim()), { debounce: REST_MS });
// The list is everybody's: none but this page searches it.
onUnmounted(() => {
  if (parts.words) void parts.load();
});
async function fetchWeathers(): Promise<void> {
  await Promise.all(parts.list.map(p => weathers.ensure(p.weatherId).catch(() => undefined)));
}
onMounted(() => {
  void load();
  void printers.load().catch(() => undefined);
  void grades.load().catch(() => undefined);
  void spools.load().catch(() => undefined);
});
useKeys({ n: () => begin(null) });
function begin(from: ListedPart | null): void {
  making.value ??= { from };
}

const groups = computed(() =>
  [
    { decided: false, title: 'To decide', parts: parts.list.filter(p => !p.decision) },
    { decided: true, title: 'Decided', parts: parts.list.filter(p => p.decision) },
  ].filter(g => g.parts.length),
);
</script>

<template>
  <div class="page">
    <div class="page-head">
      <h1>Parts</h1>
      <div class="right">
        <RouterLink to="/chooser">What to reach for</RouterLink>
        <SearchField v-model="search" label="Find a part" />
        <Button type="primary" @click="begin(null)">New part</Button>
      </div>
    </div>
    <!-- Its room is kept free, so that nothing moves away under the hand; asked for anew where the demo came in. -->
    <div class="due-room"><DueNotice v-if="parts.list.length || parts.words" /></div>
    <p v-if="parts.state === 'loading'" class="soft" role="status">Fetching the parts…</p>
    <div v-else-if="parts.state === 'failed'" class="notice" role="alert">
      <p>The parts could not be fetched: {{ parts.error }}</p>
      <Button @click="load(search.trim())">Try again</Button>
    </div>
    <FirstPart
      v-else-if="!parts.list.length && !parts.words"
      :offers-demo="!printers.list.length"
      @questions="begin(null)"
      @laid-out="laidOut"
    />
    <p v-else-if="!parts.list.length" class="soft">No part is called anything like “{{ parts.words }}”.</p>
    <p v-if="failed" class="out small" role="alert">Today’s answers could not be worked out: {{ failed }}</p>
    <PartList
      v-for="g in groups"
      :key="g.title"
      :title="g.title"
      :decided="g.decided"
      :parts="g.parts"
      :standings="byPart"
      :provisional="provisional"
      @copy="begin"
    />
    <MoreButton :more="parts.next !== null" what="parts" :load="loadMore" />
    <p v-if="parts.state === 'ready'" class="away">
      <Button type="text" :aria-expanded="away" @click="away = !away">{{
        away ? 'Fold the parts put away' : 'Parts put away'
      }}</Button>
    </p>
    <AwayParts v-if="away" />
    <NewPartDialog v-if="making" :from="making.from" @close="making = null" />
  </div>
</template>

<style scoped>
.due-room {
  min-height: 34px;
}
.away {
  margin-left: -8px;
}
</style>
