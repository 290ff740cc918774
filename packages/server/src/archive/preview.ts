import type { ArchivePreview } from '@hornblende/core/api';
import Driver from 'better-sqlite3';
import { closeSync, openSync, readSync } from 'node:fs';
import { join } from 'node:path';
import { keyText, type RecordKind, type Row } from '../db/kind.js';
import { photos as photoKind } from '../db/kinds/photos.js';
import { recordKinds } from '../db/kinds/index.js';
import { pictureType } from '../db/picture.js';
import { keyColumnOf } from '../db/reference.js';
import { columnReferences } from '../db/kind.js';
import type { Progress } from '../db/verify.js';
import { columnsOf, sameKey, verdictsQuery, type Verdict } from './comparing.js';
import { archiveProblem } from './manifest.js';
import type { Staged } from './staging.js';

/** Records that a preview names; the rest are counted. */
const MOST_NAMED = 200;
/** How often progress is said, records. */
const SAID_EVERY = 500;

/** Opens a workshop with a staged archive beside it. */
export function openBeside(file: string, staged: string, readonly: boolean): Driver.Database {
  const db = new Driver(file, { readonly });
  db.prepare('attach ? as staged').run(staged);
  return db;
}

/**
 * What importing a staged archive would do, kind by kind.
 * @throws HttpProblem for whatever would make the import fail
 */
export function previewImport(
  file: string,
  staged: Staged,
  id: string,
  progress: Progress = () => undefined,
): ArchivePreview {
  const db = openBeside(file, staged.database, true);
  try {
    db.exec('begin');
    requireUsable(db, staged.photos, progress);
    const kinds: ArchivePreview['kinds'] = [];
    const named: ArchivePreview['named'] = [];
    for (const kind of recordKinds) {
      requireFit(db, kind);
      const counts = countsOf(db, kind, staged.manifest.at);
      kinds.push({
        kind: kind.name,
        adds: counts.add,
        changes: counts.change,
        conflicts: counts.conflict,
        same: counts.same,
      });
      named.push(...namedOf(db, kind, staged.manifest.at, MOST_NAMED - named.length));
    }
    db.exec('commit');
    return { id, madeAt: staged.manifest.at, kinds, named };
  } finally {
    db.close();
  }
}

function countsOf(db: Driver.Database, kind: RecordKind, madeAt: string): Record<Verdict, number> {
  const counts = { add: 0, change: 0, conflict: 0, same: 0 };
  const sql = `select verdict, count(*) as n from (${verdictsQuery(columnsOf(db, kind), kind)}) group by verdict`;
  for (const { verdict, n } of db.prepare(sql).all({ madeAt }) as { verdict: Verdict; n: number }[])
    counts[verdict] = n;
  return counts;
}

function namedOf(
  db: Driver.Database,
  kind: RecordKind,
  madeAt: string,
  most: number,
): ArchivePreview['named'] {
  const sql = `select v.verdict as verdict_of, r.* from (${verdictsQuery(columnsOf(db, kind), kind)}) v
    join staged.${kind.table} r on r.rowid = v.id where v.verdict <> 'same' limit ${Math.max(0, most)}`;
  const rows = db.prepare(sql).all({ madeAt }) as (Row & { verdict_of: 'add' | 'change' | 'conflict' })[];
  return rows.map(row => ({ kind: kind.name, title: kind.title(row), verdict: row.verdict_of }));
}

/** @throws HttpProblem naming the first record that cannot be used */
function requireUsable(db: Driver.Database, photos: string, progress: Progress): void {
  const count = (k: RecordKind): number =>
    db.prepare(`select count(*) from staged.${k.table}`).pluck().get() as number;
  const total = recordKinds.reduce((sum, k) => sum + count(k), 0);
  let done = 0;
  for (const kind of recordKinds)
    for (const row of db.prepare(`select * from staged.${kind.table}`).iterate() as IterableIterator<Row>) {
      if (++done % SAID_EVERY === 0) progress(done, total);
      try {
        kind.check(row);
        if (kind === photoKind) requirePicture(photos, row);
      } catch (e) {
        const why = (e as Error).message.split('\n')[0] ?? '';
        throw archiveProblem(
          `has ${kind.name} ${keyText(kind, row).slice(0, 80)} that cannot be used: ${why.slice(0, 160)}`,
        );
      }
    }
}

/** @throws Error for a photograph that is of another type than its record says */
function requirePicture(folder: string, row: Row): void {
  const head = Buffer.alloc(16);
  const handle = openSync(join(folder, String(row.sha256)), 'r');
  try {
    readSync(handle, head, 0, head.length, 0);
  } finally {
    closeSync(handle);
  }
  if (pictureType(head) !== row.type) throw new Error('its bytes are not of the type that it says');
}

/** @throws HttpProblem for records that belong to what is in neither, and for what may stand only once */
function requireFit(db: Driver.Database, kind: RecordKind): void {
  for (const { column, to, gone } of columnReferences(kind)) {
    if (gone === 'forgotten' || to === 'grades') continue;
    const key = keyColumnOf(to);
    const loose = db
      .prepare(
        `select * from staged.${kind.table} x where x."${column}" is not null
           and not exists (select 1 from staged.${to} p where p."${key}" = x."${column}")
           and not exists (select 1 from main.${to} p where p."${key}" = x."${column}") limit 1`,
      )
      .get() as Row | undefined;
    if (loose)
      throw archiveProblem(
        `has ${kind.name} ${keyText(kind, loose).slice(0, 80)} of ${to} ${String(loose[column]).slice(0, 60)}, ` +
          'which is neither in it nor here',
      );
  }
  for (const { columns, where } of uniqueIndexes(db, kind)) {
    const alike = columns.map(c => `theirs."${c}" = ours."${c}"`).join(' and ');
    const twin = db
      .prepare(
        `select theirs.* from staged.${kind.table} theirs join main.${kind.table} ours
           on ${alike} and not (${sameKey(kind, 'theirs', 'ours')})
         where ${where('theirs')} limit 1`,
      )
      .get() as Row | undefined;
    if (twin)
      throw archiveProblem(
        `has ${kind.title(twin).slice(0, 80)} with ${columns.map(c => `${c} ${String(twin[c])}`).join(', ')}, ` +
          `which another ${kind.one} has here; change one of them`,
      );
  }
}

/** What may stand only once in a table besides its key, and on which condition. */
function uniqueIndexes(
  db: Driver.Database,
  { table }: RecordKind,
): { columns: string[]; where: (alias: string) => string }[] {
  const indexes = db
    .prepare(`select name, partial from pragma_index_list(?) where "unique" = 1 and origin = 'c'`)
    .all(table) as { name: string; partial: number }[];
  return indexes.map(({ name, partial }) => {
    const columns = db.prepare('select name from pragma_index_info(?)').pluck().all(name) as string[];
    // Ours are partial only to leave empty texts out.
    const where = (alias: string): string =>
      partial ? columns.map(c => `${alias}."${c}" <> ''`).join(' and ') : '1';
    return { columns, where };
  });
}
