import { mean } from 'simple-statistics';
import { Quantity } from '../input/fields.js';
import { sig } from '../lib/figures.js';
import { HOURS_A_YEAR } from '../lib/physical-constants.js';
import { model, step } from './model.js';

/** Hours after which half the strength is left at the temperature index: the definition of the index. */
const INDEX_HOURS = 100_000;
/** Kelvins that halve the life: the rule of thumb by which temperature indices are read. */
const HALVING_K = 10;

/** Input of `heat.ageing`. */
export class HeatAgeingInput {
  @Quantity({
    min: -20,
    max: 400,
    unit: '°C',
    doc: 'Temperature index: half the strength is left after 100 000 h there.',
  })
  indexC!: number;
  @Quantity({ min: -60, max: 450, unit: '°C', doc: 'Temperature of the part while it is hot.' })
  partC!: number;
  @Quantity({ min: 0, max: 24, unit: 'h', optional: true, doc: 'Hours a day at it; default 24.' })
  hoursADay = 24;
  @Quantity({ min: 0, max: 100, unit: 'years', doc: 'Years of service.' }) years!: number;
}

/** Result of `heat.ageing`: years until half is left, and the share left at the end. */
export interface HeatAgeingResult {
  halfYears: number;
  retained: number;
}

/** Hours at a temperature until half the strength is left: 100 000 h · 2^((index − T)/10). */
export function ageingHalfHours(indexC: number, partC: number): number {
  return INDEX_HOURS * 2 ** ((indexC - partC) / HALVING_K);
}

/** Years until half is left, and the share left at the end, of a part that is hot for so many hours a day. */
export function heatAgeing(i: HeatAgeingInput): HeatAgeingResult {
  const hoursAYear = (i.hoursADay / 24) * HOURS_A_YEAR;
  const halfYears = hoursAYear > 0 ? ageingHalfHours(i.indexC, i.partC) / hoursAYear : Infinity;
  return { halfYears, retained: 0.5 ** (i.years / halfYears) };
}

/**
 * The constant temperature that ages as much as hours at many, °C: each hour's damage added up (Miner's
 * rule), 10·log₂(mean of 2^(T/10)). It is the same for every index.
 * @param hoursC temperatures of equally long times, °C
 */
export function ageingEquivalentC(hoursC: readonly number[]): number {
  return HALVING_K * Math.log2(mean(hoursC.map(t => 2 ** (t / HALVING_K))));
}

/** `heat.ageing`: what long heat leaves of a plastic, loaded or not. */
export const heatAgeingModel = model({
  id: 'heat.ageing',
  title: 'Strength left after long heat',
  source:
    'Relative temperature index (half the strength left after 100 000 h), life halving every 10 K: the ' +
    'Arrhenius rule of thumb by which such indices are read (after UL 746B and IEC 60216)',
  validity: 'Air, unstabilised general-purpose grades; a grade’s own index is better than a family’s.',
  Input: HeatAgeingInput,
  compute(i: HeatAgeingInput) {
    const result = heatAgeing(i);
    const halfHours = ageingHalfHours(i.indexC, i.partC);
    return {
      result,
      warnings:
        i.partC > i.indexC + 80 ? ['So far above the index the rule of thumb is a guess: test it.'] : [],
      steps: [
        step(
          't½',
          '100 000 h · 2^((index − T)/10)',
          `100 000 × 2^((${sig(i.indexC)} − ${sig(i.partC)})/10)`,
          halfHours,
          'h',
        ),
        step(
          'half_years',
          't½/(hours a day · 365.25)',
          `${sig(halfHours)} / (${sig(i.hoursADay)} × 365.25)`,
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
