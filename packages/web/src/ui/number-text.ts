/** What a plain number may be. */
export interface NumberLimits {
  min: number;
  max: number;
  integer?: boolean;
  /** Shown and typed as a share of a hundred: 0.4 is "40 %". */
  percent?: boolean;
}

/** A number as a field shows it. */
export function numberText(value: number | null, { percent }: Pick<NumberLimits, 'percent'> = {}): string {
  if (value === null) return '';
  return percent ? `${Number((100 * value).toPrecision(6))} %` : String(value);
}

/** What is allowed, in words. */
export function allowedNumber(limits: NumberLimits): string {
  const kind = limits.integer ? 'a whole number' : 'a number';
  return `${kind} from ${numberText(limits.min, limits)} to ${numberText(limits.max, limits)}`;
}

/**
 * Reads a plain number as typed, with a decimal comma or point, and "%" where it is a share.
 * @returns null when it cannot be used
 */
export function readNumber(text: string, limits: NumberLimits): number | null {
  const match = /^([+\-−]?(?:\d+[.,]?\d*|[.,]\d+)(?:e[+-]?\d+)?)\s*(%?)$/i.exec(text.trim());
  if (!match) return null;
  const number = Number((match[1] ?? '').replace('−', '-').replace(',', '.'));
  if (match[2] && !limits.percent) return null;
  // Where a share is meant, "40" and "40 %" are forty hundredths; a bare "0.4" is taken as it stands.
  const share = limits.percent && (match[2] === '%' || Math.abs(number) > 1);
  const value = share ? number / 100 : number;
  const fits = Number.isFinite(value) && value >= limits.min && value <= limits.max;
  return fits && !(limits.integer && !Number.isInteger(value)) ? value : null;
}
