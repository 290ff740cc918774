import { InputError } from '../input/parse.js';
import type { Answer, Model } from './model.js';
import { answer } from './model.js';

/** An answer on inputs that are not sure: the middle one with its working, and each result's low and high. */
export interface RangedAnswer extends Answer {
  ranges: Record<string, { low: number; high: number }>;
}

/** More unsure inputs than this would need too many corners. */
const MOST_RANGES = 6;

interface Span {
  low: number;
  high: number;
}

function isSpan(value: unknown): value is Span {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return false;
  const keys = Object.keys(value).sort();
  const { low, high } = value as Partial<Span>;
  return (
    keys.length === 2 &&
    keys[0] === 'high' &&
    keys[1] === 'low' &&
    typeof low === 'number' &&
    typeof high === 'number'
  );
}

/** Whether plain input has a value given as `{ low, high }`. */
export function hasRanges(plain: unknown): boolean {
  return typeof plain === 'object' && plain !== null && Object.values(plain).some(isSpan);
}

/**
 * Runs a model on input in which numbers may be `{ low, high }`: at every corner and in the middle.
 * The range of a result is that over the corners and the middle: exact where the model rises or falls
 * steadily in each input, as all of ours do within their validity.
 * @throws InputError as the model, and when low is above high or there are more than six ranges
 */
export function answerRanged(m: Model, plain: Record<string, unknown>): RangedAnswer {
  const spans = Object.entries(plain).filter((e): e is [string, Span] => isSpan(e[1]));
  const wrong = spans.find(([, s]) => s.low > s.high);
  if (wrong)
    throw new InputError([{ field: wrong[0], value: wrong[1], message: 'must have low not above high' }]);
  if (spans.length > MOST_RANGES)
    throw new InputError([
      { field: '(input)', value: spans.length, message: `may have at most ${MOST_RANGES} ranges` },
    ]);
  const at = (pick: (s: Span, i: number) => number): Answer =>
    answer(m, { ...plain, ...Object.fromEntries(spans.map(([k, s], i) => [k, pick(s, i)])) });
  const middle = at(s => (s.low + s.high) / 2);
  const all = [
    middle,
    ...Array.from({ length: 2 ** spans.length }, (_, corner) =>
      at((s, i) => ((corner >> i) & 1 ? s.high : s.low)),
    ),
  ];
  const ranges: RangedAnswer['ranges'] = {};
  for (const [name, value] of Object.entries(middle.result)) {
    if (typeof value !== 'number') continue;
    const values = all.map(a => (a.result as Record<string, number>)[name] ?? NaN);
    ranges[name] = { low: Math.min(...values), high: Math.max(...values) };
  }
  return { ...middle, inputs: plain, ranges, warnings: [...new Set(all.flatMap(a => a.warnings))] };
}
