import { mean } from 'simple-statistics';
import { counted, judged, keepsLimit } from './answer.js';
import type { Trial, TrialEntrant } from './trial.js';
import { wantedWords } from './wanted-words.js';

/** Something from elsewhere that stands in a trial, with what can be said of it. */
export interface ForeignStanding {
  material: string;
  name: string;
  /** What one costs: as it was read, else as it was said; null where neither is known. */
  priceEach: number | null;
  needs: string;
  /** Limits of the trial that it did not keep, each in a sentence; a reason where it was put out. */
  broken: string[];
  /** Criteria that were read of it, of all that the trial measures. */
  read: number;
  of: number;
}

/** A name for something from elsewhere that no family or grade has. */
export function foreignKey(entrants: readonly Pick<TrialEntrant, 'material'>[]): string {
  const taken = new Set(entrants.map(e => e.material));
  let n = 1;
  while (taken.has(`elsewhere-${n}`)) n++;
  return `elsewhere-${n}`;
}

/** What stands in a trial without being a filament of the library, the cheapest first. */
export function foreignStandings(trial: Trial): ForeignStanding[] {
  return trial.entrants
    .flatMap(e => (e.foreign ? [standingOf(trial, e)] : []))
    .sort((a, b) => (a.priceEach ?? Infinity) - (b.priceEach ?? Infinity));
}

function standingOf(trial: Trial, entrant: TrialEntrant): ForeignStanding {
  const { name, priceEach, needs } = entrant.foreign!;
  const prices = counted(entrant, 'price');
  const broken = trial.criteria.flatMap(c => {
    if (keepsLimit(entrant, c) !== false) return [];
    const read = Number(mean(judged(entrant, c)).toPrecision(3));
    return [`${c.label.toLowerCase()} ${read}${c.unit && ` ${c.unit}`}, ${wantedWords(c)}`];
  });
  return {
    material: entrant.material,
    name,
    priceEach: prices.length ? mean(prices) : priceEach,
    needs,
    broken: [...(entrant.eliminated === null ? [] : [entrant.eliminated]), ...broken],
    read: trial.criteria.filter(c => counted(entrant, c.id).length > 0).length,
    of: trial.criteria.length,
  };
}
