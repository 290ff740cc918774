import { Quantity } from '../input/fields.js';
import { model, step } from './model.js';
import { sig } from '../lib/figures.js';
import { STANDARD_GRAVITY } from '../lib/physical-constants.js';

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
      steps: [
        step('F', 'm·a·g₀', `${sig(i.massKg)} × ${sig(i.decelerationG)} × ${STANDARD_GRAVITY}`, forceN, 'N'),
      ],
    };
  },
});
