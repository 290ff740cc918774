import type { Trial, TrialEntrant, TrialReading } from './trial.js';

const nameOf = (r: TrialReading): string => `${r.criterion} ${r.at} ${r.value}`;

/**
 * Two states of one trial as one, from a desk and a phone: every reading of both, struck where either struck it. What
 * is not a reading is as mine has it; a filament that only theirs has comes along.
 */
export function mergedTrial(mine: Trial, theirs: Trial): Trial {
  const entrants = mine.entrants.map(e => {
    const other = theirs.entrants.find(o => o.material === e.material);
    return other ? { ...e, readings: mergedReadings(e, other) } : e;
  });
  const fresh = theirs.entrants.filter(o => !mine.entrants.some(e => e.material === o.material));
  return { ...mine, entrants: [...entrants, ...fresh] };
}

function mergedReadings(mine: TrialEntrant, theirs: TrialEntrant): TrialReading[] {
  const all = new Map<string, TrialReading>();
  for (const r of [...theirs.readings, ...mine.readings]) {
    const known = all.get(nameOf(r));
    all.set(nameOf(r), known ? { ...r, struck: r.struck || known.struck } : r);
  }
  return [...all.values()].sort((a, b) => a.at.localeCompare(b.at));
}
