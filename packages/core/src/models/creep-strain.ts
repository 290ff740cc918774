import { Quantity } from '../input/fields.js';
import { bisect } from '../lib/bisect.js';
import { model, step } from './model.js';
import { sig } from '../lib/figures.js';

/** Input of `creep.strain`. */
export class CreepStrainInput {
  @Quantity({ min: 0, max: 1e9, unit: 'MPa', doc: 'Held stress.' }) stressMPa!: number;
  @Quantity({ min: 0.01, max: 5e5, unit: 'MPa', doc: "Young's modulus at the temperature." })
  modulusMPa!: number;
  @Quantity({ min: 0, max: 10, doc: 'Findley amplitude A.' }) a!: number;
  @Quantity({ min: 0.01, max: 1, doc: 'Findley exponent n.' }) n!: number;
  @Quantity({ min: 0, max: 0.5, unit: '1/K', doc: 'Temperature factor k.' }) k!: number;
  @Quantity({ min: -60, max: 400, unit: '°C', optional: true, doc: 'Temperature; default 23.' })
  temperatureC = 23;
  @Quantity({ min: 0, max: 1e6, unit: 'h', doc: 'How long the load is held.' }) hours!: number;
  @Quantity({
    min: 0,
    max: 100,
    unit: '%',
    optional: true,
    nullable: true,
    doc: 'A strain whose time is wanted; default none.',
  })
  limitPct: number | null = null;
}

/** Result of `creep.strain`. The curve runs on a logarithmic time axis from 0.1 h. */
export interface CreepStrainResult {
  strainPct: number;
  creepFactor: number;
  curve: { hours: number; strainPct: number }[];
  hoursToLimit: number | null;
}

/** How many times the elastic strain a held strain has grown to: 1 + A·(t/1 h)^n·e^{k(T−23)}. Findley 1960. */
export function creepFactor(a: number, n: number, k: number, temperatureC: number, hours: number): number {
  return 1 + a * hours ** n * Math.exp(k * (temperatureC - 23));
}

/**
 * The constant temperature that creeps as much as a swing between two temperatures, for a rate that grows as e^{kT}.
 * @returns °C: mean + ln(mean of e^{k·A·cos θ})/k over one cosine cycle (a modified Bessel function, summed
 * over 24 points)
 */
export function creepEquivalentC(minC: number, maxC: number, k: number): number {
  const mean = (minC + maxC) / 2;
  const swing = (maxC - minC) / 2;
  if (k <= 0 || swing <= 0) return mean;
  let sum = 0;
  for (let j = 0; j < 24; j++) sum += Math.exp(k * swing * Math.cos(((j + 0.5) / 24) * 2 * Math.PI));
  return mean + Math.log(sum / 24) / k;
}

/** `creep.strain`: strain under a held load. */
export const creepStrain = model({
  id: 'creep.strain',
  title: 'Strain under a held load',
  source:
    'Findley power law (Findley, Lai and Onaran, Creep and Relaxation of Nonlinear Viscoelastic Materials)',
  validity: 'Small strains, up to about 3 %, and temperatures below softening.',
  Input: CreepStrainInput,
  compute(i: CreepStrainInput) {
    const elastic = (100 * i.stressMPa) / i.modulusMPa;
    const at = (hours: number): number => elastic * creepFactor(i.a, i.n, i.k, i.temperatureC, hours);
    const factor = creepFactor(i.a, i.n, i.k, i.temperatureC, i.hours);
    const end = Math.max(1, i.hours);
    const curve = Array.from({ length: 41 }, (_, j) => {
      const hours = 0.1 * (end / 0.1) ** (j / 40);
      return { hours, strainPct: at(hours) };
    });
    const hoursToLimit = i.limitPct === null ? null : hoursTo(i.limitPct, at);
    const strainPct = elastic * factor;
    const warnings: string[] = [];
    if (strainPct > 3)
      warnings.push('Over 3 % strain creep is no longer proportional to stress: the true strain is larger.');
    return {
      result: { strainPct, creepFactor: factor, curve, hoursToLimit },
      warnings,
      steps: [
        step('ε₀', 'σ/E', `${sig(i.stressMPa)} / ${sig(i.modulusMPa)}`, elastic, '%'),
        step(
          'growth',
          '1 + A·t^n·e^{k(T−23)}',
          `1 + ${sig(i.a)} × ${sig(i.hours)}^${sig(i.n)} × e^(${sig(i.k)} × (${sig(i.temperatureC)} − 23))`,
          factor,
          '',
        ),
        step('ε(t)', 'ε₀·growth', `${sig(elastic)} × ${sig(factor)}`, strainPct, '%'),
      ],
    };
  },
});

/** Hours to a strain: 0 where it is there at once, null where a million hours do not bring it. */
function hoursTo(limitPct: number, at: (hours: number) => number): number | null {
  if (limitPct <= at(0)) return 0;
  if (at(1e6) < limitPct) return null;
  return 10 ** bisect(x => at(10 ** x) - limitPct, -6, 6);
}
