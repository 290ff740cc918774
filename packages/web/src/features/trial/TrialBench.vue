<script setup lang="ts">
import {
  counted,
  instrumentLine,
  keepsLimit,
  meanOf as mean,
  type TrialCriterion,
  type TrialEntrant,
  type TrialStep,
} from '@hornblende/core';
import { Button, Checkbox } from 'ant-design-vue';
import { useLocalStorage } from '@vueuse/core';
import { computed, ref, watch } from 'vue';
import { useLibrary } from '../../stores/library';
import PlainTable from '../../ui/PlainTable.vue';
import TextField from '../../ui/TextField.vue';
import { useBenchInstrument } from './useBenchInstrument';
import TrialAid from './TrialAid.vue';
import { useSerialTool } from './useSerialTool';
import { patternOf } from './pattern-of';
import type { LiveTrial } from './useTrial';

/** The bench sheet: the next piece in its order, read by key, phone or tool; every reading stands in its cell. */
const props = defineProps<{ live: LiveTrial }>();
const emit = defineEmits<{ answer: [] }>();
const library = useLibrary();
const trial = computed(() => props.live.trial.value!);
/** A cell picked out of turn; null: the next in the order. */
const picked = ref<Pick<TrialStep, 'material' | 'criterion'> | null>(null);
const here = computed(() => picked.value ?? props.live.next.value);
const criterion = computed(() => trial.value.criteria.find(c => c.id === here.value?.criterion) ?? null);
const entrant = computed(() => trial.value.entrants.find(e => e.material === here.value?.material) ?? null);
const { kind, simulated, read } = useBenchInstrument(criterion);
const typed = ref('');
const problem = ref('');
/** How a tool's lines are read, where the usual way does not: a pattern whose first group is the number. */
const pattern = useLocalStorage('hornblende-bench-pattern', '');
const asPattern = computed(() => patternOf(pattern.value));
const tool = useSerialTool(
  line => {
    typed.value = String(instrumentLine(line, asPattern.value)?.value ?? '');
  },
  () => asPattern.value,
);
watch(
  () => [here.value?.material, here.value?.criterion],
  () => (problem.value = ''),
);

const readings = computed(
  () => entrant.value?.readings.filter(r => r.criterion === here.value?.criterion) ?? [],
);
const printNow = computed(() =>
  entrant.value ? counted(entrant.value, here.value?.criterion ?? '').length + 1 : 1,
);
function keep(value: number, instrument: string, note: string): void {
  const at = here.value;
  if (!at) return;
  props.live.take(at.material, {
    criterion: at.criterion,
    value,
    at: new Date().toISOString(),
    instrument,
    struck: false,
    note,
  });
  typed.value = '';
  problem.value = '';
  if (picked.value && printNow.value > trial.value.replicates) picked.value = null;
}
function take(): void {
  const at = here.value;
  if (!at) return;
  const family = library.find(at.material) ?? null;
  const got = read(typed.value, family);
  if (!got) {
    problem.value = typed.value.trim()
      ? `“${typed.value.trim()}” holds no number`
      : 'a number, or a reading of the instrument';
    return;
  }
  keep(got.value, got.instrument, '');
}
function strikeLast(): void {
  const last = readings.value.filter(r => !r.struck).at(-1);
  if (last && entrant.value) props.live.strike(entrant.value.material, last);
}
function meanText(e: TrialEntrant, id: string): string {
  const values = counted(e, id);
  return values.length ? String(Number(mean(values).toPrecision(3))) : '–';
}
function cellWords(e: TrialEntrant, { id, label }: TrialCriterion): string {
  const n = counted(e, id).length;
  return `${props.live.nameOf(e.material)}, ${label}: ${meanText(e, id)}, ${n} of ${trial.value.replicates}`;
}
const columns = computed(() => [
  { title: 'Filament', width: '22%' },
  ...trial.value.criteria.map(c => ({ title: c.unit ? `${c.label}, ${c.unit}` : c.label })),
]);
const isHere = (material: string, id: string): boolean =>
  here.value?.material === material && here.value.criterion === id;
</script>

<template>
  <div class="bench" data-testid="trial-bench">
    <section v-if="here && criterion && entrant" class="now" aria-label="The reading to take">
      <p class="piece" data-testid="trial-next">
        <b>{{ live.nameOf(here.material) }}</b>, {{ criterion.label.toLowerCase() }},
        {{
          printNow > trial.replicates
            ? `all ${trial.replicates} read`
            : `piece ${printNow} of ${trial.replicates}`
        }}
      </p>
      <form class="entry" @submit.prevent="take">
        <TextField
          v-model="typed"
          :label="criterion.unit ? `Reading, ${criterion.unit}` : 'Reading'"
          :problem="problem"
          autocomplete="off"
          :maxlength="40"
        />
        <Button type="primary" html-type="submit">Take it</Button>
        <Button type="text" :disabled="!readings.some(r => !r.struck)" @click="strikeLast"
          >Strike the last</Button
        >
      </form>
      <p v-if="kind" class="soft small">
        <Checkbox v-model:checked="simulated">Simulated {{ kind.label.toLowerCase() }}</Checkbox>
        {{
          simulated
            ? 'Enter on an empty field reads it: no piece is measured, for practice only.'
            : `A ${kind.label.toLowerCase()} that types fills the field by itself; Enter takes it.`
        }}
      </p>
      <p v-if="tool.canConnect" class="tool small">
        <Button v-if="!tool.connected.value" size="small" @click="tool.connect">Connect a tool</Button>
        <Button v-else size="small" @click="tool.disconnect">Let the tool go</Button>
        <TextField
          v-if="tool.connected.value"
          v-model="pattern"
          label="Pattern of its lines, if the usual does not do"
          :problem="pattern && !asPattern ? 'not a regular expression' : ''"
          :maxlength="120"
          placeholder="([-+0-9.]+) *(g)"
        />
        <span v-if="tool.problem.value" class="out" role="alert">{{ tool.problem.value }}</span>
      </p>
      <TrialAid
        :live="live"
        :entrant="entrant"
        :criterion="criterion"
        @take="(value, note) => keep(value, kind?.label ?? '', note)"
      />
      <ul v-if="readings.length" class="readings small" aria-label="Taken of this cell">
        <li v-for="(r, i) in readings" :key="i">
          <span :class="{ struck: r.struck }">{{ r.value }} {{ criterion.unit }}</span>
          <span v-if="r.instrument" class="soft">{{ r.instrument }}</span>
          <span v-if="r.note" class="soft note">{{ r.note }}</span>
          <Button type="text" size="small" @click="live.strike(entrant.material, r)">{{
            r.struck ? 'Let it count' : 'Strike it'
          }}</Button>
        </li>
      </ul>
    </section>
    <p v-else class="now">
      Every piece is read. <Button type="link" @click="emit('answer')">See what it says</Button>
    </p>
    <PlainTable :columns="columns" data-testid="trial-sheet">
      <tr v-for="e in trial.entrants" :key="e.material">
        <td>
          <RouterLink
            :to="{ path: `/parts/${trial.partId}/card`, query: { material: e.material } }"
            title="How to print it: its print card"
            >{{ live.nameOf(e.material) }}</RouterLink
          >
          <span v-if="e.eliminated !== null" class="out small">○ put out</span>
        </td>
        <td v-for="c in trial.criteria" :key="c.id" class="cell">
          <Button
            type="text"
            size="small"
            :class="{ here: isHere(e.material, c.id) }"
            :aria-pressed="isHere(e.material, c.id)"
            :aria-label="cellWords(e, c)"
            @click="picked = { material: e.material, criterion: c.id }"
          >
            <span class="of" aria-hidden="true">{{ c.label }}</span>
            {{ meanText(e, c.id) }}
            <span class="soft small count">{{ counted(e, c.id).length }} of {{ trial.replicates }}</span>
            <span v-if="keepsLimit(e, c) === false" class="out">○</span>
          </Button>
        </td>
      </tr>
    </PlainTable>
    <p class="soft small">
      The order is drawn at random, every filament once before any comes again: what drifts from day to day
      falls on all alike. A cell may be read out of turn.
    </p>
  </div>
</template>

<style scoped>
.bench {
  margin-top: 16px;
}
.now {
  border-left: 3px solid var(--gold);
  padding: 2px 0 2px 14px;
  margin: 0 0 18px;
}
.piece {
  font-size: 18px;
  margin: 0 0 8px;
}
.entry {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: end;
}
.tool {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: end;
  margin: 6px 0 0;
}
.readings {
  list-style: none;
  margin: 8px 0 0;
  padding: 0;
}
.readings li {
  display: flex;
  gap: 14px;
  align-items: baseline;
}
.struck {
  text-decoration: line-through;
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
