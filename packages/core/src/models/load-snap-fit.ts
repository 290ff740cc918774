import { Quantity } from '../input/fields.js';
import { model, step } from './model.js';
import { sig } from '../lib/figures.js';

/** Limits of a strain that a plastic takes. */
const STRAIN = { min: 0, max: 1000, unit: '%', optional: true, nullable: true };

/** Input of `load.snap-fit`. */
export class LoadSnapFitInput {
  @Quantity({ min: 0.1, max: 100, unit: 'mm', doc: 'Thickness of the finger at its root.' })
  thicknessMm!: number;
  @Quantity({ min: 0, max: 100, unit: 'mm', doc: 'Undercut: how far the tip must move.' })
  undercutMm!: number;
  @Quantity({ min: 0.5, max: 1000, unit: 'mm', doc: 'Free length of the finger.' }) lengthMm!: number;
  @Quantity({ min: 1, max: 1e10, optional: true, doc: 'How many times it is bent; default 1.' }) cycles = 1;
  @Quantity({ ...STRAIN, doc: 'Strain that the plastic takes once; default null: not known.' })
  oncePct: number | null = null;
  @Quantity({ ...STRAIN, doc: 'Strain that it takes a thousand times; default null: not known.' })
  repeatedPct: number | null = null;
}

/** Result of `load.snap-fit`; what is allowed only where both strains of the plastic are known. */
export interface LoadSnapFitResult {
  strainPct: number;
  allowedPct?: number;
}

/** Cycles that the strain for repeated bending stands for. */
const REPEATED_CYCLES = 1000;
/** Share of the repeated strain that each decade of further cycles takes, and the share that is always left. */
const A_DECADE_TAKES = 0.25;
const LEAST_SHARE = 0.25;

/**
 * The strain, %, that a plastic takes so many times: from once to the repeated strain linear in the logarithm of the
 * cycles, beyond a thousand a quarter less a decade.
 */
export function allowedStrainPct(oncePct: number, repeatedPct: number, cycles: number): number {
  const decades = Math.log10(Math.max(1, cycles));
  const known = Math.log10(REPEATED_CYCLES);
  if (decades <= known) return oncePct + ((repeatedPct - oncePct) * decades) / known;
  return repeatedPct * Math.max(LEAST_SHARE, 1 - A_DECADE_TAKES * (decades - known));
}

/** Root strain of a cantilever snap finger, %: 1.5·t·y/L². */
export function snapFitStrainPct(
  i: Pick<LoadSnapFitInput, 'thicknessMm' | 'undercutMm' | 'lengthMm'>,
): number {
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
    const { oncePct, repeatedPct, cycles } = i;
    const result: LoadSnapFitResult = { strainPct };
    const steps = [
      step(
        'ε',
        '1.5·t·y/L²',
        `1.5 × ${sig(i.thicknessMm)} × ${sig(i.undercutMm)} / ${sig(i.lengthMm)}²`,
        strainPct,
        '%',
      ),
    ];
    if (oncePct !== null && repeatedPct !== null) {
      result.allowedPct = allowedStrainPct(oncePct, repeatedPct, cycles);
      steps.push(
        cycles <= REPEATED_CYCLES
          ? step(
              'ε_allow',
              'once + (repeated − once)·lg N/3',
              `${sig(oncePct)} + (${sig(repeatedPct)} − ${sig(oncePct)}) × lg ${sig(cycles)}/3`,
              result.allowedPct,
              '%',
            )
          : step(
              'ε_allow',
              'repeated · max(0.25, 1 − 0.25·lg(N/1000))',
              `${sig(repeatedPct)} × max(0.25, 1 − 0.25 × lg(${sig(cycles)}/1000))`,
              result.allowedPct,
              '%',
            ),
      );
    }
    return {
      result,
      warnings:
        i.lengthMm < 5 * i.thicknessMm
          ? [
              'A finger shorter than five times its thickness bends its root as well: the strain is overstated.',
            ]
          : [],
      steps,
    };
  },
});
