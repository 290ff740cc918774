import { parseQuantity, QuantityError, type DimensionKey } from '../units/index.js';
import { sig } from '../lib/figures.js';
import type { Family } from '../materials/family.js';
import { instrumentLine } from './instruments.js';
import type { TrialCriterion } from './trial.js';

/** What a reading of a criterion can be: beyond it nothing on a bench is. */
export interface ReadingRange {
  min: number;
  max: number;
}

/** How a unit of the bench is typed in other units. */
interface UnitRange extends ReadingRange {
  /** The measure that it is of, and how many of its unit are one of the measure's canonical unit. */
  of: { dimension: DimensionKey; perCanonical: number } | null;
}

/** Readings of a bench, by the unit of their criterion. */
const byUnit: Readonly<Record<string, UnitRange>> = {
  'Shore A': { min: 0, max: 100, of: null },
  'Shore D': { min: 0, max: 100, of: null },
  mm: { min: -100, max: 1000, of: { dimension: 'length', perCanonical: 1 } },
  m: { min: 0.01, max: 10, of: { dimension: 'drop', perCanonical: 1 } },
  g: { min: 0, max: 20_000, of: { dimension: 'mass', perCanonical: 1 } },
  N: { min: 0, max: 20_000, of: { dimension: 'force', perCanonical: 1 } },
  MPa: { min: 0, max: 2000, of: { dimension: 'stress', perCanonical: 1 } },
  '°C': { min: -60, max: 500, of: { dimension: 'temperature', perCanonical: 1 } },
  h: { min: 0, max: 100_000, of: { dimension: 'time', perCanonical: 1 / 60 } },
  '%': { min: -100, max: 2000, of: null },
  min: { min: 0, max: 10_000, of: { dimension: 'time', perCanonical: 60 } },
  each: { min: 0, max: 100_000, of: null },
};

/** Readings that have no unit, or whose criterion knows closer limits than its unit. */
const byId: Readonly<Record<string, ReadingRange>> = {
  finish: { min: 1, max: 40 },
  size: { min: -20, max: 20 },
  lift: { min: 0, max: 50 },
  scratch: { min: 1, max: 17 },
};

const ANYTHING: ReadingRange = { min: -1e9, max: 1e9 };

/** What a reading of a criterion can be. */
export function readingRange({ id, unit }: Pick<TrialCriterion, 'id' | 'unit'>): ReadingRange {
  return byId[id] ?? byUnit[unit] ?? ANYTHING;
}

/** A reading as it was typed or sent: its value, or what is wrong with it and what was meant most likely. */
export type ReadReading = { value: number; understood: string } | { problem: string; meant: number | null };

/**
 * Reads what was typed at the bench, or sent by a tool: a number, with the criterion's unit, another one of the same
 * measure ("1.2 kg", "3 lbf"), or none.
 * @param near readings of the same criterion so far: a slip of the decimal point is seen beside them
 * @param pattern how a tool's lines are read, where the usual way does not
 */
export function readReading(
  text: string,
  criterion: Pick<TrialCriterion, 'id' | 'unit'>,
  near: readonly number[] = [],
  pattern: RegExp | null = null,
): ReadReading {
  const typed = text.trim();
  const line = instrumentLine(typed, pattern);
  const { min, max } = readingRange(criterion);
  const unit = criterion.unit ? ` ${criterion.unit}` : '';
  if (!line)
    return {
      problem: `${typed ? `“${typed}” is no reading: a` : 'a'} number from ${min} to ${max}${unit} is wanted`,
      meant: null,
    };
  const inUnit = valueInUnit(typed, line, criterion.unit);
  if ('problem' in inUnit) return { ...inUnit, meant: null };
  const { value } = inUnit;
  if (value >= min && value <= max) return inUnit;
  return {
    problem: `${sig(value, 4)}${unit} is out of range: ${min} to ${max}${unit} is possible`,
    meant: likely(value, { min, max }, near),
  };
}

/** A number in the unit of its criterion. */
function valueInUnit(
  typed: string,
  line: { value: number; unit: string },
  unit: string,
): { value: number; understood: string } | { problem: string } {
  const said = line.unit.trim();
  const plain = { value: line.value, understood: unit ? `${line.value} ${unit}` : String(line.value) };
  if (!said || said === unit) return plain;
  const shore = /^Shore ([AD])$/.exec(unit)?.[1];
  if (shore) {
    const scale = /\d\s*(?:sh(?:ore)?|h)?\s*([ad])$/i.exec(typed)?.[1]?.toUpperCase();
    if (scale === shore) return plain;
    return { problem: `“${typed}” is no reading on the scale Shore ${shore}` };
  }
  const measure = byUnit[unit]?.of;
  if (!measure) return plain;
  try {
    const { value, understood } = parseQuantity(`${line.value} ${said}`, measure.dimension);
    const here = value * measure.perCanonical;
    return { value: here, understood: `${understood}` };
  } catch (e) {
    if (e instanceof QuantityError) return { problem: e.message };
    throw e;
  }
}

/** What a value out of range was meant to be: without its sign, or with the decimal point elsewhere. */
function likely(value: number, { min, max }: ReadingRange, near: readonly number[]): number | null {
  const guesses = [-value, value / 10, value / 100, value / 1000].filter(g => g >= min && g <= max);
  if (!near.length) return guesses[0] ?? null;
  const usual = near.reduce((a, b) => a + b, 0) / near.length;
  const far = (g: number): number => Math.abs(Math.log(Math.max(1e-9, g) / Math.max(1e-9, usual)));
  return guesses.sort((a, b) => far(a) - far(b))[0] ?? null;
}

/**
 * What the library expects of a reading, from the low to the high end of its range; null where the criterion measures
 * no property of it, or it has none.
 */
export function expectedReading(
  { property }: Pick<TrialCriterion, 'property'>,
  family: Family | null,
): { low: number; high: number } | null {
  const range = property === null ? null : (family?.properties[property] ?? null);
  return range && { low: range.low, high: range.high };
}
