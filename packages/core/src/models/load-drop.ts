import { Quantity } from '../input/fields.js';
import { model, step } from './model.js';
import { sig } from '../lib/figures.js';
import { STANDARD_GRAVITY } from '../lib/physical-constants.js';

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
      steps: [
        step('E', 'm·g₀·h', `${sig(i.massKg)} × ${STANDARD_GRAVITY} × ${sig(i.heightM)}`, energyJ, 'J'),
      ],
    };
  },
});
