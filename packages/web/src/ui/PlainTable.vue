<script setup lang="ts">
/**
 * A table without the kit's, for the first page, which must not wait for so large a script. Its rows become lists on a
 * narrow screen.
 */
defineProps<{ columns: readonly { title: string; width?: string; hiddenTitle?: boolean }[] }>();
</script>

<template>
  <table class="plain-table">
    <colgroup>
      <col v-for="c in columns" :key="c.title" :style="{ width: c.width }" />
    </colgroup>
    <thead>
      <tr>
        <th v-for="c in columns" :key="c.title" scope="col">
          <span :class="{ 'visually-hidden': c.hiddenTitle }">{{ c.title }}</span>
        </th>
      </tr>
    </thead>
    <tbody>
      <slot />
    </tbody>
  </table>
</template>

<style scoped>
.plain-table {
  border-collapse: collapse;
  table-layout: fixed;
  width: 100%;
}
th {
  text-align: left;
  font-weight: 400;
  color: var(--soft);
  font-size: 13px;
  padding: 6px 12px 6px 0;
  border-bottom: 1px solid var(--rule-strong);
}
.plain-table :slotted(td) {
  padding: 9px 12px 9px 0;
  border-bottom: 1px solid var(--rule);
  vertical-align: top;
}
@media (max-width: 760px) {
  .plain-table,
  tbody {
    display: block;
  }
  thead,
  colgroup {
    display: none;
  }
  .plain-table :slotted(tr) {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    border-bottom: 1px solid var(--rule);
    padding: 9px 0;
  }
  .plain-table :slotted(td) {
    border: 0;
    padding: 1px 0;
    grid-column: 1;
  }
  .plain-table :slotted(td:last-child) {
    grid-column: 2;
    grid-row: 1;
  }
}
</style>
