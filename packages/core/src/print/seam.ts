import { typical, type Family } from '../materials/family.js';
import { bondOf, type Bond } from './bonds.js';

/** What a flat seam between two filaments carries when it is pulled apart. */
export interface Seam {
  /** At what it breaks, MPa; null where they do not hold on to each other. */
  breaksMPa: { low: number; typical: number; high: number } | null;
  /** What may be asked of it for a while: half of the least that it breaks at, MPa. */
  carriesMPa: number;
}

/**
 * Shares of the weaker one's strength across its layers at which a seam breaks; estimates. A weld is as good as layers
 * of one filament at best; what only wets peels at a few MPa, and what is pulled off by hand at a few tenths of one.
 */
const SHARE: Readonly<Record<Exclude<Bond, 'none'>, readonly [low: number, typical: number, high: number]>> =
  {
    welds: [0.5, 0.75, 1],
    holds: [0.08, 0.18, 0.35],
    little: [0.01, 0.04, 0.1],
  };

/** The least that a seam breaks at, over what may be asked of it. */
const SAFETY = 2;

/** Strength of a family across its layers, MPa. */
export function acrossMPa(f: Family): number {
  return typical(f, 'yieldMPa') * typical(f, 'zRatio');
}

/** What a flat seam between two families carries, from how their kinds bond. */
export function seamStrength(a: Family, b: Family): Seam {
  const { bond } = bondOf(a.grade?.family ?? a.key, b.grade?.family ?? b.key);
  if (bond === 'none') return { breaksMPa: null, carriesMPa: 0 };
  const weaker = Math.min(acrossMPa(a), acrossMPa(b));
  const [low, middle, high] = SHARE[bond];
  return {
    breaksMPa: { low: low * weaker, typical: middle * weaker, high: high * weaker },
    carriesMPa: (low * weaker) / SAFETY,
  };
}
