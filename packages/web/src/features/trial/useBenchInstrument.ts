import type { TrialCriterion } from '@hornblende/core/formats';
import type { Family } from '@hornblende/core/materials';
import {
  instrumentFor,
  instrumentLine,
  simulatedInstrument,
  simulatedTruth,
  type Instrument,
  type InstrumentKind,
} from '@hornblende/core/trials';
import { useKept } from '../../stores/browser-store';
import { computed, toValue, type ComputedRef, type MaybeRefOrGetter, type Ref } from 'vue';

/** A value as it comes to the bench, and what it was read with. */
export interface BenchValue {
  value: number;
  instrument: string;
}

/** What reads a criterion at the bench. */
export interface BenchInstrument {
  /** The instrument of its unit; null where a person judges. */
  kind: ComputedRef<InstrumentKind | null>;
  /** Whether readings are simulated; the page says so. */
  simulated: Ref<boolean>;
  /** What is typed, or sent by a tool that types; the simulated instrument where nothing is. Null: no reading. */
  read: (typed: string, family: Family | null) => BenchValue | null;
}

/** Seconds after which a simulated instrument is read: it has settled by then. */
const READ_AFTER_S = 30;

/** The instrument for a criterion: tools that type like a keyboard, or simulated ones over the same interface. */
export function useBenchInstrument(criterion: MaybeRefOrGetter<TrialCriterion | null>): BenchInstrument {
  const simulated = useKept('hornblende-bench-simulated', false);
  const kind = computed(() => instrumentFor(toValue(criterion)?.unit ?? ''));
  const made = new Map<string, Instrument>();
  function simulate(of: InstrumentKind): Instrument {
    const known = made.get(of.id) ?? simulatedInstrument(of, Date.now() % 1e6);
    made.set(of.id, known);
    return known;
  }
  return {
    kind,
    simulated,
    read: (typed, family) => {
      const line = instrumentLine(typed);
      if (typed.trim()) return line && { value: line.value, instrument: kind.value?.label ?? '' };
      const asked = toValue(criterion);
      if (!simulated.value || !kind.value || !asked || !family) return null;
      const { value } = simulate(kind.value).read(simulatedTruth(asked.id, family), READ_AFTER_S);
      return { value: Number(value.toFixed(3)), instrument: `${kind.value.label}, simulated` };
    },
  };
}
