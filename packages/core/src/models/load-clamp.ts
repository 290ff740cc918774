import { Quantity } from '../input/fields.js';
import { sig } from '../lib/figures.js';
import { creepFactor } from './creep-strain.js';
import { model, step } from './model.js';

/** Input of `load.clamp`. */
export class LoadClampInput {
  @Quantity({ min: 0, max: 10, doc: 'Findley amplitude A.' }) a!: number;
  @Quantity({ min: 0.01, max: 1, doc: 'Findley exponent n.' }) n!: number;
  @Quantity({ min: 0, max: 0.5, unit: '1/K', doc: 'Temperature factor k.' }) k!: number;
  @Quantity({ min: -60, max: 400, unit: '°C', optional: true, doc: 'Temperature; default 23.' })
  temperatureC = 23;
  @Quantity({ min: 0, max: 1e6, unit: 'h', doc: 'How long it stays squeezed.' }) hours!: number;
}

/** Share of a clamp's force that is left: the squeeze stays, the stress falls as the creep compliance grows. */
export function clampShareLeft(i: LoadClampInput): number {
  return 1 / creepFactor(i.a, i.n, i.k, i.temperatureC, i.hours);
}

/** `load.clamp`: how tight a bolted, clamped or pressed joint stays. */
export const loadClamp = model({
  id: 'load.clamp',
  title: 'Clamp force left in a squeezed joint',
  source:
    'Stress relaxation at a held strain taken as the inverse of Findley creep at a held stress, ' +
    '1/(1 + A·tⁿ·e^{k(T−23)}): a usual, slightly cautious estimate',
  validity:
    'Plastic squeezed below its yield between stiff faces; an insert or a spring takes the load off it.',
  Input: LoadClampInput,
  compute(i: LoadClampInput) {
    const shareLeft = clampShareLeft(i);
    const growth = creepFactor(i.a, i.n, i.k, i.temperatureC, i.hours);
    return {
      result: { shareLeft },
      warnings: [],
      steps: [
        step(
          'growth',
          '1 + A·t^n·e^{k(T−23)}',
          `1 + ${sig(i.a)} × ${sig(i.hours)}^${sig(i.n)} × e^(${sig(i.k)} × (${sig(i.temperatureC)} − 23))`,
          growth,
          '',
        ),
        step('F/F₀', '1/growth', `1 / ${sig(growth)}`, shareLeft, ''),
      ],
    };
  },
});
