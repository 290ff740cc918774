import { Quantity } from '../input/fields.js';
import { sig } from '../lib/figures.js';
import { model, step } from './model.js';

/** Input of `flex.soak`. */
export class FlexSoakInput {
  @Quantity({ min: 0.01, max: 1e5, unit: 'g', doc: 'Weight before.' }) dryG!: number;
  @Quantity({ min: 0.01, max: 1e5, unit: 'g', doc: 'Weight after, wiped dry.' }) wetG!: number;
  @Quantity({ min: 0.01, max: 1e5, unit: 'cm³', doc: 'Volume from its outside measures.' })
  volumeCm3!: number;
  @Quantity({
    min: 0.1,
    max: 25,
    unit: 'g/cm³',
    optional: true,
    doc: 'Density of the plastic without cells; default 1.2.',
  })
  solidGcm3 = 1.2;
  @Quantity({ min: 0.1, max: 1e4, unit: 'h', optional: true, doc: 'Hours under water; default 24.' }) hours =
    24;
}

/** Result of `flex.soak`. */
export interface FlexSoakResult {
  /** Share of it that is room. */
  voidShare: number;
  /** Share of that room that water filled. */
  filledShare: number;
  cells: 'closed' | 'partly open' | 'open';
  /** Density before and after, g/cm³. */
  dryGcm3: number;
  wetGcm3: number;
  floatsDry: boolean;
  floatsWet: boolean;
}

/** Shares of the room that water fills up to which cells are closed, and from which they are open. */
const CELLS = { closed: 0.05, open: 0.4 };
/** Fresh water, g/cm³. */
const WATER_GCM3 = 0.998;

/**
 * A piece weighed before and after a day under water: are its cells closed, does it go on floating? A day is enough
 * where two weighings some hours apart agree; where they do not, it still drinks.
 */
export function flexSoak({ dryG, wetG, volumeCm3, solidGcm3 }: FlexSoakInput): FlexSoakResult {
  const voidShare = Math.max(0, 1 - dryG / (volumeCm3 * solidGcm3));
  const takenCm3 = Math.max(0, wetG - dryG) / WATER_GCM3;
  const filledShare = voidShare > 0 ? Math.min(1, takenCm3 / (voidShare * volumeCm3)) : 0;
  return {
    voidShare,
    filledShare,
    cells: filledShare <= CELLS.closed ? 'closed' : filledShare >= CELLS.open ? 'open' : 'partly open',
    dryGcm3: dryG / volumeCm3,
    wetGcm3: wetG / volumeCm3,
    floatsDry: dryG / volumeCm3 < WATER_GCM3,
    floatsWet: wetG / volumeCm3 < WATER_GCM3,
  };
}

/** `flex.soak`: closed or open cells, and whether it floats. */
export const flexSoakModel = model({
  id: 'flex.soak',
  title: 'A night under water: closed cells or open, floating or not',
  source: 'Archimedes; share of the room filled = (wet − dry)/(ρ_water·(V − dry/ρ_solid))',
  validity: 'A piece whose outside can be measured, wiped dry before it is weighed again.',
  Input: FlexSoakInput,
  compute(i: FlexSoakInput) {
    const r = flexSoak(i);
    const warnings: string[] = [];
    if (i.wetG < i.dryG) warnings.push('It weighs less than before: were the weights exchanged?');
    if (i.dryG > i.volumeCm3 * i.solidGcm3)
      warnings.push('It is heavier than solid plastic of that volume: is the volume right?');
    if (r.floatsDry && !r.floatsWet) warnings.push('It floats at first, fills and sinks.');
    return {
      result: r,
      warnings,
      steps: [
        step(
          'voids',
          '1 − dry/(V·ρ)',
          `1 − ${sig(i.dryG)}/(${sig(i.volumeCm3)} × ${sig(i.solidGcm3)})`,
          r.voidShare,
          '',
        ),
        step(
          'filled',
          '(wet − dry)/(ρ_w·voids·V)',
          `(${sig(i.wetG)} − ${sig(i.dryG)})/(0.998 × ${sig(r.voidShare)} × ${sig(i.volumeCm3)})`,
          r.filledShare,
          '',
        ),
        step('ρ', 'wet/V', `${sig(i.wetG)}/${sig(i.volumeCm3)}`, r.wetGcm3, 'g/cm³'),
      ],
    };
  },
});
