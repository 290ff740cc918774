import { Choice, Quantity } from '../input/fields.js';
import { sig } from '../lib/figures.js';
import { beam, LoadBeamInput } from '../models/load-beam.js';
import { model, step } from '../models/model.js';

/** How a piece gave way. */
export const breakManners = ['snapped', 'between-layers', 'at-hole', 'tore', 'bent', 'held'] as const;
/** How a piece gave way. */
export type BreakManner = (typeof breakManners)[number];

/** How a piece gave way, in words. */
export const breakMannerWords: Record<BreakManner, string> = {
  snapped: 'snapped clean across',
  'between-layers': 'split between layers',
  'at-hole': 'broke at a hole or a corner',
  tore: 'tore, white at the edge',
  bent: 'bent and stayed bent',
  held: 'did not give way',
};

/** Input of `trial.break`. */
export class TrialBreakInput {
  @Quantity({ min: 0, max: 1e5, unit: 'N', doc: 'What the scale read when it gave way.' }) forceN!: number;
  @Quantity({ min: 1, max: 2000, unit: 'mm', doc: 'From the vice to the hook.' }) lengthMm!: number;
  @Quantity({ min: 0.5, max: 500, unit: 'mm', optional: true, doc: 'Width of the bar; default 10.' })
  widthMm = 10;
  @Quantity({
    min: 0.5,
    max: 500,
    unit: 'mm',
    optional: true,
    doc: 'Height, in the way it bends; default 4.',
  })
  heightMm = 4;
  @Choice(breakManners, { optional: true, doc: 'How it gave way; default snapped.' }) manner: BreakManner =
    'snapped';
}

/** Result of `trial.break`. */
export interface TrialBreakResult {
  stressMPa: number;
  /** Whether that is what it bears: of a bar that held it is only a lower bound. */
  isBound: boolean;
}

/** A bar in the vice, pulled at its end by a luggage scale: the stress at the jaw, by `load.beam`. */
export function trialBreak({ manner, ...i }: TrialBreakInput): TrialBreakResult {
  // The stress does not depend on the modulus.
  const { stressMPa } = beam(Object.assign(new LoadBeamInput(), i, { case: 'cantilever', modulusMPa: 1000 }));
  return { stressMPa, isBound: manner === 'held' };
}

/** `trial.break`: a bar broken with a lever and a scale. */
export const trialBreakModel = model({
  id: 'trial.break',
  title: 'A bar broken with a lever and a scale',
  source: 'load.beam, cantilever: σ = 6·F·L/(b·h²)',
  validity: 'Pulled square to the bar, three times as long as it is high; past yield the stress is nominal.',
  Input: TrialBreakInput,
  compute(i: TrialBreakInput) {
    const result = trialBreak(i);
    const warnings: string[] = [];
    if (result.isBound) warnings.push('It held: it bears more than this.');
    if (i.manner === 'bent')
      warnings.push('It yielded before it broke: the stress is nominal, a little too high.');
    if (i.lengthMm < 3 * i.heightMm) warnings.push('A lever under three heights shears more than it bends.');
    return {
      result,
      warnings,
      steps: [
        step(
          'σ',
          '6·F·L/(b·h²)',
          `6 × ${sig(i.forceN)} × ${sig(i.lengthMm)}/(${sig(i.widthMm)} × ${sig(i.heightMm)}²)`,
          result.stressMPa,
          'MPa',
        ),
      ],
    };
  },
});
