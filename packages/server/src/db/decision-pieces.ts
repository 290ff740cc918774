import { createHash } from 'node:crypto';
import type { Knex } from 'knex';
import type { KeptRecord } from '@hornblende/core/api';
import { insertOnce } from './kind.js';
import { pieces as pieceKind } from './kinds/decisions.js';
import { packed, unpackedText } from './packed.js';

/**
 * The bulk of a decision's record: kept packed, and once for all records that have it in common (the same ranking
 * decided twice, the same year of weather, the same grades).
 */
interface PieceRow {
  hash: string;
  data: Buffer;
}

/** What of a record, and of its premises, is bulk. */
const bulk = ['ranking', 'robustness', 'rejected', 'assumptions'] as const;
const premisedBulk = ['weather', 'grades'] as const;
type Bulk = (typeof bulk)[number];
type PremisedBulk = (typeof premisedBulk)[number];

/** A record with its bulk named by hash. */
export type LeanRecord = Omit<KeptRecord, Bulk | 'premises'> & {
  premises: Omit<KeptRecord['premises'], PremisedBulk>;
  pieces: Record<Bulk | PremisedBulk, string>;
};

/** A record taken apart, ready to be written. */
export interface TakenApart {
  lean: LeanRecord;
  pieces: PieceRow[];
}

/** Takes a record apart and packs its bulk. */
export function takeApart(record: KeptRecord): TakenApart {
  const { ranking, robustness, rejected, assumptions, premises, ...lean } = record;
  const { weather, grades, ...rest } = premises;
  const bulky = { ranking, robustness, rejected, assumptions, weather, grades };
  const pieces = Object.entries(bulky).map(([name, value]) => [name, pieceOf(value)] as const);
  const named = Object.fromEntries(pieces.map(([name, p]) => [name, p.hash])) as LeanRecord['pieces'];
  return { lean: { ...lean, premises: rest, pieces: named }, pieces: pieces.map(([, p]) => p) };
}

/** A value packed, under the hash of its text. */
export function pieceOf(value: unknown): PieceRow {
  const text = JSON.stringify(value);
  return { hash: createHash('sha256').update(text).digest('hex'), data: packed(text) };
}

/** Keeps pieces that are not kept yet. */
export async function keepPieces(t: Knex, pieces: readonly PieceRow[]): Promise<void> {
  for (const { hash, data } of pieces)
    // A piece that came from a thread is bare bytes, which the driver does not take.
    await insertOnce(t, pieceKind, { hash, data: Buffer.from(data) });
}

/** Puts a record together again. @throws Error when a piece is missing or damaged */
export async function putTogether(db: Knex, { pieces, premises, ...lean }: LeanRecord): Promise<KeptRecord> {
  const rows = await db<PieceRow>('record_pieces').whereIn('hash', Object.values(pieces));
  const byHash = new Map(rows.map(r => [r.hash, r.data]));
  const take = (names: readonly (Bulk | PremisedBulk)[]): object =>
    Object.fromEntries(
      names.map(name => {
        const data = byHash.get(pieces[name]);
        if (!data) throw new Error(`its ${name} is missing`);
        return [name, JSON.parse(unpackedText(data)) as unknown];
      }),
    );
  return { ...lean, ...take(bulk), premises: { ...premises, ...take(premisedBulk) } } as KeptRecord;
}
