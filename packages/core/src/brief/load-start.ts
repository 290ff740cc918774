import type { BriefLoad, LoadNumber } from './brief-load.js';
import type { LoadCase } from './choices.js';

const empty: Omit<BriefLoad, 'kind' | 'case'> = {
  forceN: null,
  forceLowN: null,
  lengthMm: null,
  widthMm: null,
  heightMm: null,
  stressMPa: null,
  thicknessMm: null,
  undercutMm: null,
  massKg: null,
  decelerationG: null,
  heightM: null,
  acrossLayers: false,
  hours: null,
  cycles: null,
  areaMm2: null,
  heldAtMm: null,
  actsAtMm: null,
  held: [],
  acts: [],
  field: null,
  assumed: [],
};

/** Plausible numbers to start a case from, so that a brief is valid at every moment. */
export const loadStarts: Record<LoadCase, Partial<Record<LoadNumber, number>>> = {
  cantilever: { forceN: 10, lengthMm: 50, widthMm: 20, heightMm: 8 },
  'simply-supported': { forceN: 20, lengthMm: 80, widthMm: 20, heightMm: 8 },
  'fixed-fixed': { forceN: 20, lengthMm: 80, widthMm: 20, heightMm: 6 },
  tension: { forceN: 50, lengthMm: 50, widthMm: 12, heightMm: 5 },
  compression: { forceN: 100, lengthMm: 40, widthMm: 20, heightMm: 20 },
  'direct-stress': { stressMPa: 3 },
  'snap-fit': { thicknessMm: 2, undercutMm: 1, lengthMm: 16 },
  deceleration: { massKg: 0.2, decelerationG: 10, lengthMm: 50, widthMm: 20, heightMm: 8 },
  drop: { massKg: 0.2, heightM: 1, widthMm: 15, heightMm: 8 },
  clamp: { forceN: 300, areaMm2: 80 },
  insert: { forceN: 150, widthMm: 4.6, lengthMm: 5.7 },
};

/**
 * A load of a case, keeping from an earlier one whatever the case still uses. What is only put in to start from is
 * marked as such: nobody has said it.
 */
export function loadOf(next: LoadCase, kind: BriefLoad['kind'], from: BriefLoad | null = null): BriefLoad {
  const start = loadStarts[next];
  const numbers = Object.keys(start) as LoadNumber[];
  const kept = numbers.filter(n => from !== null && from[n] !== null);
  return {
    ...empty,
    ...start,
    ...Object.fromEntries(kept.map(n => [n, from?.[n] ?? null])),
    kind: next === 'drop' ? 'impact' : kind,
    case: next,
    acrossLayers: from?.acrossLayers ?? false,
    assumed: numbers.filter(n => !kept.includes(n) || from?.assumed.includes(n)),
  };
}
