import { Choice, Quantity } from '../input/fields.js';
import { model, step } from './model.js';
import { sig } from '../lib/figures.js';

/** Input of `flex.modulus`. */
export class FlexModulusInput {
  @Choice(['A', 'D'], { doc: 'Shore scale.' }) scale!: 'A' | 'D';
  @Quantity({ min: 1, max: 99, doc: 'Shore reading.' }) hardness!: number;
}

/** Young's modulus in MPa from Shore hardness: Gent 1958 for A; Qi, Joyce and Boyce 2003 for D. */
export function shoreModulusMPa(scale: 'A' | 'D', hardness: number): number {
  return scale === 'A'
    ? (0.0981 * (56 + 7.62336 * hardness)) / (0.137505 * (254 - 2.54 * hardness))
    : 10 ** (0.0235 * (hardness + 50) - 0.6403);
}

/** `flex.modulus`: stiffness from hardness. */
export const flexModulus = model({
  id: 'flex.modulus',
  title: "Young's modulus from Shore hardness",
  source: 'Shore A: Gent (1958); Shore D: Qi, Joyce and Boyce (2003)',
  validity: 'Readings from 20 to 90 of their scale; solid, unfilled elastomers.',
  Input: FlexModulusInput,
  compute(i: FlexModulusInput) {
    const modulusMPa = shoreModulusMPa(i.scale, i.hardness);
    return {
      result: { modulusMPa },
      warnings:
        i.hardness < 20 || i.hardness > 90
          ? ['Outside 20 to 90 the scale is poorly conditioned: use the other one.']
          : [],
      steps: [
        i.scale === 'A'
          ? step(
              'E',
              '0.0981·(56 + 7.62336·S)/(0.137505·(254 − 2.54·S))',
              `0.0981 × (56 + 7.62336 × ${sig(i.hardness)}) / (0.137505 × (254 − 2.54 × ${sig(i.hardness)}))`,
              modulusMPa,
              'MPa',
            )
          : step(
              'E',
              '10^(0.0235·(S_D + 50) − 0.6403)',
              `10^(0.0235 × (${sig(i.hardness)} + 50) − 0.6403)`,
              modulusMPa,
              'MPa',
            ),
      ],
    };
  },
});
