import { convertStep, convertUnit, isUnit } from './conversion.js';
import { dimensions, unitLabel, unitOf, type DimensionKey, type UnitSystem } from './dimensions.js';
import { QuantityError } from './quantity-error.js';
import { NUMBER, readNumber } from './read-number.js';
import { spellings, weightAsForce } from './spellings.js';

/** What was read from typed text: the value in the canonical unit, and a sentence of what was understood. */
export interface ReadQuantity {
  value: number;
  understood: string;
}

/**
 * Reads a quantity as typed: "170 F", "3 lbf", "0.5 in", "1/2 in", "1,5 kg"; a bare number takes the unit of the
 * chosen system.
 * @param text what was typed
 * @param dimension the measure that is wanted
 * @param system whose unit a bare number has
 * @returns the value in the measure's canonical unit
 * @throws QuantityError naming the text and what is allowed
 * @example parseQuantity('170 F', 'temperature').value // 76.67
 */
export function parseQuantity(
  text: string,
  dimension: DimensionKey,
  system: UnitSystem = 'metric',
): ReadQuantity {
  const match = NUMBER.exec(text.trim().normalize('NFC'));
  if (!match)
    throw new QuantityError(
      text,
      `"${text}" is not a number with a unit; for example ${dimensions[dimension].example}`,
    );
  const amount = readNumber(match[1] ?? '');
  const unitText = (match[2] ?? '').trim();
  const unit = unitText === '' ? unitOf(dimension, system) : spelled(unitText, dimension);
  const canonical = dimensions[dimension].canonical;
  const value = converted(amount, unit, dimension, text, unitText);
  const said = `${trimNumber(amount)} ${unitLabel(unit)}`;
  return {
    value,
    understood:
      unit === canonical ? said : `${said} = ${trimNumber(round(value, 4))} ${unitLabel(canonical)}`,
  };
}

/** A stored value in the reader's units, with its unit: 76.67 °C → "170 °F" for US readers. */
export function formatQuantity(
  value: number | null | undefined,
  dimension: DimensionKey,
  system: UnitSystem = 'metric',
  digits?: number,
): string {
  if (value === null || value === undefined || !Number.isFinite(value)) return '–';
  const { digits: usual, usDigits } = dimensions[dimension];
  // Digits are asked for in the metric unit: a smaller or larger one needs others to tell as much.
  const places = (digits ?? usual) + (system === 'us' ? usDigits - usual : 0);
  const shown = round(toDisplay(value, dimension, system), places);
  return `${trimNumber(shown)} ${unitLabel(unitOf(dimension, system))}`;
}

/** A stored value as a number in the reader's unit. */
export function toDisplay(value: number, dimension: DimensionKey, system: UnitSystem): number {
  const { canonical } = dimensions[dimension];
  const to = unitOf(dimension, system);
  const shown =
    dimension === 'temperatureStep' ? convertStep(value, canonical, to) : convertUnit(value, canonical, to);
  if (typeof shown === 'string') throw new Error(`${dimension} has no unit ${to}`);
  return shown;
}

/** The unit that typed text means, by the library's name where it is known. */
function spelled(unitText: string, dimension: DimensionKey): string {
  const plain = unitText.toLowerCase().replaceAll('³', '3').replaceAll('²', '2').replace(/\.$/, '');
  const named = spellings[plain] ?? [unitText, plain].find(isUnit);
  const unit = named ?? unitText.replaceAll('³', '^3').replaceAll('²', '^2');
  return dimension === 'force' ? (weightAsForce[unit] ?? unit) : unit;
}

function converted(
  amount: number,
  from: string,
  dimension: DimensionKey,
  text: string,
  unitText: string,
): number {
  const { canonical, name, example } = dimensions[dimension];
  const convert = dimension === 'temperatureStep' ? convertStep : convertUnit;
  const value = convert(amount, from, canonical);
  if (value === 'unknown')
    throw new QuantityError(text, `"${unitText}" is not a unit known here; for example ${example}`);
  if (value === 'incompatible')
    throw new QuantityError(text, `"${unitText}" does not measure ${name}; for example ${example}`);
  return value;
}

/** A number rounded to so many places. */
export function round(x: number, digits: number): number {
  const p = 10 ** digits;
  return Math.round((x + Number.EPSILON) * p) / p;
}

/** A number as people write it: with a real minus sign. */
export function trimNumber(x: number): string {
  return String(x).replace('-', '−');
}
