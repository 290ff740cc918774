import type { StoredTrial } from '@hornblende/core/api';
import type { Trial, TrialEntrant, TrialReading } from '@hornblende/core/formats';
import { heatComfortK } from '@hornblende/core/score';
import {
  asBriefAsks,
  nextStep,
  readingsWorth,
  trialAnswer,
  trialRanking,
  type ReadingWorth,
  type TrialCompareResult,
  type TrialGround,
  type TrialRanking,
  type TrialAsks,
  type TrialStep,
} from '@hornblende/core/trials';
import { computed, ref, watch, type ComputedRef, type Ref } from 'vue';
import { useLibrary } from '../../stores/library';
import { useTrials } from '../../stores/trials';
import { useDraft } from '../part/draft';
import { useRanking } from '../part/useRanking';

/** The trial of the part being worked on. */
export interface LiveTrial {
  /** The part's trials, the newest first. */
  all: ComputedRef<StoredTrial[]>;
  id: Ref<string | null>;
  trial: ComputedRef<Trial | null>;
  /** The trial with what the brief asks of its readings: what is judged and shown. */
  asked: ComputedRef<Trial | null>;
  /** What the brief asks of readings; null while that is worked out. */
  asks: ComputedRef<TrialAsks | null>;
  answer: ComputedRef<TrialCompareResult | null>;
  /** The brief’s own ranking of its filaments with what was measured; null while that cannot be worked out. */
  inRanking: ComputedRef<TrialRanking | null>;
  /** What one more reading would settle, the most worth a minute first. */
  worth: ComputedRef<ReadingWorth[]>;
  /** The reading that is next in the trial's order. */
  next: ComputedRef<TrialStep | null>;
  nameOf: (material: string) => string;
  change: (change: Partial<Trial>) => void;
  changeEntrant: (material: string, change: Partial<TrialEntrant>) => void;
  take: (material: string, reading: TrialReading) => void;
  /** Takes readings of several filaments at once. */
  takeAll: (readings: ReadonlyMap<string, TrialReading[]>) => void;
  /** Strikes a reading out, or lets it count again: it is never removed. */
  strike: (material: string, reading: TrialReading) => void;
  /** Changes what is said of a reading: its photographs, how it broke. */
  changeReading: (material: string, reading: TrialReading, change: Partial<TrialReading>) => void;
}

/** The trials of the part being worked on, and one of them in hand. */
export function useTrial(): LiveTrial {
  const draft = useDraft();
  const trials = useTrials();
  const library = useLibrary();
  const all = computed(() => trials.list.filter(t => t.trial.partId !== null && t.trial.partId === draft.id));
  const picked = ref<string | null>(null);
  watch(
    () => draft.id,
    () => (picked.value = null),
  );
  const id = computed({
    get: () => (all.value.some(t => t.id === picked.value) ? picked.value : (all.value[0]?.id ?? null)),
    set: value => (picked.value = value),
  });
  const trial = computed(() => all.value.find(t => t.id === id.value)?.trial ?? null);
  const { ranking, candidates, printer, weather } = useRanking();
  const asks = computed<TrialAsks | null>(() => {
    const { brief } = draft;
    if (!brief || !ranking.value) return null;
    const { toleranceMm, flex, maxMassG, maxCostEach } = brief;
    return {
      partMaxC: ranking.value.conditions.partMaxC,
      comfortableK: heatComfortK[brief.ifItFails],
      toleranceMm,
      shoreA: flex.shoreA,
      maxMassG,
      maxCostEach,
    };
  });
  const asked = computed(
    () => trial.value && (asks.value ? asBriefAsks(trial.value, asks.value) : trial.value),
  );
  const ground = computed<TrialGround | null>(() => {
    const { brief } = draft;
    // A year of weather that is still being worked out holds the ranking back, and this with it.
    if (!brief || !ranking.value) return null;
    const known = new Map(candidates.value.map(f => [f.key, f]));
    const options = { printer: printer.value, weather: weather.value };
    return { brief, options, find: key => known.get(key) ?? library.find(key) };
  });
  function change(part: Partial<Trial>): void {
    if (id.value && trial.value) trials.change(id.value, { ...trial.value, ...part });
  }
  function changeEntrant(material: string, part: Partial<TrialEntrant>): void {
    const entrants = trial.value?.entrants.map(e => (e.material === material ? { ...e, ...part } : e));
    if (entrants) change({ entrants });
  }
  const readingsOf = (material: string): TrialReading[] =>
    trial.value?.entrants.find(e => e.material === material)?.readings ?? [];
  function changeReading(material: string, reading: TrialReading, part: Partial<TrialReading>): void {
    changeEntrant(material, {
      readings: readingsOf(material).map(r => (r === reading ? { ...r, ...part } : r)),
    });
  }
  return {
    all,
    id,
    trial,
    asked,
    asks,
    answer: computed(() => (asked.value ? trialAnswer(asked.value) : null)),
    inRanking: computed(() => asked.value && ground.value && trialRanking(asked.value, ground.value)),
    worth: computed(() => (asked.value && ground.value ? readingsWorth(asked.value, ground.value) : [])),
    next: computed(() => (trial.value ? nextStep(trial.value) : null)),
    nameOf: material =>
      trial.value?.entrants.find(e => e.material === material)?.foreign?.name ?? library.nameOf(material),
    change,
    changeEntrant,
    take: (material, reading) => changeEntrant(material, { readings: [...readingsOf(material), reading] }),
    takeAll: readings => {
      const entrants = trial.value?.entrants.map(e => ({
        ...e,
        readings: [...e.readings, ...(readings.get(e.material) ?? [])],
      }));
      if (entrants) change({ entrants });
    },
    strike: (material, reading) => changeReading(material, reading, { struck: !reading.struck }),
    changeReading,
  };
}
