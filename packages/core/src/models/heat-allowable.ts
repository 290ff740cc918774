import { Choice, Quantity } from '../input/fields.js';
import { typical, typicalOrNull, type Family } from '../materials/family.js';
import { structures, type Structure } from '../materials/unloaded.js';
import { model, step, type Step } from './model.js';
import { sig } from '../lib/figures.js';

/** Input of `heat.allowable`. */
export class HeatAllowableInput {
  @Choice(structures, {
    optional: true,
    doc: 'How its chains lie as it is printed, or baked; default amorphous.',
  })
  structure: Structure = 'amorphous';
  @Quantity({ min: -40, max: 450, unit: '°C', doc: 'Where a part that carries nothing keeps its shape.' })
  unloadedC!: number;
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
    doc: 'Allowance for loads held 1000 h and longer; less for shorter ones; default 10.',
  })
  creepAllowanceK = 10;
}

/** Result of `heat.allowable`. */
export interface HeatAllowableResult {
  allowableC: number;
}

/** The stress of a part that carries nothing, and those of ISO 75 methods B and A, MPa. */
const LOW = 0.05;
const MID = 0.45;
const HIGH = 1.8;
/** What a part that carries nothing is taken to bear, MPa: its own weight. */
export const UNLOADED_MPA = LOW;
/** A load held as long as this takes the whole allowance, h. */
const WHOLE_ALLOWANCE_HOURS = 1000;

/** The share of the creep allowance that hours under load take: by decades, without a step at any hour. */
function heldShare(hours: number): number {
  return Math.min(1, Math.log10(1 + hours) / Math.log10(1 + WHOLE_ALLOWANCE_HOURS));
}

/** The highest part temperature in °C at which the stress is carried. */
export function allowableTemperatureC(i: HeatAllowableInput): number {
  return allowableUnder(i)(i.unloadedC, i.hdt045C, i.hdt18C);
}

/** A highest part temperature, °C, of where an unloaded part keeps its shape and the two deflection temperatures. */
export type Allowable = (unloadedC: number, hdt045C: number, hdt18C: number) => number;

/**
 * The highest part temperature as a function of what is measured, for one load: its logarithms are taken once.
 *
 * An amorphous plastic: linear in ln(stress) between what is measured, flat below 0.05 and beyond 1.8 MPa, for an
 * extrapolated deflection temperature means nothing; one above that at less stress is read as equal to it, so that
 * more stress never helps. Crystals and rubber lose stiffness slowly above their glass transition and carry load far
 * above a bending deflection temperature: what load does to them is judged by modulus, creep, clamp and strength at
 * temperature, and not twice.
 */
export function allowableUnder({
  structure,
  stressMPa,
  sustainedHours,
  creepAllowanceK,
}: Pick<HeatAllowableInput, 'structure' | 'stressMPa' | 'sustainedHours' | 'creepAllowanceK'>): Allowable {
  const heldK = creepAllowanceK * heldShare(sustainedHours);
  if (structure !== 'amorphous' || stressMPa <= LOW) return unloadedC => unloadedC - heldK;
  if (stressMPa <= MID) {
    const share = Math.log(stressMPa / LOW) / Math.log(MID / LOW);
    return (unloadedC, hdt045C) => unloadedC + (Math.min(unloadedC, hdt045C) - unloadedC) * share - heldK;
  }
  const share = Math.log(Math.min(HIGH, stressMPa) / MID) / Math.log(HIGH / MID);
  return (unloadedC, hdt045C, hdt18C) => {
    const mid = Math.min(unloadedC, hdt045C);
    return mid + (Math.min(mid, hdt18C) - mid) * share - heldK;
  };
}

/** A family's figures as the model takes them, under a stress that is held for so many hours. */
export function heatAllowableInput(
  f: Family,
  { stressMPa, sustainedHours }: Pick<HeatAllowableInput, 'stressMPa' | 'sustainedHours'>,
): HeatAllowableInput {
  const unloadedC = typical(f, 'unloadedC');
  return {
    structure: f.flags.structure,
    unloadedC,
    hdt045C: typicalOrNull(f, 'hdt045C') ?? unloadedC,
    hdt18C: typicalOrNull(f, 'hdt18C') ?? unloadedC,
    stressMPa,
    sustainedHours,
    creepAllowanceK: 10,
  };
}

/** `heat.allowable`: the part temperature a material bears at a stress. */
export const heatAllowable = model({
  id: 'heat.allowable',
  title: 'Highest part temperature at a stress',
  source:
    'Amorphous: interpolation in ln(stress) between where an unloaded part keeps its shape and ISO 75 heat ' +
    'deflection temperatures. Semi-crystalline and elastomers: where an unloaded part keeps its shape, for a bending ' +
    'deflection temperature says little of them',
  validity:
    'Interpolation from 0.05 to 1.8 MPa, flat outside: beyond 1.8 MPa strength and creep judge, not deflection.',
  Input: HeatAllowableInput,
  compute(i: HeatAllowableInput) {
    const base = allowableTemperatureC({ ...i, sustainedHours: 0 });
    const allowableC = allowableTemperatureC(i);
    const warnings: string[] = [];
    if (i.stressMPa > HIGH)
      warnings.push('Heat deflection is measured up to 1.8 MPa: beyond it, strength and creep judge.');
    if (i.structure === 'amorphous' && (i.hdt045C > i.unloadedC || i.hdt18C > i.hdt045C))
      warnings.push('Softening and deflection temperatures are not in falling order; check the data sheet.');
    return {
      result: { allowableC },
      warnings,
      steps: [
        segment(i, base),
        step(
          'T_allow',
          'T(σ) − allowance · min(1, lg(1 + h)/lg 1001)',
          `${sig(base)} − ${sig(i.creepAllowanceK)} × ${sig(heldShare(i.sustainedHours))}`,
          allowableC,
          '°C',
        ),
      ],
    };
  },
});

/** The step that names which part of the curve the stress lies on. */
function segment(i: HeatAllowableInput, base: number): Step {
  const s = Math.min(HIGH, i.stressMPa);
  if (i.structure !== 'amorphous')
    return step('T(σ)', `unloaded, for it is ${i.structure}`, sig(i.unloadedC), base, '°C');
  if (s <= LOW) return step('T(σ)', 'unloaded, flat below 0.05 MPa', sig(i.unloadedC), base, '°C');
  if (s <= MID)
    return step(
      'T(σ)',
      'T₀ + (HDT₀.₄₅ − T₀)·ln(σ/0.05)/ln(0.45/0.05)',
      `${sig(i.unloadedC)} + (${sig(i.hdt045C)} − ${sig(i.unloadedC)}) × ln(${sig(s)}/0.05)/ln 9`,
      base,
      '°C',
    );
  return step(
    'T(σ)',
    'HDT₀.₄₅ + (HDT₁.₈ − HDT₀.₄₅)·ln(σ/0.45)/ln(1.8/0.45)',
    `${sig(i.hdt045C)} + (${sig(i.hdt18C)} − ${sig(i.hdt045C)}) × ln(${sig(s)}/0.45)/ln 4`,
    base,
    '°C',
  );
}
