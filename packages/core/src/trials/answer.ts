import { mean } from 'simple-statistics';
import { trialCompare, TrialCompareInput, type TrialCompareResult } from './compare.js';
import { trialCorrections } from './corrections.js';
import type { Trial, TrialCriterion, TrialEntrant } from './trial.js';

/**
 * Readings of a criterion that count: what was struck does not, nor what was measured while the piece was still on its
 * plate, for it is the released piece that is used.
 */
export function counted(entrant: TrialEntrant, criterion: string): number[] {
  return entrant.readings
    .filter(r => r.criterion === criterion && !r.struck && (r.state === null || r.state === 'released'))
    .map(r => r.value);
}

/** Readings of a criterion as they are judged: of one with a sign by their size. */
export function judged(
  entrant: TrialEntrant,
  { id, signed }: Pick<TrialCriterion, 'id' | 'signed'>,
): number[] {
  const values = counted(entrant, id);
  return signed ? values.map(Math.abs) : values;
}

/** Whether a mean keeps its criterion's limit or band; null where there is none, or nothing was read. */
export function keepsLimit(entrant: TrialEntrant, criterion: TrialCriterion): boolean | null {
  const { limit, band, lessIsBetter } = criterion;
  const values = judged(entrant, criterion);
  if (!values.length) return null;
  const middle = mean(values);
  if (band) return middle >= band[0] && middle <= band[1];
  if (limit === null) return null;
  return lessIsBetter ? middle <= limit : middle >= limit;
}

/** The name under which an entrant that was put out by hand fails. */
export const PUT_OUT = 'put out';
/** The name under which an entrant fails that is there to lose. */
export const TO_LOSE = 'printed to lose';

/**
 * A trial as `trial.compare` takes it: limits are its gates, and so is having been put out; what was printed otherwise
 * than the rest is corrected.
 */
export function trialInput(trial: Trial): TrialCompareInput {
  const corrections = trialCorrections(trial);
  const factor = (material: string, criterion: string): number =>
    corrections.find(c => c.material === material && c.criterion === criterion)?.factor ?? 1;
  return Object.assign(new TrialCompareInput(), {
    filaments: trial.entrants.map(e => ({
      key: e.material,
      readings: Object.fromEntries(
        trial.criteria.flatMap(criterion => {
          const { id } = criterion;
          const values = judged(e, criterion).map(v => v * factor(e.material, id));
          return values.length ? [[id, values]] : [];
        }),
      ),
      passed: {
        ...Object.fromEntries(
          trial.criteria.flatMap(c => {
            const keeps = keepsLimit(e, c);
            return keeps === null ? [] : [[c.label, keeps]];
          }),
        ),
        ...(e.eliminated === null ? {} : { [PUT_OUT]: false }),
        ...(e.baseline ? { [TO_LOSE]: false } : {}),
      },
    })),
    weights: Object.fromEntries(trial.criteria.map(c => [c.id, c.weight])),
    enough: Object.fromEntries(trial.criteria.flatMap(c => (c.enough === null ? [] : [[c.id, c.enough]]))),
    lessIsBetter: Object.fromEntries(trial.criteria.map(c => [c.id, c.lessIsBetter])),
    bands: Object.fromEntries(trial.criteria.flatMap(c => (c.band === null ? [] : [[c.id, c.band]]))),
  });
}

/** What a trial says as it stands. */
export function trialAnswer(trial: Trial): TrialCompareResult {
  return trialCompare(trialInput(trial));
}
