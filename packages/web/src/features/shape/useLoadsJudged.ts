import {
  asJudged,
  assess,
  contextOf,
  type Brief,
  type Context,
  type Family,
  type LoadAssessment,
} from '@hornblende/core';
import { computed, type ComputedRef } from 'vue';
import { useDraft } from '../part/draft';
import { useRanking } from '../part/useRanking';

/** What the loads of the part do to a filament, as the ranking judges it. */
export interface LoadsJudged {
  ctx: Context;
  family: Family;
  loads: LoadAssessment[];
}

/**
 * Judges the loads of the part being worked on in one filament; null while there is none.
 * @param brief the part as it would be with something changed; without it, as it is
 */
export function useLoadsJudged(
  family: () => Family | null,
  brief: () => Brief | null = () => useDraft().brief,
): ComputedRef<LoadsJudged | null> {
  const { printer, weather, ranking } = useRanking();
  return computed(() => {
    const f = family();
    const of = brief();
    if (!of || !f) return null;
    const candidate = ranking.value?.candidates.find(c => c.material === f.key);
    const judged = asJudged(contextOf(of, printer.value, weather.value), f, candidate);
    return { ...judged, loads: assess(judged.ctx, judged.family).loads };
  });
}
