import {
  newReading,
  type Trial,
  type TrialCriterion,
  type TrialEntrant,
  type TrialReading,
} from '@hornblende/core/formats';
import { sig } from '@hornblende/core/lib';
import {
  counted,
  expectedReading,
  instrumentLine,
  readingRange,
  readReading,
  type TrialStep,
} from '@hornblende/core/trials';
import { computed, ref, shallowRef, watch, type ComputedRef, type Ref } from 'vue';
import { useKept } from '../../stores/browser-store';
import { useLibrary } from '../../stores/library';
import { patternOf } from './pattern-of';
import { missingFact, noFacts, takenWords, type ReadingFacts } from './reading-facts';
import { useBenchInstrument, type BenchInstrument } from './useBenchInstrument';
import { useSerialTool, type SerialTool } from '../bench/useSerialTool';
import type { LiveTrial } from './useTrial';

/** The cell that is read at the bench: which it is, what is typed, what is wrong with it. */
export interface BenchCell {
  here: ComputedRef<Pick<TrialStep, 'material' | 'criterion'> | null>;
  criterion: ComputedRef<TrialCriterion | null>;
  entrant: ComputedRef<TrialEntrant | null>;
  /** Goes to a cell out of turn; null: to the next in the order. */
  goTo: (cell: Pick<TrialStep, 'material' | 'criterion'> | null) => void;
  typed: Ref<string>;
  facts: Ref<ReadingFacts>;
  problem: Ref<string>;
  /** What a slip was meant to be, to be taken by one press. */
  meant: Ref<number | null>;
  takeMeant: () => void;
  take: () => void;
  keep: (value: number, instrument: string, more?: Partial<TrialReading>) => void;
  /** The reading that was taken last, wherever one has moved since; empty where there is none. */
  lastWords: ComputedRef<string>;
  undoLast: () => void;
  /** What was read of this cell, struck readings among it. */
  readings: ComputedRef<TrialReading[]>;
  /** Which print is read now, from 1. */
  printNow: ComputedRef<number>;
  /** What is possible and what the library expects, in a sentence. */
  rangeWords: ComputedRef<string>;
  instrument: BenchInstrument;
  tool: SerialTool;
  /** How a tool’s lines are read, where the usual way does not: a pattern whose first group is the number. */
  pattern: Ref<string>;
  patternIsBad: ComputedRef<boolean>;
}

/** The bench of a trial: the next cell in its order or one that was picked, read by key, phone or tool. */
export function useBenchCell(live: LiveTrial): BenchCell {
  const library = useLibrary();
  const trial = computed((): Trial => live.asked.value!);
  const picked = ref<Pick<TrialStep, 'material' | 'criterion'> | null>(null);
  const here = computed(() => picked.value ?? live.next.value);
  const criterion = computed(() => trial.value.criteria.find(c => c.id === here.value?.criterion) ?? null);
  const entrant = computed(() => trial.value.entrants.find(e => e.material === here.value?.material) ?? null);
  const instrument = useBenchInstrument(criterion);
  const typed = ref('');
  const problem = ref('');
  const meant = ref<number | null>(null);
  const facts = ref(noFacts());
  const last = shallowRef<{ material: string; reading: TrialReading } | null>(null);
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
  // How one piece broke says nothing of the next; how the door stood holds on.
  watch(
    () => here.value?.criterion,
    () => (facts.value = noFacts()),
  );
  const readings = computed(
    () => entrant.value?.readings.filter(r => r.criterion === here.value?.criterion) ?? [],
  );
  const printNow = computed(() =>
    entrant.value ? counted(entrant.value, here.value?.criterion ?? '').length + 1 : 1,
  );

  function keep(value: number, by: string, more: Partial<TrialReading> = {}): void {
    const at = here.value;
    if (!at) return;
    const reading = newReading({
      criterion: at.criterion,
      value,
      at: new Date().toISOString(),
      instrument: by,
      ...facts.value,
      ...more,
    });
    live.take(at.material, reading);
    last.value = { material: at.material, reading };
    facts.value = { ...facts.value, broke: null };
    typed.value = '';
    problem.value = '';
    meant.value = null;
    if (picked.value && printNow.value > trial.value.replicates) picked.value = null;
  }
  const label = (): string => instrument.kind.value?.label ?? '';
  function take(): void {
    const at = here.value;
    if (!at || !criterion.value) return;
    const missing = missingFact(criterion.value.id, facts.value);
    if (missing) {
      problem.value = missing;
      return;
    }
    if (!typed.value.trim()) {
      const got = instrument.read('', library.find(at.material) ?? null);
      if (got) keep(got.value, got.instrument);
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
    keep(got.value, label());
  }
  function undoLast(): void {
    const taken = last.value;
    if (!taken) return;
    const stands = trial.value.entrants
      .find(e => e.material === taken.material)
      ?.readings.find(r => r.at === taken.reading.at && r.criterion === taken.reading.criterion && !r.struck);
    if (stands) live.strike(taken.material, stands);
    last.value = null;
  }
  return {
    here,
    criterion,
    entrant,
    goTo: cell => (picked.value = cell),
    typed,
    facts,
    problem,
    meant,
    takeMeant: () => {
      if (meant.value !== null) keep(meant.value, label());
    },
    take,
    keep,
    lastWords: computed(() => (last.value ? takenWords(trial.value, live.nameOf, last.value) : '')),
    undoLast,
    readings,
    printNow,
    rangeWords: computed(() => {
      if (!criterion.value || !here.value) return '';
      const unit = criterion.value.unit && ` ${criterion.value.unit}`;
      const { min, max } = readingRange(criterion.value);
      const possible = Number.isFinite(min) && max < 1e9 ? `${min} to ${max}${unit} is possible` : '';
      const expected = expectedReading(criterion.value, library.find(here.value.material) ?? null);
      const ofLibrary = expected
        ? `the library expects ${sig(expected.low, 3)} to ${sig(expected.high, 3)}${unit}`
        : '';
      return [possible, ofLibrary].filter(Boolean).join('; ');
    }),
    instrument,
    tool,
    pattern,
    patternIsBad: computed(() => pattern.value !== '' && !asPattern.value),
  };
}
