/** A number to so many significant figures, as text for working and sentences. */
export function sig(x: number, figures = 4): string {
  if (!Number.isFinite(x)) return String(x);
  const rounded = toFigures(Math.abs(x), figures);
  const text =
    rounded >= 1e6 || (rounded !== 0 && rounded < 1e-3)
      ? rounded.toExponential().replace('-', '−')
      : String(rounded);
  return x < 0 && rounded !== 0 ? `−${text}` : text;
}

/** A price, as every page shows one: two decimals, without the sign of a currency. @example price(4.2); // '4.20' */
export function price(amount: number): string {
  return amount.toFixed(2);
}

/**
 * A number of usual size is rounded by a power of ten, several times as fast as through text: a ranking writes
 * thousands of figures.
 */
function toFigures(size: number, figures: number): number {
  if (size === 0) return 0;
  const decimals = figures - 1 - Math.floor(Math.log10(size));
  if (decimals < 0 || decimals > MOST_DECIMALS) return Number(size.toPrecision(figures));
  const scale = POWERS[decimals]!;
  return Math.round(size * scale) / scale;
}

/** Powers of ten up to this are whole numbers to the last figure, so that dividing by them rounds once. */
const MOST_DECIMALS = 15;
const POWERS = Array.from({ length: MOST_DECIMALS + 1 }, (_, i) => 10 ** i);
