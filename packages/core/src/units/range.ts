import type { DimensionKey, UnitSystem } from './dimensions.js';
import { QuantityError } from './quantity-error.js';
import { parseQuantity, round, trimNumber } from './quantity.js';
import { NUMBER, readNumber } from './read-number.js';

/** A range as typed, in the canonical unit, and a sentence of what was understood. */
export interface ReadRange {
  low: number;
  high: number;
  understood: string;
}

const PLUS_MINUS = /^(.+?)\s*(?:±|\+\/-)\s*(\S+)\s*(.*)$/;
const FROM_TO = /^(.+?)\s*(?:\bto\b|–|\.\.|(?<=[\d\w])\s*-(?=\s*[\d.]))\s*(.+)$/i;

/**
 * Reads "30 to 50 N", "30-50 N", "40 ± 5 N" or a single quantity, as a low and a high end.
 * @throws QuantityError as {@link parseQuantity}
 */
export function parseRange(text: string, dimension: DimensionKey, system: UnitSystem = 'metric'): ReadRange {
  const about = PLUS_MINUS.exec(text);
  if (about) return aboutRange(about[1] ?? '', about[2] ?? '', about[3] ?? '', dimension, system);
  const between = FROM_TO.exec(text);
  if (between) return betweenRange(text, between[1] ?? '', between[2] ?? '', dimension, system);
  const one = parseQuantity(text, dimension, system);
  return { low: one.value, high: one.value, understood: one.understood };
}

function aboutRange(
  middle: string,
  half: string,
  unit: string,
  dimension: DimensionKey,
  system: UnitSystem,
): ReadRange {
  const at = parseQuantity(`${middle} ${unit}`, dimension, system);
  const past = parseQuantity(`${readNumber(middle) + readNumber(half)} ${unit}`, dimension, system);
  const spread = Math.abs(past.value - at.value);
  return {
    low: at.value - spread,
    high: at.value + spread,
    understood: `${at.understood} ± ${trimNumber(round(spread, 4))}`,
  };
}

function betweenRange(
  text: string,
  from: string,
  to: string,
  dimension: DimensionKey,
  system: UnitSystem,
): ReadRange {
  const high = parseQuantity(to, dimension, system);
  const ownUnit = NUMBER.exec(from.trim())?.[2];
  const sharedUnit = NUMBER.exec(to.trim())?.[2] ?? '';
  const low = parseQuantity(ownUnit ? from : `${from} ${sharedUnit}`, dimension, system);
  if (low.value > high.value)
    throw new QuantityError(text, `"${text}" runs downwards: the first number must be the smaller`);
  return { low: low.value, high: high.value, understood: `${low.understood} to ${high.understood}` };
}
