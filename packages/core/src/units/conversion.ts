import Qty from 'js-quantities';
import { HOURS_A_YEAR, STANDARD_GRAVITY } from '../lib/physical-constants.js';

/**
 * Units that the library lacks, or carries with fewer figures than their definitions have: how many of which of its
 * units one is. Pound-force and its kin by NIST SP 811; the year is the Julian year of 8766 h.
 */
const definitions: Record<string, { times: number; unit: string }> = {
  lbf: { times: 4.4482216152605, unit: 'N' },
  kgf: { times: STANDARD_GRAVITY, unit: 'N' },
  gf: { times: STANDARD_GRAVITY / 1000, unit: 'N' },
  psi: { times: 6894.757293168, unit: 'Pa' },
  ksi: { times: 6_894_757.293168, unit: 'Pa' },
  ftlbf: { times: 1.3558179483314, unit: 'J' },
  inlbf: { times: 0.112984829027617, unit: 'J' },
  'ftlbf/in^2': { times: 2101.5220347, unit: 'J/m^2' },
  thou: { times: 0.0254, unit: 'mm' },
  kph: { times: 1 / 3.6, unit: 'm/s' },
  mph: { times: 0.44704, unit: 'm/s' },
  year: { times: HOURS_A_YEAR, unit: 'h' },
  month: { times: HOURS_A_YEAR / 12, unit: 'h' },
};

/** The library's names of temperatures, which have a zero of their own. */
const temperatures: Record<string, string> = { degC: 'tempC', degF: 'tempF', K: 'tempK' };
/** Steps of temperature in kelvins: converting one must not move the zero. */
const stepK: Record<string, number> = { K: 1, degC: 1, degF: 5 / 9 };

/** Why a conversion cannot be made. */
export type ConversionFault = 'unknown' | 'incompatible';

/** Whether a unit can be read at all. */
export function isUnit(name: string): boolean {
  return name in definitions || name in temperatures || known(name);
}

function known(name: string): boolean {
  try {
    return Qty(1, name).isUnitless() === false;
  } catch {
    return false;
  }
}

/** Digits that are kept of a conversion: beyond them floating point speaks. */
const FIGURES = 12;
/** Numbers smaller than this are taken as zero. */
const NOTHING = 1e-200;

/**
 * A number in another unit of the same measure.
 * @returns the number to twelve figures, or why it cannot be converted
 */
export function convertUnit(amount: number, from: string, to: string): number | ConversionFault {
  if (from === to) return amount;
  if (!isUnit(from)) return 'unknown';
  if (from in temperatures !== to in temperatures) return 'incompatible';
  const source = libraryUnit(from);
  const target = libraryUnit(to);
  // The library stumbles over numbers next to nothing, which no measure has.
  if (amount !== 0 && Math.abs(amount) < NOTHING) return convertUnit(0, from, to);
  try {
    const converted = Qty(amount * source.times, source.unit).to(target.unit).scalar / target.times;
    return Number(converted.toPrecision(FIGURES));
  } catch {
    return 'incompatible';
  }
}

/** A difference of temperatures in another unit. */
export function convertStep(amount: number, from: string, to: string): number | ConversionFault {
  const source = stepK[from];
  const target = stepK[to];
  if (source === undefined) return isUnit(from) ? 'incompatible' : 'unknown';
  if (target === undefined) return 'incompatible';
  return (amount * source) / target;
}

function libraryUnit(name: string): { times: number; unit: string } {
  return definitions[name] ?? { times: 1, unit: temperatures[name] ?? name };
}
