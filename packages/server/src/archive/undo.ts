import type { ArchiveUndone, LeftAsIs } from '@hornblende/core/api';
import Driver from 'better-sqlite3';
import { existsSync } from 'node:fs';
import { columnReferences, keyText, type RecordKind, type Row } from '../db/kind.js';
import { parts } from '../db/kinds/parts.js';
import { recordKinds } from '../db/kinds/index.js';
import { SUM } from '../db/record-sum.js';
import { keyColumnOf, type Reference } from '../db/reference.js';
import { HttpProblem, notFound } from '../lib/errors.js';
import { columnsOf, sameKey } from './comparing.js';
import { keepVersions, registerSum, sumExpression } from './import.js';

/** Records that are named when they stay; the rest are counted. */
const MOST_NAMED = 200;

/**
 * Takes an import back. What was changed since stays as it is, and so does what something newer refers to: decisions,
 * versions and shapes are only ever added to. What stays is named, with the reason.
 * @param file the workshop's database
 * @param undo what the import left behind to take it back
 * @throws HttpProblem 404 for an import that is not known, 409 where what takes it back is gone
 */
export function undoImported(file: string, undo: string, id: string): ArchiveUndone {
  const db = new Driver(file);
  try {
    db.pragma('foreign_keys = ON');
    db.pragma('synchronous = FULL');
    db.pragma('busy_timeout = 5000');
    registerSum(db);
    if (!db.prepare('select 1 from archive_imports where id = ?').get(id)) throw notFound('import', id);
    if (!existsSync(undo))
      throw new HttpProblem(409, [
        { field: 'import', value: id, message: 'cannot be taken back: what it replaced is no longer kept' },
      ]);
    db.prepare('attach ? as undo').run(undo);
    return db.transaction(() => takenBack(db, id)).immediate();
  } finally {
    db.close();
  }
}

function takenBack(db: Driver.Database, id: string): ArchiveUndone {
  db.pragma('defer_foreign_keys = ON');
  const left = new Left();
  for (const kind of recordKinds) markGoing(db, kind, left);
  keepWhatIsReferredTo(db, left);
  let restored = 0;
  // What refers goes before what it refers to.
  for (const kind of [...recordKinds].reverse()) restored += goneOf(db, kind);
  for (const kind of recordKinds) restored += restoredOf(db, kind, left);
  db.prepare('delete from archive_imports where id = ?').run(id);
  return { restored, left: left.list };
}

/** What stays as it is, named up to a number that a person reads. */
class Left {
  private readonly named: LeftAsIs[] = [];
  private count = 0;

  add(kind: RecordKind, row: Row, why: string): void {
    if (++this.count <= MOST_NAMED)
      this.named.push({ what: `${kind.one} ${kind.title(row)} (${keyText(kind, row)})`, why });
  }
  get list(): LeftAsIs[] {
    const more = this.count - this.named.length;
    return more > 0 ? [...this.named, { what: `${more} more`, why: 'for the same reasons' }] : this.named;
  }
}

/** That a row is as the import left it, as SQL. */
function untouched(db: Driver.Database, kind: RecordKind): string {
  const forgotten = new Set(
    columnReferences(kind)
      .filter(r => r.gone === 'forgotten')
      .map(r => r.column),
  );
  const apart = new Set(['is_default', kind.blob ?? '', ...forgotten]);
  return columnsOf(db, kind)
    .filter(c => !apart.has(c))
    .map(c => `ours."${c}" is a."${c}"`)
    .join(' and ');
}

/** Notes the records that the import added and nobody touched since; those that were changed stay. */
function markGoing(db: Driver.Database, kind: RecordKind, left: Left): void {
  const here = `undo.after_${kind.table} a join main.${kind.table} ours on ${sameKey(kind, 'a', 'ours')}`;
  db.exec(
    `create table temp.going_${kind.table} as select ours.rowid as id from ${here}
       where a.verdict = 'add' and ${untouched(db, kind)}`,
  );
  const changed = db
    .prepare(`select ours.* from ${here} where a.verdict = 'add' and not (${untouched(db, kind)})`)
    .all() as Row[];
  for (const row of changed) left.add(kind, row, 'it was changed since');
}

/** A record that something refers to which itself stays, stays too; and with it what belongs to it. */
function keepWhatIsReferredTo(db: Driver.Database, left: Left): void {
  for (let again = true; again;) {
    again = false;
    for (const kind of recordKinds)
      for (const reference of kind.references ?? [])
        if (keepTargets(db, kind, reference, left) + keepBelonging(db, kind, reference) > 0) again = true;
  }
}

function keepTargets(db: Driver.Database, kind: RecordKind, reference: Reference, left: Left): number {
  const target = recordKinds.find(k => k.table === reference.to);
  if (!target) return 0;
  const staying = `x.rowid not in (select id from temp.going_${kind.table})`;
  const named =
    'column' in reference
      ? `select x."${reference.column}" from main.${kind.table} x where ${staying}`
      : `select ${reference.value} from main.${kind.table} x, ${reference.each} e where ${staying}`;
  const held = db
    .prepare(
      `select t.* , t.rowid as held_id from main.${target.table} t
         join temp.going_${target.table} g on g.id = t.rowid where t."${keyColumnOf(target.table)}" in (${named})`,
    )
    .all() as (Row & { held_id: number })[];
  for (const row of held) {
    db.prepare(`delete from temp.going_${target.table} where id = ?`).run(row.held_id);
    left.add(target, row, `a ${kind.one} that is newer refers to it`);
  }
  return held.length;
}

/** What goes with something that stays, and came with it, stays as well. */
function keepBelonging(db: Driver.Database, kind: RecordKind, reference: Reference): number {
  if (!('column' in reference) || reference.gone !== 'goes too') return 0;
  const { to, column } = reference;
  return db
    .prepare(
      `delete from temp.going_${kind.table} where id in (
         select x.rowid from main.${kind.table} x join main.${to} p on p."${keyColumnOf(to)}" = x."${column}"
         join undo.after_${to} a on a."${keyColumnOf(to)}" = p."${keyColumnOf(to)}"
         where a.verdict = 'add' and p.rowid not in (select id from temp.going_${to}))`,
    )
    .run().changes;
}

function goneOf(db: Driver.Database, { table }: RecordKind): number {
  return db.prepare(`delete from main.${table} where rowid in (select id from temp.going_${table})`).run()
    .changes;
}

/** Puts back what the import changed, as far as nobody changed it since. */
function restoredOf(db: Driver.Database, kind: RecordKind, left: Left): number {
  const { table } = kind;
  const pair = `undo.after_${table} a join main.${table} ours on ${sameKey(kind, 'a', 'ours')}`;
  const changed = db
    .prepare(`select ours.* from ${pair} where a.verdict <> 'add' and not (${untouched(db, kind)})`)
    .all() as Row[];
  for (const row of changed) left.add(kind, row, 'it was changed since');
  db.exec(
    `create table temp.restoring_${table} as select ours.rowid as id from ${pair}
       where a.verdict <> 'add' and ${untouched(db, kind)}`,
  );
  const columns = columnsOf(db, kind);
  const set = columns
    .filter(c => !kind.key.includes(c) && c !== 'is_default')
    .map(c => (c === 'revision' ? 'revision = ours.revision + 1' : `"${c}" = b."${c}"`));
  const restored = db
    .prepare(
      `update main.${table} as ours set ${set.join(', ')} from undo.before_${table} b
         where ${sameKey(kind, 'ours', 'b')} and ours.rowid in (select id from temp.restoring_${table})`,
    )
    .run().changes;
  if (restored && kind.revisioned) {
    const those = `rowid in (select id from temp.restoring_${table})`;
    db.exec(`update main.${table} set "${SUM}" = ${sumExpression(kind, columns)} where ${those}`);
    if (kind === parts) keepVersions(db, those);
  }
  forgetLoose(db, kind);
  return restored;
}

/** What the restored records referred to may be gone meanwhile. */
function forgetLoose(db: Driver.Database, kind: RecordKind): void {
  for (const { column, to, gone } of columnReferences(kind))
    if (gone === 'forgotten')
      db.exec(
        `update main.${kind.table} set "${column}" = null where "${column}" is not null and not exists
           (select 1 from main.${to} p where p."${keyColumnOf(to)}" = main.${kind.table}."${column}")`,
      );
}
