<script setup lang="ts">
import type { ChooserCell } from '@hornblende/core/advice';
import { chooserWords } from '@hornblende/core/records';
import { statusMark } from '@hornblende/core/score';
import { Button } from '../../ui/kit';

/** A cell of the chooser: what is reached for first, and after that. */
defineProps<{
  cell: ChooserCell;
  /** What it answers, for whoever cannot see its row and column. */
  what: string;
  /** The name of its column, where a narrow screen has no heading. */
  column: string;
  open: boolean;
}>();
const emit = defineEmits<{ press: [] }>();
</script>

<template>
  <Button
    type="text"
    class="chosen"
    :class="{ open }"
    :aria-expanded="open"
    :aria-label="`${what}: ${chooserWords(cell)}`"
    @click="emit('press')"
  >
    <span class="column soft small">{{ column }}</span>
    <template v-if="cell.first">
      <span :class="cell.first.status">{{ statusMark[cell.first.status] }}</span>
      <b>{{ cell.first.name }}</b>
      <span v-if="cell.second" class="soft small then">then {{ cell.second.name }}</span>
    </template>
    <template v-else>
      <span class="out">{{ statusMark.out }} nothing here</span>
      <span v-if="cell.letsIn" class="soft small then">nearest: {{ cell.letsIn.name }}</span>
    </template>
  </Button>
</template>

<style scoped>
.chosen {
  height: auto;
  text-align: left;
  white-space: normal;
  padding: 4px 8px;
  margin-left: -8px;
  display: inline-flex;
  flex-wrap: wrap;
  gap: 0 8px;
  align-items: baseline;
}
b {
  color: var(--ink);
}
.open {
  outline: 2px solid var(--gold);
}
.column {
  display: none;
}
@media (max-width: 760px) {
  .column {
    display: inline;
    flex: 0 0 130px;
  }
  .then {
    flex-basis: 100%;
    padding-left: 138px;
  }
}
</style>
