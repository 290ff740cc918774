import { Quantity } from '../input/fields.js';
import { sig } from '../lib/figures.js';
import { model, step } from './model.js';

/** Hours and temperature of the standard test: ISO 815, 22 h at 70 °C. */
const TEST = { hours: 22, temperatureC: 70 };

/** The power of time with which the set grows: typical of thermoplastic rubbers. */
const TIME_EXPONENT = 0.1;

/** How much the set grows with each kelvin, 1/K: typical of thermoplastic rubbers. */
export const SET_PER_K = 0.015;

/** Input of `flex.set`. */
export class FlexSetInput {
  @Quantity({
    min: 0,
    max: 100,
    unit: '%',
    doc: 'Compression set after 22 h at 70 °C (ISO 815): the share of the squeeze that does not come back.',
  })
  setPct!: number;
  @Quantity({ min: 0.01, max: 1e6, unit: 'h', doc: 'How long it stays squeezed.' }) hours!: number;
  @Quantity({ min: -60, max: 200, unit: '°C', optional: true, doc: 'Temperature; default 23.' })
  temperatureC = 23;
}

/** The share of a squeeze that does not come back, 0 to 1. */
export function setShare({ setPct, hours, temperatureC }: FlexSetInput): number {
  const grown =
    (hours / TEST.hours) ** TIME_EXPONENT * Math.exp(SET_PER_K * (temperatureC - TEST.temperatureC));
  return Math.min(1, (setPct / 100) * grown);
}

/** `flex.set`: what a squeezed rubber does not give back. */
export const flexSet = model({
  id: 'flex.set',
  title: 'Compression set of a squeezed rubber',
  source:
    'Set of the standard test (ISO 815, 22 h at 70 °C) carried to other hours and temperatures by a power of time, ' +
    '0.1, and 1.5 % a kelvin: typical slopes of thermoplastic rubbers, an estimate',
  validity:
    'Thermoplastic rubbers squeezed by about a quarter, between the cold in which they stiffen and 100 °C.',
  Input: FlexSetInput,
  compute(i: FlexSetInput) {
    const share = setShare(i);
    return {
      result: { setShare: share, springsBack: 1 - share },
      warnings: [],
      steps: [
        step(
          's',
          's₇₀·(t/22 h)^0.1·e^{0.015·(T − 70 °C)} ≤ 1',
          `${sig(i.setPct / 100)} × (${sig(i.hours)}/22)^0.1 × e^(0.015 × (${sig(i.temperatureC)} − 70))`,
          share,
          '',
        ),
      ],
    };
  },
});
