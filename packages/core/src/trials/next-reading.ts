import { mean } from 'simple-statistics';
import type { Candidate } from '../score/candidate.js';
import { judgeAll } from '../score/judge.js';
import { counted } from './answer.js';
import { benchCriterion, USUAL_MINUTES } from './bench-criteria.js';
import {
  asMeasured,
  beliefsOf,
  measuredFamilies,
  outOfTrial,
  believedRange,
  scatterOf,
} from './in-ranking.js';
import type { TrialGround } from './trial-ground.js';
import type { Trial, TrialCriterion, TrialEntrant } from './trial.js';
import type { PropertyName } from '../materials/property.js';

/** What one more reading of a filament is worth. */
export interface ReadingWorth {
  material: string;
  criterion: string;
  /** What the first choice is expected to be better by for having read it, in rating (0 to 1). */
  gain: number;
  minutes: number;
  gainPerMinute: number;
}

/** Nodes and weights of Gauss’s rule of three for a normal: the middle, and √3 standard deviations either side. */
const NODES = [
  { at: -Math.sqrt(3), weight: 1 / 6 },
  { at: 0, weight: 2 / 3 },
  { at: Math.sqrt(3), weight: 1 / 6 },
] as const;
/** How single readings scatter where nobody knows, as a share of what is read; an estimate. */
const USUAL_SCATTER = 0.03;
/** From this gain on a reading is worth making; below it one may stop. */
export const WORTH_A_READING = 0.002;

/**
 * What one more reading of each filament would settle: the value of sample information (Raiffa and Schlaifer 1961). A
 * reading may come out this way or that; each time the best of the filaments would be chosen, and what that is better
 * by than the choice of today, weighed by how likely it is, is its gain.
 * @returns the most worth a minute first; empty where fewer than two are in the running
 */
export function readingsWorth(trial: Trial, ground: TrialGround): ReadingWorth[] {
  const { families } = measuredFamilies(trial, ground.find);
  const out = new Map(trial.entrants.map(e => [e.material, outOfTrial(trial, e, ground)]));
  const inside = families.filter(f => out.get(f.key) === null);
  const judged = judgeAll(ground.brief, { ...ground.options, families: inside }).candidates;
  const rating = new Map(judged.map(c => [c.material, ratingOf(c)]));
  const now = best(rating);
  if (!now || rating.size < 2) return [];
  const worth = trial.entrants
    .filter(e => rating.has(e.material))
    .flatMap(entrant => trial.criteria.flatMap(c => worthOf(entrant, c)));
  return worth.sort((a, b) => b.gainPerMinute - a.gainPerMinute);

  function worthOf(entrant: TrialEntrant, { id, property }: TrialCriterion): ReadingWorth[] {
    const library = ground.find(entrant.material);
    const family = families.find(f => f.key === entrant.material);
    if (property === null || !family || !library?.properties[property]) return [];
    const readings = counted(entrant, id);
    const { instrumentSd = 0, minutes = USUAL_MINUTES } = benchCriterion(id) ?? {};
    const known = beliefsOf(trial, entrant, library).find(b => b.criterion === id) ?? priorOf(property);
    const scatter =
      scatterOf(readings, instrumentSd) ||
      USUAL_SCATTER * Math.abs(mean(readings.length ? readings : [known.mean]));
    // How far the mean is expected to move by it, and what is still not known after.
    const moves = known.sd ** 2 / Math.sqrt(known.sd ** 2 + scatter ** 2 || 1);
    const sd = Math.sqrt(Math.max(0, known.sd ** 2 - moves ** 2));
    let after = 0;
    for (const { at, weight } of NODES) {
      const value = believedRange({ property, mean: known.mean + at * moves, sd });
      const [seen] = judgeAll(ground.brief, {
        ...ground.options,
        families: [asMeasured(family, { [property]: value }, family.tried)],
      }).candidates;
      const others = new Map(rating).set(entrant.material, ratingOf(seen!));
      after += weight * best(others)!.value;
      // Without the reading one would have kept today's choice, however it came out.
      after -= weight * others.get(now!.material)!;
    }
    const gain = Math.max(0, after);
    return [{ material: entrant.material, criterion: id, gain, minutes, gainPerMinute: gain / minutes }];

    function priorOf(name: PropertyName): { mean: number; sd: number } {
      const { low, typical, high } = library!.properties[name]!;
      return { mean: typical, sd: (high - low) / 3.29 };
    }
  }
}

/** How a candidate rates as a choice: one that is out is none. */
const ratingOf = (c: Candidate): number => (c.status === 'out' ? 0 : c.rating);

function best(rating: ReadonlyMap<string, number>): { material: string; value: number } | null {
  return [...rating].reduce<{ material: string; value: number } | null>(
    (m, [material, value]) => (m === null || value > m.value ? { material, value } : m),
    null,
  );
}
