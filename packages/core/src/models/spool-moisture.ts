import { FamilyKey } from '../materials/material-key.js';
import { Quantity } from '../input/fields.js';
import { InputError } from '../input/parse.js';
import { typical, type Family } from '../materials/family.js';
import type { SpoolState } from '../materials/spool-state.js';
import { familyByKey, familyKeys } from '../materials/library.js';
import { model, step, type Step } from './model.js';
import { sig } from '../lib/figures.js';
import { STANDARD_ROOM_C, ZERO_CELSIUS_K } from '../lib/physical-constants.js';

/** Input of `spool.moisture`. */
export class SpoolMoistureInput {
  @FamilyKey({ doc: 'Filament family.' }) family!: string;
  @Quantity({ min: 0, max: 100, unit: '%', doc: 'Relative humidity of the air it stands in.' })
  rhPct!: number;
  @Quantity({ min: 0, max: 1e6, unit: 'h', doc: 'Hours it has stood open, from dry.' }) hoursOpen!: number;
  @Quantity({
    min: 20,
    max: 250,
    unit: '°C',
    optional: true,
    nullable: true,
    doc: 'Drying temperature after that; default none.',
  })
  dryingC: number | null = null;
  @Quantity({
    min: 0,
    max: 500,
    unit: 'h',
    optional: true,
    nullable: true,
    doc: 'Hours of drying after that; default none.',
  })
  dryingHours: number | null = null;
}

/** Result of `spool.moisture`. */
export interface SpoolMoistureResult {
  waterPct: number;
  limitPct: number;
  equilibriumPct: number;
  state: SpoolState;
  advice: string;
  dryC: number | null;
  dryHours: number | null;
}

/**
 * Curvature of the sorption isotherm: polyamide 6 holds 9 % saturated and 2.7 % at half humidity, hence
 * ln(0.3)/ln(0.5).
 */
const ISOTHERM = 1.7;
/** Activation energy of water's diffusion in polymers, J/mol (typical, 40 to 60 kJ/mol). */
const ACTIVATION_JMOL = 50_000;
const GAS_CONSTANT = 8.314;
/** A family's drying advice is taken to remove nine tenths of the water: 2.3 time constants. */
const ADVICE_TIMES = Math.log(10);
/** Share of its saturation at which a soluble filament has swollen and fused. */
const SPOILED_SHARE = 0.5;

/** Water at equilibrium with air, % by mass: saturation × RH^1.7. */
export function equilibriumWaterPct(f: Family, rhPct: number): number {
  return typical(f, 'waterUptakePct') * (Math.max(0, Math.min(100, rhPct)) / 100) ** ISOTHERM;
}

/** Time constant of uptake and drying at a temperature, h: the family's drying advice, moved by Arrhenius. */
export function moistureTauHours(f: Family, temperatureC: number): number {
  const atAdvice = typical(f, 'dryHours') / ADVICE_TIMES;
  return (
    atAdvice *
    Math.exp(
      (ACTIVATION_JMOL / GAS_CONSTANT) *
        (1 / (temperatureC + ZERO_CELSIUS_K) - 1 / (typical(f, 'dryC') + ZERO_CELSIUS_K)),
    )
  );
}

/** Saturation pressure of water vapour, hPa (Magnus, as in WMO No. 8). */
function saturationHPa(c: number): number {
  return 6.112 * Math.exp((17.62 * c) / (243.12 + c));
}

/** The humidity that a room's air has once heated, %. */
export function heatedHumidityPct(rhPct: number, temperatureC: number): number {
  return (rhPct * saturationHPa(STANDARD_ROOM_C)) / saturationHPa(temperatureC);
}

/** Water after hours at a humidity and temperature, from a start, % by mass: first order towards equilibrium. */
export function waterAfterPct(
  f: Family,
  fromPct: number,
  rhPct: number,
  temperatureC: number,
  hours: number,
): number {
  const end = equilibriumWaterPct(
    f,
    temperatureC > STANDARD_ROOM_C ? heatedHumidityPct(rhPct, temperatureC) : rhPct,
  );
  return end + (fromPct - end) * Math.exp(-hours / moistureTauHours(f, temperatureC));
}

/** The temperature a family is dried at: its advice, never within reach of where the spool softens. */
export function safeDryingC(f: Family): number {
  return Math.min(typical(f, 'dryC'), typical(f, 'spoolLimitC') - 3);
}

/**
 * What a water content means, and how long to dry for.
 * @param dryerMaxC the hottest dryer there is; null for none or not known
 */
export function moistureVerdict(
  f: Family,
  waterPct: number,
  rhPct: number,
  dryerMaxC: number | null = null,
): Pick<SpoolMoistureResult, 'state' | 'advice' | 'dryC' | 'dryHours' | 'limitPct'> {
  const limitPct = typical(f, 'printWaterPct');
  const none = { limitPct, dryC: null, dryHours: null };
  if (waterPct <= limitPct)
    return {
      ...none,
      state: 'dry',
      advice: `Dry enough: ${sig(waterPct, 2)} % water, ${f.name} prints well up to ${sig(limitPct, 2)} %.`,
    };
  if (f.flags.soluble && waterPct > SPOILED_SHARE * typical(f, 'waterUptakePct'))
    return {
      ...none,
      state: 'unusable',
      advice:
        `${sig(waterPct, 2)} % water: the strand has swollen and its turns have fused. Drying will not ` +
        'bring it back.',
    };
  const dryC = Math.min(safeDryingC(f), dryerMaxC ?? Infinity);
  const end = equilibriumWaterPct(f, heatedHumidityPct(rhPct, dryC));
  // Half the limit leaves room for the print itself; where damp air keeps even a heated spool above that, a
  // tenth above what can be reached.
  const target = Math.max(0.5 * limitPct, end * 1.1);
  if (target > limitPct) {
    const coolDryer = dryerMaxC !== null && dryerMaxC < safeDryingC(f);
    const remedy = coolDryer ? `in a dryer for ${sig(safeDryingC(f), 2)} °C` : 'with drier air';
    return {
      ...none,
      state: 'dry it first',
      advice:
        `${sig(waterPct, 2)} % water. At ${sig(dryC, 2)} °C in air of ${sig(rhPct, 2)} % it never gets ` +
        `under ${sig(limitPct, 2)} %: dry it in a closed box with desiccant, or ${remedy}.`,
    };
  }
  const hours = Math.max(
    0.5,
    Math.ceil(2 * moistureTauHours(f, dryC) * Math.log((waterPct - end) / (target - end))) / 2,
  );
  return {
    limitPct,
    dryC,
    dryHours: hours,
    state: 'dry it first',
    advice:
      `${sig(waterPct, 2)} % water, ${sig(limitPct, 2)} % is the most it prints well with: dry it ` +
      `${sig(hours, 2)} h at ${sig(dryC, 3)} °C, never above ${sig(typical(f, 'spoolLimitC'), 3)} °C, ` +
      'where the spool softens.',
  };
}

/** `spool.moisture`: how much water a spool holds, and what to do about it. */
export const spoolMoisture = model({
  id: 'spool.moisture',
  title: 'Water in a spool',
  source:
    'First-order sorption w = w_eq·(1 − e^(−t/τ)), w_eq = w_sat·RH^1.7; drying by Arrhenius (50 ' +
    'kJ/mol) about the family’s drying advice; vapour by Magnus',
  validity:
    'Wound spools in still room air at about 23 °C, taken as evenly damp; the outer turns are damper ' +
    'than that, the inner ones drier.',
  Input: SpoolMoistureInput,
  compute(i: SpoolMoistureInput) {
    const f = familyByKey(i.family);
    if (!f)
      throw new InputError([
        { field: 'family', value: i.family, message: `must be one of ${familyKeys.join(', ')}` },
      ]);
    const limit = typical(f, 'spoolLimitC');
    if (i.dryingC !== null && i.dryingC > limit)
      throw new InputError([
        {
          field: 'dryingC',
          value: i.dryingC,
          message: `must be at most ${limit} °C, where a spool of ${f.name} softens`,
        },
      ]);
    if ((i.dryingC === null) !== (i.dryingHours === null))
      throw new InputError([
        {
          field: i.dryingC === null ? 'dryingC' : 'dryingHours',
          value: null,
          message: 'is needed: drying takes a temperature and hours',
        },
      ]);
    const equilibriumPct = equilibriumWaterPct(f, i.rhPct);
    const tau = moistureTauHours(f, STANDARD_ROOM_C);
    let waterPct = equilibriumPct * (1 - Math.exp(-i.hoursOpen / tau));
    const steps: Step[] = [
      step(
        'w_eq',
        'w_sat·RH^1.7',
        `${sig(typical(f, 'waterUptakePct'))} × ${sig(i.rhPct / 100)}^1.7`,
        equilibriumPct,
        '%',
      ),
      step(
        'τ',
        't_advice/ln 10 · e^(E/R·(1/T − 1/T_advice))',
        `${sig(typical(f, 'dryHours'))} h at ${sig(typical(f, 'dryC'))} °C, moved to ${STANDARD_ROOM_C} °C`,
        tau,
        'h',
      ),
      step(
        'w',
        'w_eq·(1 − e^(−t/τ))',
        `${sig(equilibriumPct)} × (1 − e^(−${sig(i.hoursOpen)}/${sig(tau)}))`,
        waterPct,
        '%',
      ),
    ];
    if (i.dryingC !== null && i.dryingHours !== null) {
      const rh = heatedHumidityPct(i.rhPct, i.dryingC);
      const tauHot = moistureTauHours(f, i.dryingC);
      const end = equilibriumWaterPct(f, rh);
      const dried = end + (waterPct - end) * Math.exp(-i.dryingHours / tauHot);
      steps.push(
        step('RH_dryer', 'RH·p_s(23 °C)/p_s(T)', `${sig(i.rhPct)} % heated to ${sig(i.dryingC)} °C`, rh, '%'),
        step('τ_dryer', 'as τ, at the drying temperature', `${sig(i.dryingC)} °C`, tauHot, 'h'),
        step(
          'w',
          'w_end + (w − w_end)·e^(−t/τ_dryer)',
          `${sig(end)} + (${sig(waterPct)} − ${sig(end)}) × e^(−${sig(i.dryingHours)}/${sig(tauHot)})`,
          dried,
          '%',
        ),
      );
      waterPct = dried;
    }
    const verdict = moistureVerdict(f, waterPct, i.rhPct);
    steps.push(step('w_limit', 'the family’s limit for printing well', f.name, verdict.limitPct, '%'));
    const result: SpoolMoistureResult = { waterPct, equilibriumPct, ...verdict };
    return {
      result,
      warnings:
        i.hoursOpen > 20_000
          ? ['Two years and more: the polymer may have aged as well as taken up water.']
          : [],
      steps,
    };
  },
});
