import { Quantity } from '../input/fields.js';
import { model, step } from './model.js';
import { sig } from '../lib/figures.js';

/** Input of `heat.allowable`. */
export class HeatAllowableInput {
  @Quantity({ min: -40, max: 450, unit: '°C', doc: 'Softening temperature: Vicat, or Tg.' })
  softeningC!: number;
  @Quantity({ min: -40, max: 450, unit: '°C', doc: 'Heat deflection temperature at 0.45 MPa.' })
  hdt045C!: number;
  @Quantity({ min: -40, max: 450, unit: '°C', doc: 'Heat deflection temperature at 1.8 MPa.' })
  hdt18C!: number;
  @Quantity({ min: 0, max: 1e9, unit: 'MPa', doc: 'Stress in the part.' }) stressMPa!: number;
  @Quantity({ min: 0, max: 1e6, unit: 'h', optional: true, doc: 'How long the load is held; default 0.' })
  sustainedHours = 0;
  @Quantity({
    min: 0,
    max: 50,
    unit: 'K',
    optional: true,
    doc: 'Allowance for loads held over 1000 h; default 10.',
  })
  creepAllowanceK = 10;
}

/** Result of `heat.allowable`. */
export interface HeatAllowableResult {
  allowableC: number;
}

/**
 * The stresses at which softening and deflection temperatures are measured, MPa. ISO 306 needle taken as
 * 0.05; ISO 75 methods B and A.
 */
const LOW = 0.05;
const MID = 0.45;
const HIGH = 1.8;
/** What a part that carries nothing is taken to bear, MPa: its own weight, and the needle of ISO 306. */
export const UNLOADED_MPA = LOW;
/** A load held longer than this is a creep load, h. */
export const CREEP_HOURS = 1000;

/** The highest part temperature in °C at which the stress is carried; linear in ln(stress) between measured points. */
export function allowableTemperatureC(i: HeatAllowableInput): number {
  const held = i.sustainedHours > CREEP_HOURS ? i.creepAllowanceK : 0;
  return unheldC(i) - held;
}

/**
 * Flat below 0.05 and beyond 1.8 MPa: an extrapolated deflection temperature means nothing. A deflection
 * temperature above the one at less stress is read as equal to it, so that more stress never helps.
 */
function unheldC(i: HeatAllowableInput): number {
  const s = Math.min(HIGH, i.stressMPa);
  const mid = Math.min(i.softeningC, i.hdt045C);
  const high = Math.min(mid, i.hdt18C);
  if (s <= LOW) return i.softeningC;
  if (s <= MID) return i.softeningC + ((mid - i.softeningC) * Math.log(s / LOW)) / Math.log(MID / LOW);
  return mid + ((high - mid) * Math.log(s / MID)) / Math.log(HIGH / MID);
}

/** `heat.allowable`: the part temperature a material bears at a stress. */
export const heatAllowable = model({
  id: 'heat.allowable',
  title: 'Highest part temperature at a stress',
  source: 'Interpolation in ln(stress) between ISO 306 (Vicat) or Tg and ISO 75 heat deflection temperatures',
  validity:
    'Interpolation from 0.05 to 1.8 MPa, flat outside: beyond 1.8 MPa strength and creep judge, not deflection.',
  Input: HeatAllowableInput,
  compute(i: HeatAllowableInput) {
    const base = unheldC(i);
    const allowableC = allowableTemperatureC(i);
    const s = Math.min(HIGH, i.stressMPa);
    const segment =
      s <= LOW
        ? step('T(σ)', 'softening, flat below 0.05 MPa', sig(i.softeningC), base, '°C')
        : s <= MID
          ? step(
              'T(σ)',
              'T_soft + (HDT₀.₄₅ − T_soft)·ln(σ/0.05)/ln(0.45/0.05)',
              `${sig(i.softeningC)} + (${sig(i.hdt045C)} − ${sig(i.softeningC)}) × ln(${sig(s)}/0.05)/ln 9`,
              base,
              '°C',
            )
          : step(
              'T(σ)',
              'HDT₀.₄₅ + (HDT₁.₈ − HDT₀.₄₅)·ln(σ/0.45)/ln(1.8/0.45)',
              `${sig(i.hdt045C)} + (${sig(i.hdt18C)} − ${sig(i.hdt045C)}) × ln(${sig(s)}/0.45)/ln 4`,
              base,
              '°C',
            );
    const warnings: string[] = [];
    if (i.stressMPa > HIGH)
      warnings.push('Heat deflection is measured up to 1.8 MPa: beyond it, strength and creep judge.');
    if (i.hdt045C > i.softeningC || i.hdt18C > i.hdt045C)
      warnings.push('Softening and deflection temperatures are not in falling order; check the data sheet.');
    return {
      result: { allowableC },
      warnings,
      steps: [
        segment,
        step(
          'T_allow',
          'T(σ) − creep allowance if held over 1000 h',
          `${sig(base)} − ${i.sustainedHours > CREEP_HOURS ? sig(i.creepAllowanceK) : '0'}`,
          allowableC,
          '°C',
        ),
      ],
    };
  },
});
