<script setup lang="ts">
import type { TrialCriterion, TrialEntrant } from '@hornblende/core/formats';
import { meanOf as mean } from '@hornblende/core/print';
import { counted, judged, keepsLimit, type TrialStep } from '@hornblende/core/trials';
import { Button } from '../../ui/kit';
import { computed, ref } from 'vue';
import PlainTable from '../../ui/PlainTable.vue';
import EntrantWords from './EntrantWords.vue';
import type { LiveTrial } from './useTrial';

/** The sheet of a trial: a row a filament, a cell a criterion; any cell may be read out of turn, any row put out. */
type Cell = Pick<TrialStep, 'material' | 'criterion'>;
const props = defineProps<{ live: LiveTrial; here: Cell | null }>();
const emit = defineEmits<{ pick: [cell: Cell] }>();
const trial = computed(() => props.live.asked.value!);
const columns = computed(() => [
  { title: 'Filament', width: '22%' },
  ...trial.value.criteria.map(c => ({ title: c.unit ? `${c.label}, ${c.unit}` : c.label })),
]);
const isHere = (material: string, id: string): boolean =>
  props.here?.material === material && props.here.criterion === id;
function meanText(e: TrialEntrant, c: TrialCriterion): string {
  const values = judged(e, c);
  return values.length ? String(Number(mean(values).toPrecision(3))) : '–';
}
function cellWords(e: TrialEntrant, c: TrialCriterion): string {
  const n = counted(e, c.id).length;
  return `${props.live.nameOf(e.material)}, ${c.label}: ${meanText(e, c)}, ${n} of ${trial.value.replicates}`;
}
/** The row that is being put out. */
const leaving = ref<string | null>(null);
function putOut(material: string, reason: string): void {
  props.live.changeEntrant(material, { eliminated: reason });
  leaving.value = null;
}
/** The row of which it is said how its pieces differ. */
const telling = ref<string | null>(null);
function tell(material: string, differs: string): void {
  props.live.changeEntrant(material, { differs });
  telling.value = null;
}
</script>

<template>
  <PlainTable :columns="columns" data-testid="trial-sheet">
    <tr v-for="e in trial.entrants" :key="e.material">
      <td>
        <b v-if="e.foreign">{{ e.foreign.name }}</b>
        <RouterLink
          v-else
          :to="{ path: `/parts/${trial.partId}/card`, query: { material: e.material } }"
          title="How to print it: its print card"
          >{{ live.nameOf(e.material) }}</RouterLink
        >
        <div v-if="e.baseline" class="soft small">printed to lose</div>
        <div v-if="e.differs" class="marginal small">◐ {{ e.differs }}</div>
        <div v-if="e.eliminated !== null" class="out small">○ put out: {{ e.eliminated }}</div>
        <div class="row-acts">
          <Button
            v-if="e.eliminated !== null"
            type="text"
            size="small"
            @click="live.changeEntrant(e.material, { eliminated: null })"
            >Let it run again</Button
          >
          <EntrantWords
            v-else-if="leaving === e.material"
            :label="`Why ${live.nameOf(e.material)} is out`"
            deed="Put it out"
            stay="Leave it in"
            @said="reason => putOut(e.material, reason)"
            @stay="leaving = null"
          />
          <EntrantWords
            v-else-if="telling === e.material"
            :label="`How the pieces of ${live.nameOf(e.material)} differ from the others`"
            deed="Keep it"
            stay="Leave it"
            :words="e.differs"
            may-be-empty
            @said="words => tell(e.material, words)"
            @stay="telling = null"
          />
          <template v-else>
            <Button
              type="text"
              size="small"
              :aria-label="`Take ${live.nameOf(e.material)} out of the trial`"
              @click="leaving = e.material"
              >Take it out</Button
            >
            <Button
              type="text"
              size="small"
              :aria-label="`${live.nameOf(e.material)} was printed otherwise`"
              title="Another colour, other layers, another day’s weather: named beside its readings"
              @click="telling = e.material"
              >Printed otherwise</Button
            >
          </template>
        </div>
      </td>
      <td v-for="c in trial.criteria" :key="c.id" class="cell">
        <Button
          type="text"
          size="small"
          :class="{ here: isHere(e.material, c.id) }"
          :aria-pressed="isHere(e.material, c.id)"
          :aria-label="cellWords(e, c)"
          @click="emit('pick', { material: e.material, criterion: c.id })"
        >
          <span class="of" aria-hidden="true">{{ c.label }}</span>
          {{ meanText(e, c) }}
          <span class="soft small count">{{ counted(e, c.id).length }} of {{ trial.replicates }}</span>
          <span v-if="keepsLimit(e, c) === false" class="out">○</span>
        </Button>
      </td>
    </tr>
  </PlainTable>
</template>

<style scoped>
.row-acts {
  margin-left: -8px;
}
.here {
  outline: 2px solid var(--gold);
}
.count {
  margin-left: 10px;
}
.of {
  display: none;
}
@media (max-width: 760px) {
  .of {
    display: inline;
    color: var(--soft);
    margin-right: 10px;
  }
  /* The last cell of such a table stands at its right edge; here it is one of many. */
  td.cell.cell.cell:last-child {
    grid-column: 1;
    grid-row: auto;
  }
}
</style>
