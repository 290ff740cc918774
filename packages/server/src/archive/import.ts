import type { ArchiveImported } from '@hornblende/core/api';
import type Driver from 'better-sqlite3';
import { randomUUID } from 'node:crypto';
import { copyFileSync, existsSync, mkdirSync, renameSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { columnReferences, unsummedColumns, type RecordKind, type Row } from '../db/kind.js';
import { parts, partVersions } from '../db/kinds/parts.js';
import { recordKinds } from '../db/kinds/index.js';
import { recordSum, SUM } from '../db/record-sum.js';
import { keyColumnOf } from '../db/reference.js';
import type { Progress } from '../db/verify.js';
import { columnsOf, sameKey, verdictsQuery } from './comparing.js';
import { openBeside } from './preview.js';
import { stagedPhotos } from './staging.js';

/** How a staged archive is taken over. */
export interface ImportOrder {
  /** The workshop's database, and the folder of its photographs. */
  file: string;
  photos: string;
  /** The staged archive. */
  staged: string;
  madeAt: string;
  /** What becomes of records that were changed here after the archive was made. */
  conflicts: 'keep' | 'replace';
  /** Where what takes the import back is kept. */
  undo: (id: string) => string;
  now: string;
}

/**
 * Takes a staged archive over, all of it or nothing. A record that is changed has a revision that was never here
 * before, so that nobody saves over it unseen. What takes the import back is written first, into a file of its own.
 */
export function importStaged(order: ImportOrder, progress: Progress = () => undefined): ArchiveImported {
  const id = randomUUID();
  const db = openBeside(order.file, order.staged, false);
  try {
    prepare(db);
    const before = new Date(order.now).toISOString();
    db.exec('begin immediate');
    const kept = markTaken(db, order);
    const undo = order.undo(id);
    mkdirSync(dirname(undo), { recursive: true });
    db.exec('commit');
    db.prepare('attach ? as undo').run(undo);
    rememberBefore(db);
    takePhotos(db, order, progress);
    const { added, changed } = db.transaction(() => takeOver(db, id, before))();
    return { id, added, changed, kept };
  } finally {
    db.close();
  }
}

function prepare(db: Driver.Database): void {
  db.pragma('foreign_keys = ON');
  db.pragma('synchronous = FULL');
  db.pragma('busy_timeout = 5000');
  registerSum(db);
}

/** `record_sum(kind, name, value, …)` in SQL: the checksum of a row, for what is written by whole tables. */
export function registerSum(db: Driver.Database): void {
  const kinds = new Map(recordKinds.map(k => [k.table, k]));
  db.function('record_sum', { varargs: true, deterministic: true }, (table: unknown, ...pairs: unknown[]) => {
    const row: Row = {};
    for (let i = 0; i + 1 < pairs.length; i += 2) row[String(pairs[i])] = pairs[i + 1];
    return recordSum(row, unsummedColumns(kinds.get(String(table))!));
  });
}

/** The checksum of a row as SQL over its columns. */
export function sumExpression(kind: RecordKind, columns: readonly string[]): string {
  const apart = unsummedColumns(kind);
  const pairs = columns.filter(c => c !== SUM && !apart.has(c)).map(c => `'${c}', "${c}"`);
  return `record_sum('${kind.table}', ${pairs.join(', ')})`;
}

/** Notes which staged records are taken, and how, in temporary tables. @returns how many conflicts stay as they are */
function markTaken(db: Driver.Database, { madeAt, conflicts }: ImportOrder): number {
  let kept = 0;
  for (const kind of recordKinds) {
    const table = `temp.taken_${kind.table}`;
    db.exec(`create table ${table} (id integer primary key, verdict text not null)`);
    const verdicts = verdictsQuery(columnsOf(db, kind), kind);
    db.prepare(`insert into ${table} select id, verdict from (${verdicts}) where verdict <> 'same'`).run({
      madeAt,
    });
    const stays = conflicts === 'keep' || kind.onlyAdded;
    if (stays) kept += db.prepare(`delete from ${table} where verdict = 'conflict'`).run().changes;
  }
  return kept;
}

/** Writes what is about to be changed into the file that takes the import back. */
function rememberBefore(db: Driver.Database): void {
  db.exec('begin');
  for (const kind of recordKinds)
    db.exec(
      `create table undo.before_${kind.table} as select ours.* from main.${kind.table} ours
         join staged.${kind.table} theirs on ${sameKey(kind, 'ours', 'theirs')}
         join temp.taken_${kind.table} t on t.id = theirs.rowid`,
    );
  db.exec('commit');
}

/** The files first and then their rows: a stray file is swept, a row without one is a loss. */
function takePhotos(db: Driver.Database, order: ImportOrder, progress: Progress): void {
  const kind = recordKinds.find(k => k.file)!;
  const rows = db
    .prepare(
      `select theirs.* from staged.${kind.table} theirs join temp.taken_${kind.table} t on t.id = theirs.rowid`,
    )
    .all() as Row[];
  for (const [n, row] of rows.entries()) {
    progress(n, rows.length);
    const to = join(order.photos, kind.file!(row));
    if (existsSync(to)) continue;
    mkdirSync(dirname(to), { recursive: true });
    const part = `${to}.${process.pid}.part`;
    copyFileSync(join(stagedPhotos(order.staged), String(row.sha256)), part);
    renameSync(part, to);
  }
}

/** Writes every taken record. Runs inside a transaction. */
function takeOver(db: Driver.Database, id: string, now: string): { added: number; changed: number } {
  // What refers and what is referred to may come in any order within one import.
  db.pragma('defer_foreign_keys = ON');
  const wasDefault = db.prepare('select id from main.printers where is_default = 1').pluck().get() as
    string | undefined;
  let added = 0;
  let changed = 0;
  for (const kind of recordKinds) {
    const columns = columnsOf(db, kind);
    changed += change(db, kind, columns);
    added += add(db, kind, columns);
  }
  for (const kind of recordKinds) forgetWhatIsNotHere(db, kind);
  if (wasDefault !== undefined) db.prepare('update main.printers set is_default = (id = ?)').run(wasDefault);
  for (const kind of recordKinds) {
    const columns = columnsOf(db, kind);
    rememberAfter(db, kind, columns);
  }
  db.prepare('insert into main.archive_imports (id, at) values (?, ?)').run(id, now);
  return { added, changed };
}

function add(db: Driver.Database, kind: RecordKind, columns: readonly string[]): number {
  const names = columns.map(c => `"${c}"`).join(', ');
  return db
    .prepare(
      `insert into main.${kind.table} (${names}) select ${columns.map(c => `theirs."${c}"`).join(', ')}
         from staged.${kind.table} theirs join temp.taken_${kind.table} t on t.id = theirs.rowid
         where t.verdict = 'add'`,
    )
    .run().changes;
}

function change(db: Driver.Database, kind: RecordKind, columns: readonly string[]): number {
  const set = columns
    .filter(c => !kind.key.includes(c) && c !== 'is_default')
    .map(c => (c === 'revision' ? `revision = ${newRevision(kind)}` : `"${c}" = theirs."${c}"`));
  const taken = db
    .prepare(
      `update main.${kind.table} as ours set ${set.join(', ')}
         from staged.${kind.table} theirs join temp.taken_${kind.table} t on t.id = theirs.rowid
         where t.verdict <> 'add' and ${sameKey(kind, 'ours', 'theirs')}`,
    )
    .run().changes;
  if (!taken || !kind.revisioned) return taken;
  const changed = `exists (select 1 from staged.${kind.table} theirs
    join temp.taken_${kind.table} t on t.id = theirs.rowid
    where t.verdict <> 'add' and ${sameKey(kind, `main.${kind.table}`, 'theirs')})`;
  db.exec(`update main.${kind.table} set "${SUM}" = ${sumExpression(kind, columns)} where ${changed}`);
  if (kind === parts) keepVersions(db, changed);
  return taken;
}

/** A revision that neither this workshop nor the archive has had. */
function newRevision(kind: RecordKind): string {
  const versions =
    kind === parts
      ? ', coalesce((select max(revision) from main.part_versions v where v.part_id = ours.id), 0)' +
        ', coalesce((select max(revision) from staged.part_versions v where v.part_id = ours.id), 0)'
      : '';
  return `max(ours.revision, theirs.revision${versions}) + 1`;
}

/** A version of each changed part as it stands now. @param where which parts, as SQL over `main.parts` */
export function keepVersions(db: Driver.Database, where: string): void {
  const columns = columnsOf(db, partVersions);
  db.exec(
    `insert into main.part_versions (part_id, revision, brief, printer_id, saved_at, begun_at)
       select id, revision, brief, printer_id, updated_at, updated_at from main.parts where ${where}`,
  );
  db.exec(
    `update main.part_versions set "${SUM}" = ${sumExpression(partVersions, columns)} where "${SUM}" is null`,
  );
}

/** References to what is neither in the archive nor here are forgotten, where a record stands without them. */
function forgetWhatIsNotHere(db: Driver.Database, kind: RecordKind): void {
  for (const { column, to, gone } of columnReferences(kind)) {
    if (gone !== 'forgotten') continue;
    db.exec(
      `update main.${kind.table} set "${column}" = null where "${column}" is not null
         and not exists (select 1 from main.${to} p where p."${keyColumnOf(to)}" = main.${kind.table}."${column}")`,
    );
  }
}

/** Writes what the import left, to see later whether it was changed since. */
function rememberAfter(db: Driver.Database, kind: RecordKind, columns: readonly string[]): void {
  const content = columns.filter(c => c !== kind.blob);
  db.exec(
    `create table undo.after_${kind.table} as
       select ${content.map(c => `ours."${c}"`).join(', ')}, t.verdict as verdict from main.${kind.table} ours
       join staged.${kind.table} theirs on ${sameKey(kind, 'ours', 'theirs')}
       join temp.taken_${kind.table} t on t.id = theirs.rowid`,
  );
}
