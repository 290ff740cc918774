import type { Verification } from '@hornblende/core';
import type { Knex } from 'knex';
import { keyText, recordKinds } from './kinds.js';
import { rowsOf } from './rows.js';

/** Problems that are told; the rest are counted. */
const TOLD = 50;

/** Problems gathered up to a number that a person reads. */
export class ProblemList {
  private readonly told: string[] = [];
  private count = 0;

  add(problem: string): void {
    if (++this.count <= TOLD) this.told.push(problem);
  }
  get list(): string[] {
    const more = this.count - this.told.length;
    return more > 0 ? [...this.told, `and ${more} more`] : this.told;
  }
}

/** What SQLite itself finds wrong with a file: pages, indexes, references. */
export async function damageOf(db: Knex): Promise<string[]> {
  try {
    const pages = (await db.raw('pragma integrity_check(20)')) as { integrity_check: string }[];
    const damaged = pages.map(p => p.integrity_check).filter(line => line !== 'ok');
    if (damaged.length) return damaged;
    const loose = (await db.raw('pragma foreign_key_check')) as { table: string; parent: string }[];
    return loose.slice(0, TOLD).map(l => `a row of ${l.table} refers to ${l.parent} that is not there`);
  } catch (e) {
    return [(e as Error).message];
  }
}

/** Reads every record of a database and says which cannot be used. */
export async function verifyDatabase(db: Knex): Promise<Verification> {
  const problems = new ProblemList();
  for (const line of await damageOf(db)) problems.add(line);
  let checked = 0;
  for (const kind of recordKinds)
    try {
      // A file of an older schema lacks what came later.
      if (!(await db.schema.hasTable(kind.table))) continue;
      for await (const row of rowsOf(db, kind)) {
        checked++;
        try {
          kind.check(row);
        } catch (e) {
          problems.add(`${kind.name} ${keyText(kind, row)}: ${firstLine(e)}`);
        }
      }
    } catch (e) {
      problems.add(`${kind.name}: ${firstLine(e)}`);
    }
  await missingPieces(db, problems);
  const list = problems.list;
  return { ok: list.length === 0, checked, problems: list };
}

/** Decisions whose records name a piece that is not kept. */
async function missingPieces(db: Knex, problems: ProblemList): Promise<void> {
  try {
    if (!(await db.schema.hasTable('record_pieces'))) return;
    const rows = (await db.raw(
      `select d.id as id, p.key as piece from decisions d, json_each(d.record, '$.pieces') p
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
