<script setup lang="ts">
import { chooserNeeds, type ChooserCell, type ChooserNeed } from '@hornblende/core/advice';
import { chooserSheet, sheetHtml } from '@hornblende/core/records';
import { computed, onMounted, ref } from 'vue';
import { useLibrary } from '../../stores/library';
import { Button } from '../../ui/kit';
import { openPage } from '../../ui/open-page';
import { useFeedback } from '../../ui/useFeedback';
import { useUnits } from '../../ui/useUnits';
import ChosenCell from './ChosenCell.vue';
import CellAnswer from './CellAnswer.vue';
import { useChooser, type ChooserColumn } from './useChooser';

/** What to reach for: what filaments are wanted for, across the machines and the shelf of this workshop. */
const { columns, rows, cellsOf, failed, load } = useChooser();
const library = useLibrary();
const { attempt } = useFeedback();
const { say, show } = useUnits();
const fetchAll = (): Promise<unknown> => attempt(() => load());
onMounted(() => void fetchAll());

interface Line {
  need: ChooserNeed;
  cells: ChooserCell[];
}
const lines = computed((): Line[] =>
  (rows.value ?? []).flatMap(row => {
    const need = chooserNeeds.find(n => n.id === row.need);
    return need ? [{ need, cells: cellsOf(row) }] : [];
  }),
);
/** The cell that is looked into, by its row and column. */
const picked = ref<[row: number, column: number] | null>(null);
const isPicked = (i: number, j: number): boolean => picked.value?.[0] === i && picked.value[1] === j;
const open = computed((): { line: Line; cell: ChooserCell; column: ChooserColumn } | null => {
  const [i, j] = picked.value ?? [-1, -1];
  const line = lines.value[i];
  const cell = line?.cells[j];
  const column = columns.value[j];
  return line && cell && column ? { line, cell, column } : null;
});
function toggle(i: number, j: number): void {
  picked.value = isPicked(i, j) ? null : [i, j];
}
function openSheet(): void {
  const sheet = chooserSheet({
    columns: columns.value.map(c => c.name),
    rows: lines.value.map(({ need, cells }) => ({ label: need.label, means: need.means, cells })),
    find: key => library.find(key) ?? undefined,
    say,
    temperature: c => show(c, 'temperature'),
  });
  openPage(sheetHtml(sheet));
}
</script>

<template>
  <div class="page chooser" data-testid="chooser">
    <div class="page-head">
      <h1>What to reach for</h1>
      <div class="right">
        <Button type="text" :disabled="!lines.length" @click="openSheet">A sheet to print</Button>
        <RouterLink to="/library">The whole library</RouterLink>
      </div>
    </div>
    <p class="soft lead">
      Each row is a usual part, ranked on each of your machines as your own parts are, and from what lies on
      the shelf. Press an answer for its reasons, or to begin a part from it.
    </p>
    <p v-if="failed" class="out" role="alert">
      It could not be worked out: {{ failed }} <Button type="text" @click="fetchAll">Try again</Button>
    </p>
    <p v-else-if="!rows" class="soft" role="status">Ranking {{ chooserNeeds.length }} usual parts…</p>
    <table v-else>
      <thead>
        <tr>
          <th scope="col">What is needed</th>
          <th v-for="(c, j) in columns" :key="j" scope="col">{{ c.name }}</th>
        </tr>
      </thead>
      <tbody>
        <template v-for="({ need, cells }, i) in lines" :key="need.id">
          <tr data-testid="chooser-row">
            <th scope="row" :title="say(need.means)">{{ need.label }}</th>
            <td v-for="(cell, j) in cells" :key="j">
              <ChosenCell
                :cell="cell"
                :what="`${need.label}, ${columns[j]?.name}`"
                :column="columns[j]?.name ?? ''"
                :open="isPicked(i, j)"
                @press="toggle(i, j)"
              />
            </td>
          </tr>
          <tr v-if="open && open.line.need.id === need.id">
            <td :colspan="columns.length + 1" class="answer">
              <CellAnswer :need="need" :cell="open.cell" :column="open.column" />
            </td>
          </tr>
        </template>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.lead {
  max-width: 760px;
  margin: 0 0 12px;
}
table {
  border-collapse: collapse;
  width: 100%;
}
th,
td {
  text-align: left;
  vertical-align: top;
  padding: 4px 12px 4px 0;
  border-bottom: 1px solid var(--rule);
}
thead th {
  font-weight: 400;
  font-size: 13px;
  color: var(--soft);
  border-bottom-color: var(--rule-strong);
}
tbody th {
  width: 190px;
  padding-top: 9px;
}
td.answer {
  padding: 0;
}
@media (max-width: 760px) {
  thead {
    display: none;
  }
  tr,
  tbody th,
  td {
    display: block;
    width: auto;
    border-bottom: 0;
    padding: 2px 0;
  }
  tr {
    border-bottom: 1px solid var(--rule);
    padding: 6px 0;
  }
}
</style>
