import type { Asker } from './asker.js';

/** Options of a drill, and the place of the right one. */
export interface Options {
  options: string[];
  right: number;
}

/** Options in an order by chance. */
export function shuffledOptions(ask: Asker, right: string, wrong: readonly string[]): Options {
  const options = ask.shuffled([right, ...wrong]);
  return { options, right: options.indexOf(right) };
}

/** Answers that a number is set among. */
const ANSWERS = 4;

/** How options of numbers are laid out. */
export interface NumberOptions {
  /** How far one option stands from the next. */
  gap: number;
  low: number;
  high: number;
  said: (value: number) => string;
}

/**
 * A number among others that are whole gaps off, in their order; the right one may stand anywhere among them.
 * Null where they do not fit between the bounds.
 */
export function numberOptions(
  ask: Asker,
  value: number,
  { gap, low, high, said }: NumberOptions,
): Options | null {
  const fits = Array.from({ length: ANSWERS }, (_, n) => n).filter(
    place => value - place * gap >= low && value + (ANSWERS - 1 - place) * gap <= high,
  );
  if (!fits.length) return null;
  const right = ask.pick(fits);
  const options = Array.from({ length: ANSWERS }, (_, n) => said(value + (n - right) * gap));
  return new Set(options).size < ANSWERS ? null : { options, right };
}
