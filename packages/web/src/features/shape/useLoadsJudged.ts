import type { Brief } from '@hornblende/core/formats';
import type { Family } from '@hornblende/core/materials';
import { asJudged, assess, contextOf, type Context, type LoadAssessment } from '@hornblende/core/score';
import { computed, type ComputedRef } from 'vue';
import { useDraft } from '../part/draft';
import { useRanking } from '../part/useRanking';

/** What the loads of the part do to a filament, as the ranking judges it. */
export interface LoadsJudged {
  ctx: Context;
  family: Family;
  loads: LoadAssessment[];
}

/** What a filament carries or takes of a load over what is asked, safety included; null where it is not stated. */
export const reserveOf = (a: LoadAssessment | undefined): number | null =>
  a?.reserve ?? a?.impactReserve ?? null;

/**
 * Judges the loads of the part being worked on in one filament; null while there is none.
 * @param brief the part as it would be with something changed; without it, as it is
 */
export function useLoadsJudged(
  family: () => Family | null,
  brief: () => Brief | null = () => useDraft().brief,
): ComputedRef<LoadsJudged | null> {
  const judge = useJudging();
  return computed(() => {
    const f = family();
    const of = brief();
    return of && f ? judge(of, f) : null;
  });
}

/** Judges the loads of a brief in a filament, on the printer and in the weather of the part being worked on. */
export function useJudging(): (brief: Brief, family: Family) => LoadsJudged {
  const { printer, weather, ranking } = useRanking();
  return (brief, family) => {
    const candidate = ranking.value?.candidates.find(c => c.material === family.key);
    const judged = asJudged(contextOf(brief, printer.value, weather.value), family, candidate);
    return { ...judged, loads: assess(judged.ctx, judged.family).loads };
  };
}
