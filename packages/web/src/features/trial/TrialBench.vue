<script setup lang="ts">
import { newEntrant, type TrialForeign } from '@hornblende/core/formats';
import { foreignKey, wantedWords } from '@hornblende/core/trials';
import { Button, Checkbox } from '../../ui/kit';
import { computed } from 'vue';
import { useLibrary } from '../../stores/library';
import OptionSelect from '../../ui/OptionSelect.vue';
import TextField from '../../ui/TextField.vue';
import BenchSheet from './BenchSheet.vue';
import ForeignForm from './ForeignForm.vue';
import { pieceWords } from './reading-facts';
import ReadingFactsForm from './ReadingFactsForm.vue';
import TakenReadings from './TakenReadings.vue';
import TrialAid from './TrialAid.vue';
import TrialPieces from './TrialPieces.vue';
import { useBenchCell } from './useBenchCell';
import type { LiveTrial } from './useTrial';

/** The bench: the piece that is next large, what was read last, and every reading in its cell. */
const props = defineProps<{ live: LiveTrial }>();
const emit = defineEmits<{ answer: [] }>();
const library = useLibrary();
const trial = computed(() => props.live.asked.value!);
const cell = useBenchCell(props.live);
const { here, criterion, entrant, typed, facts, problem, meant, lastWords, printNow, tool, pattern } = cell;
const { kind, simulated } = cell.instrument;

/** Filaments that are not in this trial; each of them may join it. */
const others = computed(() => [
  { value: '', label: 'choose one…' },
  ...library.everything
    .filter(f => !trial.value.entrants.some(e => e.material === f.key))
    .map(f => ({ value: f.key, label: f.name })),
]);
function join(material: string, foreign: TrialForeign | null = null): void {
  const { entrants } = props.live.trial.value!;
  if (material) props.live.change({ entrants: [...entrants, newEntrant({ material, foreign })] });
}
</script>

<template>
  <div class="bench" data-testid="trial-bench">
    <section v-if="here && criterion && entrant" class="now" aria-label="The reading to take">
      <p class="piece" data-testid="trial-next">
        <b>{{ live.nameOf(here.material) }}</b>, {{ criterion.label.toLowerCase() }},
        {{ pieceWords(printNow, trial.replicates) }}<span class="soft">; {{ wantedWords(criterion) }}</span>
      </p>
      <ReadingFactsForm v-model="facts" :criterion="criterion" />
      <form class="entry" @submit.prevent="cell.take">
        <TextField
          v-model="typed"
          :label="criterion.unit ? `Reading, ${criterion.unit}` : 'Reading'"
          :problem="problem"
          autocomplete="off"
          :maxlength="40"
        />
        <Button type="primary" html-type="submit">Take it</Button>
        <Button v-if="meant !== null" @click="cell.takeMeant"
          >Did you mean {{ meant }} {{ criterion.unit }}?</Button
        >
        <span v-if="cell.rangeWords.value" class="soft small range">{{ cell.rangeWords.value }}</span>
      </form>
      <p v-if="lastWords" class="small" role="status" data-testid="trial-last">
        Taken: {{ lastWords }}.
        <Button type="text" size="small" @click="cell.undoLast">Undo</Button>
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
          :problem="cell.patternIsBad.value ? 'not a regular expression' : ''"
          :maxlength="120"
          placeholder="([-+0-9.]+) *(g)"
        />
        <span v-if="tool.problem.value" class="out" role="alert">{{ tool.problem.value }}</span>
      </p>
      <TrialAid
        :live="live"
        :entrant="entrant"
        :criterion="criterion"
        @take="
          (value, note, broke) => cell.keep(value, kind?.label ?? '', broke ? { note, broke } : { note })
        "
      />
      <TakenReadings :live="live" :entrant="entrant" :criterion="criterion" :readings="cell.readings.value" />
    </section>
    <p v-else class="now">
      Every piece is read. <Button type="link" @click="emit('answer')">See what it says</Button>
    </p>
    <BenchSheet :live="live" :here="here" @pick="cell.goTo" />
    <p class="soft small">
      The order is drawn at random, every filament once before any comes again: what drifts from day to day
      falls on all alike. A cell may be read out of turn.
    </p>
    <div class="join">
      <OptionSelect
        model-value=""
        label="Try another filament as well"
        :options="others"
        @update:model-value="v => join(v)"
      />
      <ForeignForm @add="foreign => join(foreignKey(trial.entrants), foreign)" />
    </div>
    <TrialPieces :trial="trial" />
  </div>
</template>

<style scoped>
.bench {
  margin-top: 16px;
  display: grid;
  gap: 14px;
}
.bench > p {
  margin: 0;
}
.now {
  border-left: 3px solid var(--gold);
  padding: 2px 0 2px 14px;
}
.now > * + * {
  margin-top: 8px;
}
.piece {
  font-size: 18px;
  margin: 0;
}
.entry {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: end;
}
.range {
  padding-bottom: 5px;
}
.tool {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: end;
  margin: 6px 0 0;
}
.join {
  display: grid;
  grid-template-columns: minmax(200px, 300px) minmax(0, 1fr);
  gap: 10px 18px;
  align-items: end;
}
@media (max-width: 760px) {
  .join {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
