import { sig } from '../lib/figures.js';
import { dimensions, displayUnit } from './dimensions.js';
import { parseQuantity, toDisplay } from './quantity.js';
import type { DimensionKey, UnitSystem } from './dimensions.js';

/**
 * The measure of each unit that sentences and tables of the core use. What is not here (years, %, J/m², W)
 * is the same for everyone.
 */
const measureOf: Record<string, DimensionKey> = {
  '°C': 'temperature',
  K: 'temperatureStep',
  MPa: 'stress',
  'MPa modulus': 'stress',
  'kJ/m²': 'impact',
  mm: 'length',
  g: 'mass',
  'g/cm³': 'density',
  N: 'force',
};

/** A number with the core's unit, in the reader's. @returns the number, and the unit as people write it */
export function inSystem(value: number, unit: string, system: UnitSystem): { value: number; unit: string } {
  const measure = measureOf[unit];
  if (!measure || system === 'metric' || !Number.isFinite(value)) return { value, unit };
  return {
    value: toDisplay(value, measure, system),
    unit: unit === 'MPa modulus' ? `${displayUnit(measure, system)} modulus` : displayUnit(measure, system),
  };
}

/** Figures, and decimals beyond those of a measure, that a sentence tells of a number. */
const PROSE_PRECISION = { figures: 3, decimals: 1 };

/** A number of a sentence in the reader's unit: as fine as fields tell it, and one decimal finer. */
function said(value: number, unit: string, system: UnitSystem): string {
  const measure = measureOf[unit];
  const shown = inSystem(value, unit, system).value;
  const decimals = measure
    ? dimensions[measure].usDigits + PROSE_PRECISION.decimals
    : PROSE_PRECISION.figures;
  return sig(Number(shown.toFixed(decimals)), PROSE_PRECISION.figures);
}

/** The stored value of a number that was typed in the reader's unit. */
export function fromSystem(shown: number, unit: string, system: UnitSystem): number {
  const measure = measureOf[unit];
  return !measure || system === 'metric' ? shown : parseQuantity(String(shown), measure, system).value;
}

const NUMBER = '[−-]?\\d+(?:\\.\\d+)?';
const QUANTITY = new RegExp(
  `(${NUMBER})((?: (?:to|against) |–)(${NUMBER}))? (°C|K|MPa|kJ/m²|g/cm³|mm|g|N)(?![\\w/·²³])`,
  'g',
);

/** Where the core's sentences speak of money: a number, or two of which the second is the limit. */
const MONEY: readonly RegExp[] = [
  /\b([Cc]osts? )(?=\d)/g,
  /\b([Cc]osts? \d[\d.]* of at most )(?=\d)/g,
  /(a kilogram instead of )(?=\d)/g,
];

/**
 * A sentence of the core with the workshop's currency before each amount; the core knows no currency.
 * @example withCurrency('Costs 3.2 of at most 2.', '€') // Costs €3.2 of at most €2.
 */
export function withCurrency(text: string, currency: string): string {
  // The limit first: putting a sign before the amount would hide it.
  return [...MONEY].reverse().reduce((said, pattern) => said.replace(pattern, `$1${currency}`), text);
}

/**
 * A sentence of the core in the reader's units: every quantity in it converted, to three figures.
 * @example prose('Bears 93 °C, 33 K above the 60.1 °C it reaches.', 'us') // Bears 199 °F, 59.4 °F above
 * the 140 °F it reaches.
 */
export function prose(text: string, system: UnitSystem): string {
  if (system === 'metric') return text;
  return text.replace(
    QUANTITY,
    (_, first: string, join: string | undefined, second: string | undefined, unit: string) => {
      const convert = (n: string): string => said(Number(n.replace('−', '-')), unit, system);
      return (
        `${convert(first)}${join && second ? `${join.slice(0, join.length - second.length)}${convert(second)}` : ''} ` +
        `${inSystem(0, unit, system).unit}`
      );
    },
  );
}
