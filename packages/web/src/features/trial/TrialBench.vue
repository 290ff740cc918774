<script setup lang="ts">
import {
  counted,
  instrumentLine,
  readReading,
  wantedWords,
  keepsLimit,
  meanOf as mean,
  type TrialCriterion,
  type TrialEntrant,
  type TrialReading,
  type TrialStep,
} from '@hornblende/core';
import { Button, Checkbox } from '../../ui/kit';
import { useKept } from '../../stores/browser-store';
import { computed, ref, shallowRef, watch } from 'vue';
import { useLibrary } from '../../stores/library';
import OptionSelect from '../../ui/OptionSelect.vue';
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
const trial = computed(() => props.live.asked.value!);
/** A cell picked out of turn; null: the next in the order. */
const picked = ref<Pick<TrialStep, 'material' | 'criterion'> | null>(null);
const here = computed(() => picked.value ?? props.live.next.value);
const criterion = computed(() => trial.value.criteria.find(c => c.id === here.value?.criterion) ?? null);
const entrant = computed(() => trial.value.entrants.find(e => e.material === here.value?.material) ?? null);
const { kind, simulated, read } = useBenchInstrument(criterion);
const typed = ref('');
const problem = ref('');
/** What a slip was meant to be, to be taken by one press. */
const meant = ref<number | null>(null);
/** The reading that was taken last, wherever one has moved since. */
const last = shallowRef<{ material: string; reading: TrialReading } | null>(null);
/** How a tool's lines are read, where the usual way does not: a pattern whose first group is the number. */
const pattern = useKept('hornblende-bench-pattern', '');
const asPattern = computed(() => patternOf(pattern.value));
const tool = useSerialTool(
  line => {
    typed.value = String(instrumentLine(line, asPattern.value)?.value ?? '');
  },
  () => asPattern.value,
);
watch(
  () => [here.value?.material, here.value?.criterion],
  () => {
    problem.value = '';
    meant.value = null;
  },
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
  const reading: TrialReading = {
    criterion: at.criterion,
    value,
    at: new Date().toISOString(),
    instrument,
    struck: false,
    note,
  };
  props.live.take(at.material, reading);
  last.value = { material: at.material, reading };
  typed.value = '';
  problem.value = '';
  meant.value = null;
  if (picked.value && printNow.value > trial.value.replicates) picked.value = null;
}
function take(): void {
  const at = here.value;
  if (!at) return;
  if (!criterion.value) return;
  if (!typed.value.trim()) {
    const got = read('', library.find(at.material) ?? null);
    if (got) keep(got.value, got.instrument, '');
    else problem.value = 'a number, or a reading of the instrument';
    return;
  }
  const near = trial.value.entrants.flatMap(e => counted(e, at.criterion));
  const got = readReading(typed.value, criterion.value, near);
  if ('problem' in got) {
    problem.value = got.problem;
    meant.value = got.meant;
    return;
  }
  keep(got.value, kind.value?.label ?? '', '');
}
function takeMeant(): void {
  if (meant.value !== null) keep(meant.value, kind.value?.label ?? '', '');
}
function undoLast(): void {
  const taken = last.value;
  if (!taken) return;
  const stands = trial.value.entrants
    .find(e => e.material === taken.material)
    ?.readings.find(r => r.at === taken.reading.at && r.criterion === taken.reading.criterion && !r.struck);
  if (stands) props.live.strike(taken.material, stands);
  last.value = null;
}
const lastWords = computed(() => {
  if (!last.value) return '';
  const { material, reading } = last.value;
  const c = trial.value.criteria.find(x => x.id === reading.criterion);
  const value = `${reading.value}${c?.unit ? ` ${c.unit}` : ''}`;
  return `${props.live.nameOf(material)}, ${c?.label.toLowerCase() ?? ''}: ${value}`;
});
function meanText(e: TrialEntrant, id: string): string {
  const values = counted(e, id);
  return values.length ? String(Number(mean(values).toPrecision(3))) : '–';
}
function cellWords(e: TrialEntrant, { id, label }: TrialCriterion): string {
  const n = counted(e, id).length;
  return `${props.live.nameOf(e.material)}, ${label}: ${meanText(e, id)}, ${n} of ${trial.value.replicates}`;
}
/** Filaments that are not in this trial; each of them may join it. */
const others = computed(() => [
  { value: '', label: 'choose one…' },
  ...library.everything
    .filter(f => !trial.value.entrants.some(e => e.material === f.key))
    .map(f => ({ value: f.key, label: f.name })),
]);
function join(material: string): void {
  if (!material) return;
  const newcomer = { material, spoolId: null, infill: null, readings: [], eliminated: null };
  props.live.change({ entrants: [...props.live.trial.value!.entrants, newcomer] });
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
        }}<span class="soft">; {{ wantedWords(criterion) }}</span>
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
        <Button v-if="meant !== null" @click="takeMeant"
          >Did you mean {{ meant }} {{ criterion.unit }}?</Button
        >
      </form>
      <p v-if="last" class="small" role="status" data-testid="trial-last">
        Taken: {{ lastWords }}.
        <Button type="text" size="small" @click="undoLast">Undo</Button>
      </p>
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
    <div class="join">
      <OptionSelect
        model-value=""
        label="Try another filament as well"
        :options="others"
        @update:model-value="join"
      />
    </div>
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
.join {
  max-width: 300px;
  margin: 10px 0;
}
</style>
