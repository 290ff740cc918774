import { parseQuantity } from '../units/quantity.js';
import { QuantityError } from '../units/quantity-error.js';
import type { DimensionKey } from '../units/dimensions.js';
import { MEASURED } from './grade-cells.js';
import { windowNames } from './grade.js';
import type { WindowName } from './family.js';
import { propertyMeasure, propertyUnit } from './property-units.js';
import { windowWords } from './window-words.js';
import { propertyDefinition, type PropertyName } from './property.js';

/** The unit that a number in a column has, as people write it, and the measure that another unit is read by. */
export function columnUnit(column: string): { unit: string; measure: DimensionKey | null } {
  if ((windowNames as readonly string[]).includes(column)) return windowWords[column as WindowName];
  const property = (column.startsWith(MEASURED) ? column.slice(MEASURED.length) : column) as PropertyName;
  return { unit: propertyDefinition(property).unit, measure: propertyMeasure(property) };
}

/** A number with what stands after it. */
const WITH_UNIT = /^([+−-]?[\d.,\s\u00a0\u202f']*\d\.?(?:e[+-]?\d+)?)\s*(\D.*)?$/i;

/**
 * A number of a table as people write it, with or without its unit: "2050", "2 050 MPa", "1,24 g/cm³", "120 F".
 * @param column whose unit a bare number has
 * @param decimalComma whether a comma can only be a decimal comma
 * @param unit the unit of a range, which often stands after its last number only
 * @returns the number in the column's unit; null for what is none
 */
export function gradeNumber(
  text: string,
  column: string,
  decimalComma: boolean,
  unit = unitAfter(text),
): number | null {
  const match = WITH_UNIT.exec(text.trim());
  const amount = plainNumber(match ? match[1]! : text, decimalComma);
  if (amount === null || (match === null && unit !== '')) return null;
  const said = unitAfter(text) || unit;
  if (!said) return amount;
  const { unit: own, measure } = columnUnit(column);
  const wanted = [own, ...(measure ? [] : [propertyUnitOf(column)])];
  if (wanted.some(w => w && folded(w) === folded(said))) return amount;
  if (!measure) return null;
  try {
    return Number(parseQuantity(`${amount} ${said}`, measure).value.toPrecision(12));
  } catch (e) {
    if (e instanceof QuantityError) return null;
    throw e;
  }
}

/** What stands after the number of a text; empty where nothing does. */
export function unitAfter(text: string): string {
  return (WITH_UNIT.exec(text.trim())?.[2] ?? '').trim();
}

function propertyUnitOf(column: string): string {
  const bare = column.startsWith(MEASURED) ? column.slice(MEASURED.length) : column;
  return (windowNames as readonly string[]).includes(bare)
    ? ''
    : propertyUnit(bare as PropertyName, 'metric');
}

function folded(unit: string): string {
  return unit.toLowerCase().replaceAll('²', '2').replaceAll('³', '3').replace(/\s/g, '');
}

/**
 * A bare number as people and spreadsheets write it: a decimal comma where commas do not separate fields, a real
 * minus sign, spaces between thousands.
 */
function plainNumber(text: string, decimalComma: boolean): number | null {
  let plain = text
    .trim()
    .replace('−', '-')
    .replace(/[\s\u00a0\u202f']/g, '');
  // Inside a quoted field of a comma-separated file too, "1,24" is a decimal comma; "1,240.5" has thousands.
  if (/^[+-]?\d+,\d+$/.test(plain) && (decimalComma || !/^[+-]?[1-9]\d{0,2},\d{3}$/.test(plain)))
    plain = plain.replace(',', '.');
  else if (/^[+-]?[1-9]\d{0,2}(,\d{3})+(\.\d+)?$/.test(plain)) plain = plain.replaceAll(',', '');
  else if (/^[+-]?[1-9]\d{0,2}(\.\d{3})+,\d+$/.test(plain))
    plain = plain.replaceAll('.', '').replace(',', '.');
  return /^[+-]?(\d+\.?\d*|\.\d+)(e[+-]?\d+)?$/i.test(plain) ? Number(plain) : null;
}
