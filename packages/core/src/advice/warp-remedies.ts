import { warpMitigationsFor, type WarpDomain, type WarpMitigation } from './warp-mitigations.js';
import { warpOutcome, type WarpOutcome, type WarpSetup } from './warp-outcome.js';

/** A mitigation, or several at once, with what a rerun of the model gives. */
export interface WarpRemedy {
  ids: string[];
  label: string;
  domain: WarpDomain;
  how: string;
  effort: number;
  bowMm: number;
  pTrouble: number;
  /** What it gains: trouble that is left out, and bow in tolerances. */
  gain: number;
}

/** Chance of trouble that is good enough, and gains too small to tell. */
const GOOD_CHANCE = 0.05;
const LEAST_GAIN = 0.005;
/** Mitigations that stacks are made of, and how many of them at once. */
const STACKED = 9;
const MOST_AT_ONCE = 3;

/** Every mitigation that helps, by what it gains for its effort. */
export function warpRemedies(
  setup: WarpSetup,
  mitigations: readonly WarpMitigation[] = warpMitigationsFor(setup),
): WarpRemedy[] {
  const before = warpOutcome(setup);
  return mitigations
    .map(m => remedyOf([m], setup, before))
    .filter(r => r.gain > LEAST_GAIN)
    .sort((a, b) => b.gain / b.effort - a.gain / a.effort);
}

/**
 * The least that gets a part under its tolerance and down to a chance of trouble of one in twenty: of one, two or
 * three mitigations at once the set of least effort. Null where it is there already, or no set gets it there.
 */
export function cheapestRemedy(
  setup: WarpSetup,
  mitigations: readonly WarpMitigation[] = warpMitigationsFor(setup),
): WarpRemedy | null {
  const { toleranceMm } = setup.brief;
  const before = warpOutcome(setup);
  const enough = (o: Pick<WarpOutcome, 'bowMm' | 'pTrouble'>): boolean =>
    o.bowMm <= toleranceMm && o.pTrouble <= GOOD_CHANCE;
  if (enough(before)) return null;
  const best = warpRemedies(setup, mitigations).slice(0, STACKED);
  const byId = new Map(mitigations.map(m => [m.id, m]));
  const sets = subsets(best.flatMap(r => r.ids.map(id => byId.get(id)!)));
  const found = sets.map(set => remedyOf(set, setup, before)).filter(enough);
  found.sort((a, b) => a.effort - b.effort || b.gain - a.gain);
  return found[0] ?? null;
}

/** Every choice of up to three; of filaments one at the most. */
function subsets(list: readonly WarpMitigation[]): WarpMitigation[][] {
  let sets: WarpMitigation[][] = [[]];
  for (const m of list)
    sets = [...sets, ...sets.filter(s => s.length < MOST_AT_ONCE && fitsIn(s, m)).map(s => [...s, m])];
  return sets.filter(s => s.length);
}

function fitsIn(set: readonly WarpMitigation[], m: WarpMitigation): boolean {
  return m.domain !== 'filament' || !set.some(s => s.domain === 'filament');
}

function remedyOf(set: readonly WarpMitigation[], setup: WarpSetup, before: WarpOutcome): WarpRemedy {
  // The filament first: what else is changed is changed for it.
  const order = [...set].sort((a, b) => Number(b.domain === 'filament') - Number(a.domain === 'filament'));
  const { bowMm, pTrouble } = warpOutcome(order.reduce((s, m) => m.apply(s), setup));
  const [first] = set;
  return {
    ids: set.map(m => m.id),
    label: set.map(m => m.label).join(', '),
    domain: first!.domain,
    how: set.length === 1 ? first!.how : '',
    effort: set.reduce((sum, m) => sum + m.effort, 0),
    bowMm,
    pTrouble,
    gain: before.pTrouble - pTrouble + (before.bowMm - bowMm) / (2 * setup.brief.toleranceMm),
  };
}
