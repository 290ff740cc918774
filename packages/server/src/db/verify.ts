import type { Verification } from '@hornblende/core/api';
import { createHash } from 'node:crypto';
import type { Knex } from 'knex';
import { createReadStream, existsSync } from 'node:fs';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { keyText, requireSum, type RecordKind, type Row } from './kind.js';
import { photos } from './kinds/photos.js';
import { recordKinds } from './kinds/index.js';
import { rowsOf } from './rows.js';

/** Problems that are listed; the rest are counted. */
const MOST_PROBLEMS_LISTED = 50;

/** Problems gathered up to a number that a person reads. */
export class ProblemList {
  private readonly listed: string[] = [];
  private count = 0;

  add(problem: string): void {
    if (++this.count <= MOST_PROBLEMS_LISTED) this.listed.push(problem);
  }
  get list(): string[] {
    const more = this.count - this.listed.length;
    return more > 0 ? [...this.listed, `and ${more} more`] : this.listed;
  }
}

/** Says how far a long reading is: so many of so many records. */
export type Progress = (done: number, total: number) => void;

/** How often progress is said, records. */
const SAID_EVERY = 500;

/** What SQLite itself finds wrong with a file: pages, indexes, references. */
export async function damageOf(db: Knex): Promise<string[]> {
  try {
    const pages = (await db.raw('pragma integrity_check(20)')) as { integrity_check: string }[];
    const damaged = pages.map(p => p.integrity_check).filter(line => line !== 'ok');
    if (damaged.length) return damaged;
    const loose = (await db.raw('pragma foreign_key_check')) as { table: string; parent: string }[];
    return loose
      .slice(0, MOST_PROBLEMS_LISTED)
      .map(l => `a row of ${l.table} refers to ${l.parent} that is not there`);
  } catch (e) {
    return [(e as Error).message];
  }
}

/** The records that are not as they were written, by their checksums: quickly, without reading what they say. */
export async function damagedRecords(db: Knex): Promise<string[]> {
  const problems = new ProblemList();
  await eachRecord(db, problems, (kind, row) => requireSum(kind, row));
  return problems.list;
}

/**
 * Reads every record of a database and says which are not as they were written: a copy is as good as what it was made
 * of where every sum fits. What has no sum is read as {@link verifyRecords} reads it.
 */
export function verifySums(db: Knex, progress: Progress = () => undefined): Promise<Verification> {
  return verified(db, progress, (kind, row) => {
    if (typeof row.sum === 'number') requireSum(kind, row);
    else if (!kind.wellFormed) kind.check(row);
  });
}

/**
 * Reads every record of a database and says which cannot be used, and which photographs are not there.
 * @param photoFolder where the photographs stand; null looks for none
 */
export function verifyRecords(
  db: Knex,
  photoFolder: string | null = null,
  progress: Progress = () => undefined,
): Promise<Verification> {
  return verified(db, progress, async (kind, row) => {
    if ('sum' in row) requireSum(kind, row);
    if (!kind.wellFormed) kind.check(row);
    if (kind === photos && photoFolder !== null) await requireFile(photoFolder, row);
  });
}

/** A database looked through as {@link verifyRecords} does, after its file as {@link damageOf} does. */
export async function verifyDatabase(
  db: Knex,
  photoFolder: string | null = null,
  progress: Progress = () => undefined,
): Promise<Verification> {
  return withDamage(await damageOf(db), await verifyRecords(db, photoFolder, progress));
}

/** What records have wrong with them, after what their file has. */
export function withDamage<V extends Verification>(damage: readonly string[], found: V): V {
  return { ...found, ok: found.ok && damage.length === 0, problems: [...damage, ...found.problems] };
}

type Look = (kind: RecordKind, row: Row) => void | Promise<void>;

async function verified(db: Knex, progress: Progress, look: Look): Promise<Verification> {
  const problems = new ProblemList();
  const checked = await eachRecord(db, problems, look, progress);
  for (const kind of recordKinds) await malformed(db, kind, problems);
  await missingPieces(db, problems);
  const list = problems.list;
  return { ok: list.length === 0, checked, problems: list };
}

/** Looks at every record of every kind; what is wrong with one is added to the problems. @returns how many there are */
async function eachRecord(
  db: Knex,
  problems: ProblemList,
  look: Look,
  progress: Progress = () => undefined,
): Promise<number> {
  const kinds: RecordKind[] = [];
  let total = 0;
  // A file of an older schema lacks what came later.
  for (const kind of recordKinds)
    try {
      if (!(await db.schema.hasTable(kind.table))) continue;
      kinds.push(kind);
      total += Number(((await db(kind.table).count({ n: '*' }).first()) as { n: number }).n);
    } catch (e) {
      problems.add(`${kind.name}: ${firstLine(e)}`);
    }
  let checked = 0;
  for (const kind of kinds)
    try {
      for await (const row of rowsOf(db, kind)) {
        checked++;
        if (checked % SAID_EVERY === 0) progress(checked, total);
        try {
          await look(kind, row);
        } catch (e) {
          problems.add(`${kind.name} ${keyText(kind, row)}: ${firstLine(e)}`);
        }
      }
    } catch (e) {
      problems.add(`${kind.name}: ${firstLine(e)}`);
    }
  return checked;
}

/** @throws Error for a photograph whose file is gone, or not what its name says */
async function requireFile(folder: string, row: Row): Promise<void> {
  const path = join(folder, photos.file!(row));
  if (!existsSync(path)) throw new Error('its file is gone from the folder of photographs');
  const hash = createHash('sha256');
  await pipeline(createReadStream(path), hash);
  if (hash.digest('hex') !== row.sha256) throw new Error('its file is not what its hash says');
}

/** Records with a column that is no JSON. */
async function malformed(db: Knex, kind: RecordKind, problems: ProblemList): Promise<void> {
  for (const column of kind.wellFormed ?? [])
    try {
      // A file of an older schema lacks what came later.
      if (!(await db.schema.hasColumn(kind.table, column))) continue;
      const query = db(kind.table).select(...kind.key);
      const rows = (await query.whereRaw(`${column} is not null and not json_valid(${column})`)) as Row[];
      for (const row of rows) problems.add(`${kind.name} ${keyText(kind, row)}: its ${column} is no JSON`);
    } catch (e) {
      problems.add(`${kind.name}: ${firstLine(e)}`);
    }
}

/** Decisions whose records name a piece that is not kept. */
async function missingPieces(db: Knex, problems: ProblemList): Promise<void> {
  try {
    if (!(await db.schema.hasTable('record_pieces'))) return;
    const rows = (await db.raw(
      `select d.id as id, p.key as piece
       from decisions d, json_each(case when json_valid(d.record) then d.record else '{}' end, '$.pieces') p
       where d.record is not null and not exists (select 1 from record_pieces r where r.hash = p.value)`,
    )) as { id: string; piece: string }[];
    for (const { id, piece } of rows) problems.add(`decisions ${id}: its ${piece} is missing`);
  } catch (e) {
    problems.add(`decisions: ${firstLine(e)}`);
  }
}

function firstLine(e: unknown): string {
  return (e as Error).message.split('\n')[0] ?? '';
}
