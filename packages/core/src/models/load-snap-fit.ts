import { Quantity } from '../input/fields.js';
import { model, step } from './model.js';
import { sig } from '../lib/figures.js';

/** Input of `load.snap-fit`. */
export class LoadSnapFitInput {
  @Quantity({ min: 0.1, max: 100, unit: 'mm', doc: 'Thickness of the finger at its root.' })
  thicknessMm!: number;
  @Quantity({ min: 0, max: 100, unit: 'mm', doc: 'Undercut: how far the tip must move.' })
  undercutMm!: number;
  @Quantity({ min: 0.5, max: 1000, unit: 'mm', doc: 'Free length of the finger.' }) lengthMm!: number;
}

/** Root strain of a cantilever snap finger, %: 1.5·t·y/L². */
export function snapFitStrainPct(i: LoadSnapFitInput): number {
  return (100 * 1.5 * i.thicknessMm * i.undercutMm) / i.lengthMm ** 2;
}

/** `load.snap-fit`: strain of a snap finger. */
export const loadSnapFit = model({
  id: 'load.snap-fit',
  title: 'Strain of a snap finger',
  source:
    'Cantilever of constant section, large-strain correction omitted (Bonenberger, The First Snap-Fit Handbook)',
  validity: 'Slender fingers, at least five times as long as thick; one smooth deflection.',
  Input: LoadSnapFitInput,
  compute(i: LoadSnapFitInput) {
    const strainPct = snapFitStrainPct(i);
    return {
      result: { strainPct },
      warnings:
        i.lengthMm < 5 * i.thicknessMm
          ? [
              'A finger shorter than five times its thickness bends its root as well: the strain is overstated.',
            ]
          : [],
      steps: [
        step(
          'ε',
          '1.5·t·y/L²',
          `1.5 × ${sig(i.thicknessMm)} × ${sig(i.undercutMm)} / ${sig(i.lengthMm)}²`,
          strainPct,
          '%',
        ),
      ],
    };
  },
});
