import { createHash } from 'node:crypto';
import { brotliCompressSync, constants } from 'node:zlib';

// How step 006 took records apart and what it made of a year of weather: frozen with it, for a step of the history
// must do the same for ever, whatever the living code does by now.

type Plain = Record<string, unknown>;

/** A record with its bulk named by hash, and the bulk packed. */
export interface TakenApart {
  lean: Plain;
  pieces: { hash: string; data: Buffer }[];
}

/** Takes a record apart as step 006 does. */
export function takenApart(record: Plain): TakenApart {
  const { ranking, robustness, rejected, assumptions, premises, ...lean } = record;
  const { weather, grades, ...rest } = premises as Plain;
  const bulky = { ranking, robustness, rejected, assumptions, weather, grades };
  const pieces = Object.entries(bulky).map(([name, value]) => [name, pieceOf(value)] as const);
  const named = Object.fromEntries(pieces.map(([name, p]) => [name, p.hash]));
  return { lean: { ...lean, premises: rest, pieces: named }, pieces: pieces.map(([, p]) => p) };
}

function pieceOf(value: unknown): { hash: string; data: Buffer } {
  const text = JSON.stringify(value);
  const data = brotliCompressSync(text, {
    params: {
      [constants.BROTLI_PARAM_QUALITY]: 5,
      [constants.BROTLI_PARAM_MODE]: constants.BROTLI_MODE_TEXT,
    },
  });
  return { hash: createHash('sha256').update(text).digest('hex'), data };
}

/** What a year of weather comes to, as step 006 wrote it. */
export function yearSummary(year: { airC: number[]; ghiWm2: number[] }): Plain {
  return {
    hours: year.airC.length,
    airMinC: year.airC.reduce((a, b) => Math.min(a, b), Infinity),
    airMaxC: year.airC.reduce((a, b) => Math.max(a, b), -Infinity),
    ghiKWhm2Year: year.ghiWm2.reduce((a, b) => a + b, 0) / 1000,
  };
}
