import { Quantity } from '../input/fields.js';
import { sig } from '../lib/figures.js';
import { model, step } from './model.js';
import { TIMES_A_DECADE_K } from './water-life.js';

/** The steam that cycles are counted in, °C: a short sterilising cycle at three bar. */
const REFERENCE_C = 134;

/** Input of `water.steam`. */
export class WaterSteamInput {
  @Quantity({
    min: 1,
    max: 1e5,
    doc: 'Cycles of steam at 134 °C, of about twenty minutes each, until half the strength is left.',
  })
  cycles134!: number;
  @Quantity({ min: 100, max: 150, unit: '°C', doc: 'Temperature of the steam.' }) steamC!: number;
  @Quantity({ min: 0, max: 1e5, doc: 'Cycles in all.' }) cycles!: number;
}

/** Result of `water.steam`: cycles until half is left, and the share left at the end. */
export interface WaterSteamResult {
  halfCycles: number;
  retained: number;
}

/** What cycles of steam leave of a plastic's strength. */
export function steamLife({ cycles134, steamC, cycles }: WaterSteamInput): WaterSteamResult {
  const halfCycles = cycles134 * TIMES_A_DECADE_K ** ((REFERENCE_C - steamC) / 10);
  return { halfCycles, retained: 0.5 ** (cycles / halfCycles) };
}

/** `water.steam`: what steaming leaves of a plastic. */
export const waterSteam = model({
  id: 'water.steam',
  title: 'Strength left after cycles of steam',
  source:
    'First-order loss by cycles, three times as fast every 10 K as in water (water.life); half-lives at 134 °C are ' +
    'estimates from tests of sterilising moulded bars',
  validity:
    'Cycles of about twenty minutes of saturated steam from 100 to 150 °C on a part without load; alkaline ' +
    'additives and a load at the same time are harder on it.',
  Input: WaterSteamInput,
  compute(i: WaterSteamInput) {
    const result = steamLife(i);
    return {
      result,
      warnings: [],
      steps: [
        step(
          'n½',
          'n½(134 °C)·3^((134 − T)/10)',
          `${sig(i.cycles134)} × 3^((134 − ${sig(i.steamC)})/10)`,
          result.halfCycles,
          'cycles',
        ),
        step('kept', '0.5^(n/n½)', `0.5^(${sig(i.cycles)} / ${sig(result.halfCycles)})`, result.retained, ''),
      ],
    };
  },
});
