import { QuantityError } from './quantity-error.js';

/** A number at the head of typed text: "1 1/2", "1/2", "1 240,5", "3e4", ".5"; the rest is its unit. */
export const NUMBER =
  /^([+\-−]?(?:\d+\s+\d+\/\d+|\d+\/\d+|\d[\d\u202f\u00a0']*(?:[.,]\d+)?(?:e[+-]?\d+)?|[.,]\d+))\s*(.*)$/i;

/**
 * Reads a number as people write it: fractions, decimal commas, spaces between thousands, a real minus
 * sign. @throws QuantityError
 */
export function readNumber(text: string): number {
  const plain = text
    .replace('−', '-')
    .replace(/[\u202f\u00a0']/g, '')
    .trim();
  const fraction = /^([+-]?)(?:(\d+)\s+)?(\d+)\/(\d+)$/.exec(plain);
  if (!fraction) return Number(plain.replace(',', '.'));
  const [, sign, whole, top, bottom] = fraction;
  if (Number(bottom) === 0) throw new QuantityError(text, `"${text}" divides by zero`);
  return (sign === '-' ? -1 : 1) * (Number(whole ?? 0) + Number(top) / Number(bottom));
}
