import { newReading, type Trial, type TrialReading } from '@hornblende/core/formats';
import { nextStep, readReading, counted, type OpenTrial } from '@hornblende/core/trials';
import { computed, ref, shallowRef, watch, type ComputedRef, type Ref, type ShallowRef } from 'vue';
import { api } from '../../api/client';
import { problemLines } from '../../api/problem-lines';
import { missingFact, noFacts, takenWords, type ReadingFacts } from './reading-facts';

/** What is read next: a filament, by its key, and a criterion. */
interface Cell {
  material: string;
  criterion: string;
}

/** Trials that are open, read one figure at a time away from the desk. */
export interface OpenTrials {
  /** Every open trial; null while they are fetched. */
  all: ShallowRef<OpenTrial[] | null>;
  id: Ref<string>;
  trial: ComputedRef<Trial | null>;
  nameOf: (material: string) => string;
  /** The cell that is read: the next in the trial’s order, until another is chosen. */
  cell: Ref<Cell>;
  /** Which print of it is read now, from 1. */
  printNow: ComputedRef<number>;
  typed: Ref<string>;
  facts: Ref<ReadingFacts>;
  problem: Ref<string>;
  /** What a slip was meant to be; null where nothing is. */
  meant: Ref<number | null>;
  isSending: Ref<boolean>;
  /** The reading that was taken last, in words; empty where there is none. */
  lastWords: ComputedRef<string>;
  load: () => Promise<void>;
  take: () => Promise<void>;
  takeMeant: () => Promise<void>;
  undo: () => Promise<void>;
}

/** The bench on a phone: every reading is sent as it is taken, and stays in its field where it cannot be. */
export function useOpenTrials(): OpenTrials {
  const all = shallowRef<OpenTrial[] | null>(null);
  const id = ref('');
  const picked = ref<Cell | null>(null);
  const typed = ref('');
  const problem = ref('');
  const facts = ref(noFacts());
  const meant = ref<number | null>(null);
  /** A reading that may or may not have reached the workshop: sent again as it was, so that it is one reading. */
  let unsure: { material: string; reading: TrialReading } | null = null;
  const isSending = ref(false);
  const last = shallowRef<{ trialId: string; material: string; reading: TrialReading } | null>(null);
  const open = computed(() => all.value?.find(t => t.id === id.value) ?? null);
  const trial = computed(() => open.value?.trial ?? null);
  const nameOf = (material: string): string => open.value?.names[material] ?? material;
  const cell = computed<Cell>({
    get: () => picked.value ?? followingCell(trial.value),
    set: chosen => (picked.value = chosen),
  });
  const criterion = computed(() => trial.value?.criteria.find(c => c.id === cell.value.criterion) ?? null);
  const printNow = computed(() => {
    const entrant = trial.value?.entrants.find(e => e.material === cell.value.material);
    return entrant ? counted(entrant, cell.value.criterion).length + 1 : 1;
  });
  watch(id, () => {
    picked.value = null;
    last.value = null;
  });
  watch(
    () => cell.value.criterion,
    () => (facts.value = noFacts()),
  );
  watch(
    () => [cell.value.material, cell.value.criterion],
    () => {
      problem.value = '';
      meant.value = null;
    },
  );

  async function load(): Promise<void> {
    all.value = await api.openTrials();
    if (!open.value) id.value = all.value[0]?.id ?? '';
  }
  /** Sends a reading. @returns whether the workshop has it */
  async function send(trialId: string, material: string, reading: TrialReading): Promise<boolean> {
    isSending.value = true;
    try {
      const now = await api.putReading(trialId, material, reading);
      all.value = (all.value ?? []).map(t => (t.id === trialId ? { ...t, trial: now } : t));
      return true;
    } catch (e) {
      problem.value = `It is not kept yet: ${problemLines(e).join('; ')}`;
      return false;
    } finally {
      isSending.value = false;
    }
  }
  async function keep(value: number): Promise<void> {
    const { material, criterion: asked } = cell.value;
    const fresh = newReading({ criterion: asked, value, at: new Date().toISOString(), ...facts.value });
    const isSame = unsure?.material === material && saysTheSame(unsure.reading, fresh);
    const reading = isSame ? unsure!.reading : fresh;
    unsure = { material, reading };
    if (!(await send(id.value, material, reading))) return;
    unsure = null;
    facts.value = { ...facts.value, broke: null };
    last.value = { trialId: id.value, material, reading };
    typed.value = '';
    problem.value = '';
    meant.value = null;
    if (picked.value && trial.value && printNow.value > trial.value.replicates) picked.value = null;
  }
  async function take(): Promise<void> {
    if (!criterion.value || isSending.value) return;
    const missing = missingFact(criterion.value.id, facts.value);
    if (missing) {
      problem.value = missing;
      return;
    }
    const near = (trial.value?.entrants ?? []).flatMap(e => counted(e, cell.value.criterion));
    const got = readReading(typed.value, criterion.value, near);
    if ('problem' in got) {
      problem.value = got.problem;
      meant.value = got.meant;
    } else await keep(got.value);
  }
  return {
    ...{ all, id, trial, nameOf, cell, printNow, typed, facts, problem, meant, isSending, load, take },
    takeMeant: async () => {
      if (meant.value !== null) await keep(meant.value);
    },
    lastWords: computed(() => (trial.value && last.value ? takenWords(trial.value, nameOf, last.value) : '')),
    undo: async () => {
      if (!last.value) return;
      const { trialId, material, reading } = last.value;
      if (await send(trialId, material, { ...reading, struck: true })) last.value = null;
    },
  };
}

/** Whether two readings differ in nothing but the moment at which they were taken. */
function saysTheSame(one: TrialReading, other: TrialReading): boolean {
  return JSON.stringify({ ...one, at: '' }) === JSON.stringify({ ...other, at: '' });
}

/** The next cell in the order of a trial; where all is read, its first. */
function followingCell(trial: Trial | null): Cell {
  const next = trial && nextStep(trial);
  return {
    material: next?.material ?? trial?.entrants[0]?.material ?? '',
    criterion: next?.criterion ?? trial?.criteria[0]?.id ?? '',
  };
}
