import { Quantity } from '../formats/fields.js';
import { model, sig, step } from './model.js';
import { STANDARD_GRAVITY } from './physical-constants.js';

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

/** Input of `load.deceleration`. */
export class LoadDecelerationInput {
  @Quantity({ min: 0, max: 1000, unit: 'kg', doc: 'Mass held by the part.' }) massKg!: number;
  @Quantity({ min: 0, max: 10000, unit: 'g₀', doc: 'Deceleration in multiples of g₀.' })
  decelerationG!: number;
}

/** Force of a decelerated mass, N: m·a·g₀. */
export function decelerationForceN(i: LoadDecelerationInput): number {
  return i.massKg * i.decelerationG * STANDARD_GRAVITY;
}

/** `load.deceleration`: force of a decelerated mass. */
export const loadDeceleration = model({
  id: 'load.deceleration',
  title: 'Force of a decelerated mass',
  source: 'Newton’s second law; g₀ = 9.80665 m/s² (ISO 80000-3)',
  validity: 'Rigid masses; belts and soft mounts lower it.',
  Input: LoadDecelerationInput,
  compute(i: LoadDecelerationInput) {
    const forceN = decelerationForceN(i);
    return {
      result: { forceN },
      warnings: [],
      steps: [step('F', 'm·a·g₀', `${sig(i.massKg)} × ${sig(i.decelerationG)} × 9.80665`, forceN, 'N')],
    };
  },
});

/** Input of `load.drop`. */
export class LoadDropInput {
  @Quantity({ min: 0, max: 1000, unit: 'kg', doc: 'Falling mass.' }) massKg!: number;
  @Quantity({ min: 0, max: 1000, unit: 'm', doc: 'Height of fall.' }) heightM!: number;
}

/** Energy of a fall, J: m·g₀·h. */
export function dropEnergyJ(i: LoadDropInput): number {
  return i.massKg * STANDARD_GRAVITY * i.heightM;
}

/** `load.drop`: energy of a fall. */
export const loadDrop = model({
  id: 'load.drop',
  title: 'Energy of a fall',
  source: 'm·g₀·h; g₀ = 9.80665 m/s² (ISO 80000-3)',
  validity: 'Free fall; air does not matter at these heights.',
  Input: LoadDropInput,
  compute(i: LoadDropInput) {
    const energyJ = dropEnergyJ(i);
    return {
      result: { energyJ },
      warnings: [],
      steps: [step('E', 'm·g₀·h', `${sig(i.massKg)} × 9.80665 × ${sig(i.heightM)}`, energyJ, 'J')],
    };
  },
});
