<script setup lang="ts">
const tabs = [
  { to: '/workshop', label: 'Printers' },
  { to: '/workshop/spools', label: 'Shelf' },
  { to: '/workshop/upgrades', label: 'Upgrades' },
];
</script>

<template>
  <div class="page workshop">
    <div class="page-head">
      <h1>Workshop</h1>
      <nav class="leaves" aria-label="Workshop">
        <RouterLink v-for="t in tabs" :key="t.to" :to="t.to" exact-active-class="on" active-class="">{{
          t.label
        }}</RouterLink>
      </nav>
    </div>
    <RouterView />
  </div>
</template>

<style scoped>
.workshop {
  max-width: 1280px;
}
</style>
