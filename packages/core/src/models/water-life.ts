import { Quantity } from '../input/fields.js';
import { sig } from '../lib/figures.js';
import { model, step } from './model.js';

/** Hydrolysis runs this many times as fast for every ten kelvins. */
export const TIMES_A_DECADE_K = 3;
/** The temperature that half-lives in water are stated at, °C. */
const REFERENCE_C = 23;
/** The same as a rate, 1/K: for the constant temperature that does as much as a swing. */
export const HYDROLYSIS_PER_K = Math.log(TIMES_A_DECADE_K) / 10;

/** Input of `water.life`. */
export class WaterLifeInput {
  @Quantity({
    min: 0.01,
    max: 1000,
    unit: 'years',
    optional: true,
    nullable: true,
    doc: 'Years in water of 23 °C until half the strength is left; null: it does not hydrolyse.',
  })
  halfLife23Y: number | null = null;
  @Quantity({ min: -5, max: 250, unit: '°C', doc: 'Temperature of the water.' }) waterC!: number;
  @Quantity({ min: 0, max: 100, unit: 'years', doc: 'Years of service.' }) years!: number;
  @Quantity({
    min: 0,
    max: 24,
    unit: 'h',
    optional: true,
    doc: 'Hours a day at that temperature; default 24.',
  })
  hoursADay = 24;
  @Quantity({
    min: 0,
    max: 1,
    optional: true,
    doc: 'Share of those hours in which it is wet: 1 under water, 0.2 in the rain, 0.3 in humid air; default 1.',
  })
  wetShare = 1;
}

/** Result of `water.life`: years until half is left (null: never), and the share left at the end. */
export interface WaterLifeResult {
  halfYears: number | null;
  retained: number;
}

/** The hottest water that half-lives stand for, °C: immersion tests end where water boils. */
export const HYDROLYSIS_TO_C = 100;

/** Years of service until half the strength is left; Infinity for what does not hydrolyse, or is never wet. */
export function hydrolysisHalfYears(
  i: Pick<WaterLifeInput, 'halfLife23Y' | 'waterC' | 'hoursADay' | 'wetShare'>,
): number {
  const wet = (i.hoursADay / 24) * i.wetShare;
  if (i.halfLife23Y === null || wet <= 0) return Infinity;
  return i.halfLife23Y / TIMES_A_DECADE_K ** ((i.waterC - REFERENCE_C) / 10) / wet;
}

/** What years in water leave of a plastic. */
export function waterLife(i: WaterLifeInput): WaterLifeResult {
  const halfYears = hydrolysisHalfYears(i);
  return {
    halfYears: Number.isFinite(halfYears) ? halfYears : null,
    retained: 0.5 ** (i.years / halfYears),
  };
}

/** `water.life`: hydrolysis of what stands in water. */
export const waterLifeModel = model({
  id: 'water.life',
  title: 'Strength left after years in water',
  source:
    'First-order hydrolysis, three times as fast every 10 K (activation energies of polyester hydrolysis ' +
    'lie about 80 kJ/mol); half-lives at 23 °C are estimates from immersion tests',
  validity: 'Clean water near neutral, from freezing to boiling; acid and alkali are another matter.',
  Input: WaterLifeInput,
  compute(i: WaterLifeInput) {
    const result = waterLife(i);
    const warnings =
      i.halfLife23Y !== null && i.waterC > HYDROLYSIS_TO_C
        ? [
            `Half-lives stand for water up to ${HYDROLYSIS_TO_C} °C: in hotter water or steam only a test tells.`,
          ]
        : [];
    if (i.halfLife23Y === null || result.halfYears === null) {
      const why = i.halfLife23Y === null ? 'no ester or amide to attack' : 'it is never wet';
      return { result, warnings, steps: [step('kept', 'does not hydrolyse', why, 1, '')] };
    }
    return {
      result,
      warnings,
      steps: [
        step(
          't½',
          't½(23 °C)/3^((T − 23)/10) · 24/hours a day / wet share',
          `${sig(i.halfLife23Y)} / 3^((${sig(i.waterC)} − 23)/10) × 24/${sig(i.hoursADay)} / ${sig(i.wetShare)}`,
          result.halfYears,
          'years',
        ),
        step(
          'kept',
          '0.5^(years/t½)',
          `0.5^(${sig(i.years)} / ${sig(result.halfYears)})`,
          result.retained,
          '',
        ),
      ],
    };
  },
});
