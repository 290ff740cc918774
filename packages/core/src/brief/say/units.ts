import { parseQuantity, QuantityError, type DimensionKey } from '../../units/index.js';
import { numberWords } from './lexicon.js';

/** A number in figures or in a word, as the inside of a regular expression. */
export const NUMBER = `(?:\\d+(?:[.,]\\d+)?|\\d+/\\d+|${Object.keys(numberWords)
  .sort((a, b) => b.length - a.length)
  .join('|')})`;
/** A unit of length. */
export const LENGTH =
  '(?:mm|millimet(?:er|re)s?|cm|centimet(?:er|re)s?|m|met(?:er|re)s?|inch(?:es)?|in\\.?|ft|feet|foot|")';
/** A unit of mass. */
export const MASS = '(?:kg|kilos?|kilograms?|g|grams?|lbs?|pounds?|oz|ounces?|tons?|tonnes?)';
/** A unit of force. */
export const FORCE = '(?:n|newtons?|kn|lbf|kgf)';
/** A unit of temperature. */
export const DEGREES = "(?:° ?[cf]|degrees? ?(?:c(?:elsius)?|f(?:ahrenheit)?)?|deg ?[cf]|°|[cf](?![\\w’']))";
/** A unit of time. */
export const TIME =
  '(?:minutes?|mins?|seconds?|years?|yrs?|months?|weeks?|days?|hours?|h|seasons?|summers?|winters?|decades?)';
/** What is said before a limit. */
export const AT_MOST =
  '(?:under|at most|less than|max(?:imum|\\.)?|no more than|not more than|lighter than|below|up to)';

/** A number that was said in figures or in a word. */
export const numberOf = (text: string): number => {
  const word = numberWords[text.trim()];
  if (word !== undefined) return word;
  const [a, b] = text.split('/');
  return b ? Number(a) / Number(b) : Number(text.replace(',', '.'));
};

/** A quantity as it was said, in the canonical unit; null where it is none. */
export function quantity(amount: string, unit: string, dimension: DimensionKey): number | null {
  const spelt = unit
    .replace(/\.$/, '')
    .replace(/^kilos?$/, 'kg')
    .replace(/^degrees?$|^deg$/, '°C');
  try {
    return parseQuantity(`${numberOf(amount)} ${spelt}`, dimension).value;
  } catch (e) {
    if (e instanceof QuantityError) return null;
    throw e;
  }
}

/** A figure without what its conversion added. */
export const round = (x: number, digits = 4): number => Number(x.toPrecision(digits));
/** A length as it was said, mm; null where it is none. */
export const lengthMm = (amount: string, unit: string): number | null =>
  quantity(amount, unit.replace('"', 'in').replace(/^foot$/, 'ft'), 'length');
