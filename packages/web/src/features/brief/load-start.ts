import type { BriefLoad, LoadCase } from '@hornblende/core';

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
};

/** Plausible numbers to start a case from, so that a brief is valid at every moment. */
const starts: Record<LoadCase, Partial<BriefLoad>> = {
  cantilever: { forceN: 10, lengthMm: 50, widthMm: 20, heightMm: 8 },
  'simply-supported': { forceN: 20, lengthMm: 80, widthMm: 20, heightMm: 8 },
  'fixed-fixed': { forceN: 20, lengthMm: 80, widthMm: 20, heightMm: 6 },
  tension: { forceN: 50, lengthMm: 50, widthMm: 12, heightMm: 5 },
  compression: { forceN: 100, lengthMm: 40, widthMm: 20, heightMm: 20 },
  'direct-stress': { stressMPa: 3 },
  'snap-fit': { thicknessMm: 2, undercutMm: 1, lengthMm: 16 },
  deceleration: { massKg: 0.2, decelerationG: 10, lengthMm: 50, widthMm: 20, heightMm: 8 },
  drop: { massKg: 0.2, heightM: 1, widthMm: 15, heightMm: 8 },
};

/** A load of a case, keeping from an earlier one whatever the case still uses. */
export function loadOf(next: LoadCase, kind: BriefLoad['kind'], from: BriefLoad | null = null): BriefLoad {
  const load = { ...empty, ...starts[next], kind: next === 'drop' ? ('impact' as const) : kind, case: next };
  if (from) {
    for (const key of Object.keys(starts[next]) as (keyof BriefLoad)[])
      if (from[key] !== null && key in starts[next]) Object.assign(load, { [key]: from[key] });
    load.acrossLayers = from.acrossLayers;
  }
  return load;
}
