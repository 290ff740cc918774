<script setup lang="ts">
import { emptyGradesCsv, knownColumns } from '@hornblende/core/tables';
import { Button } from '../../ui/kit';
import { ref } from 'vue';
import PlainTable from '../../ui/PlainTable.vue';
import { saveAs } from '../../ui/save-as';

/** The columns that a table of grades may have, and an empty table of them. */
const open = ref(false);
const known = knownColumns();
const columns = [
  { title: 'Column', width: '34%' },
  { title: 'Unit', width: '16%' },
  { title: 'What it is', width: '50%' },
];
</script>

<template>
  <p class="deeds">
    <Button size="small" :aria-expanded="open" @click="open = !open">{{
      open ? 'Hide the columns' : 'Which columns are known?'
    }}</Button>
    <Button size="small" type="text" @click="saveAs('grades.csv', emptyGradesCsv(), 'text/csv')"
      >An empty table with all of them</Button
    >
  </p>
  <div
    v-if="open"
    class="known"
    data-testid="known-columns"
    tabindex="0"
    role="region"
    aria-label="Known columns"
  >
    <PlainTable :columns="columns">
      <tr v-for="c in known" :key="c.name">
        <td>
          <code>{{ c.name }}</code>{{ c.needed ? ', needed' : '' }}
        </td>
        <td>{{ c.unit }}</td>
        <td class="small">{{ c.label }}</td>
      </tr>
    </PlainTable>
  </div>
</template>

<style scoped>
.deeds {
  margin: 8px 0;
}
.known {
  max-height: 240px;
  overflow: auto;
}
</style>
