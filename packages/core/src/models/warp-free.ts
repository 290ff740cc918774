import { Quantity } from '../input/fields.js';
import { model, step } from './model.js';
import { sig } from '../lib/figures.js';

/** Input of `warp.free`. */
export class WarpFreeInput {
  @Quantity({ min: 0, max: 1e-3, unit: '1/K', doc: 'Linear thermal expansion.' }) alphaPerK!: number;
  @Quantity({ min: -50, max: 450, unit: '°C', doc: 'Temperature it solidifies at.' }) fromC!: number;
  @Quantity({ min: -50, max: 450, unit: '°C', doc: 'Temperature it cools to.' }) toC!: number;
  @Quantity({ min: 0, max: 1e4, unit: 'mm', doc: 'Length.' }) lengthMm!: number;
}

/** `warp.free`: naive contraction. */
export const warpFree = model({
  id: 'warp.free',
  title: 'Free thermal contraction',
  source: 'α·ΔT·L',
  validity: 'A length along the part that was free all the while; how far its ends rise is another length.',
  Input: WarpFreeInput,
  compute(i: WarpFreeInput) {
    const strain = i.alphaPerK * (i.fromC - i.toC);
    return {
      result: { contractionMm: strain * i.lengthMm, contractionPct: 100 * strain },
      warnings: [
        'Most of this happens while the part is held by the plate and the layers below: it becomes shorter by less.',
      ],
      steps: [
        step(
          'ε',
          'α·(T₁ − T₂)',
          `${sig(i.alphaPerK)} × (${sig(i.fromC)} − ${sig(i.toC)})`,
          100 * strain,
          '%',
        ),
        step('ΔL', 'ε·L', `${sig(strain)} × ${sig(i.lengthMm)}`, strain * i.lengthMm, 'mm'),
      ],
    };
  },
});
