<script setup lang="ts">
import { TabPane, Tabs } from '../../ui/kit';
import { computed } from 'vue';
import { useRoute, useRouter } from 'vue-router';

/** The workshop: its printers, its shelf, and what it might buy. */
const tabs = [
  { to: '/workshop', label: 'Printers' },
  { to: '/workshop/spools', label: 'Shelf' },
  { to: '/workshop/upgrades', label: 'Upgrades' },
  { to: '/workshop/bench', label: 'Bench' },
];
const route = useRoute();
const router = useRouter();
const at = computed(() => route.path);
</script>

<template>
  <div class="page workshop">
    <h1>Workshop</h1>
    <Tabs :active-key="at" @change="to => router.push(String(to))">
      <TabPane v-for="t in tabs" :key="t.to" :tab="t.label" />
    </Tabs>
    <RouterView />
  </div>
</template>

<style scoped>
.workshop {
  max-width: 1280px;
}
h1 {
  margin-bottom: 4px;
}
</style>
