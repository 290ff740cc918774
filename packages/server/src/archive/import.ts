import type { ArchiveImported, ArchivePreview, ArchiveUndone } from '@hornblende/core';
import type { Knex } from 'knex';
import { randomUUID } from 'node:crypto';
import { join } from 'node:path';
import { keyText, recordKinds, type RecordKind, type Row } from '../db/kinds.js';
import { keyOf, rowsOf, sameKey } from '../db/rows.js';
import { writeWhole } from '../db/photos.js';
import { notFound } from '../lib/errors.js';
import { archiveProblem, type Manifest } from './manifest.js';

/** What importing one record would do. */
type Verdict = 'add' | 'change' | 'conflict' | 'same';

/** Records that a preview names; the rest are counted. */
const NAMED = 200;

/** Whether a row stands here already, was changed, or was changed here after the archive was made. */
function verdictOf(theirs: Row, ours: Row | undefined, madeAt: string): Verdict {
  if (!ours) return 'add';
  if (isSame(theirs, ours)) return 'same';
  const changedHere = [ours.updated_at, ours.saved_at, ours.withdrawn_at].some(
    at => String(at ?? '') > madeAt,
  );
  return changedHere ? 'conflict' : 'change';
}

function isSame(a: Row, b: Row): boolean {
  const columns = new Set([...Object.keys(a), ...Object.keys(b)]);
  return [...columns].every(c =>
    Buffer.isBuffer(a[c]) && Buffer.isBuffer(b[c]) ? a[c].equals(b[c]) : (a[c] ?? null) === (b[c] ?? null),
  );
}

/** What importing a staged archive would do, kind by kind. @throws HttpProblem for records that cannot be used */
export async function previewImport(
  db: Knex,
  staged: Knex,
  { at: madeAt }: Manifest,
  id: string,
): Promise<ArchivePreview> {
  const kinds: ArchivePreview['kinds'] = [];
  const named: ArchivePreview['named'] = [];
  for (const kind of recordKinds) {
    const count = { add: 0, change: 0, conflict: 0, same: 0 };
    for await (const row of rowsOf(staged, kind)) {
      requireUsable(kind, row);
      const verdict = verdictOf(rowHere(kind, row), await sameKey(db, kind, row), madeAt);
      count[verdict]++;
      if (verdict !== 'same' && named.length < NAMED)
        named.push({ kind: kind.name, title: kind.title(row), verdict });
    }
    const { add: adds, change: changes, conflict: conflicts, same } = count;
    kinds.push({ kind: kind.name, adds, changes, conflicts, same });
  }
  return { id, madeAt, kinds, named };
}

function requireUsable(kind: RecordKind, row: Row): void {
  try {
    kind.check(row);
  } catch (e) {
    const why = (e as Error).message.split('\n')[0] ?? '';
    throw archiveProblem(
      `has ${kind.name} ${keyText(kind, row).slice(0, 80)} that cannot be used: ${why.slice(0, 160)}`,
    );
  }
}

/** A record before an import; null where it was added. */
interface Before {
  table: string;
  key: Row;
  before: Row | null;
  /** What the import left, to see whether it was changed since. */
  left: Row;
}

/** How a staged archive is taken over. */
export interface ImportOrder {
  madeAt: string;
  /** The folder of the photographs. */
  folder: string;
  /** What becomes of records that were changed here after the archive was made. */
  conflicts: 'keep' | 'replace';
  now: string;
}

/** A staged row as it stands here: its bytes in a file beside the database, where its kind has them so. */
function rowHere(kind: RecordKind, row: Row): Row {
  return kind.blob && kind.file ? { ...row, [kind.blob]: null } : row;
}

/**
 * Takes a staged archive over, all of it or nothing.
 */
export async function importStaged(
  db: Knex,
  staged: Knex,
  { madeAt, folder, conflicts, now }: ImportOrder,
): Promise<ArchiveImported> {
  const id = randomUUID();
  const before: Before[] = [];
  let kept = 0;
  await db.transaction(async t => {
    // What refers and what is referred to may come in any order within one import.
    await t.raw('pragma defer_foreign_keys = on');
    const wasDefault = (await t('printers').where({ is_default: 1 }).first('id')) as
      { id: string } | undefined;
    for (const kind of recordKinds)
      for await (const row of rowsOf(staged, kind)) {
        requireUsable(kind, row);
        const ours = await sameKey(t, kind, row);
        const here = rowHere(kind, row);
        const verdict = verdictOf(here, ours, madeAt);
        if (verdict === 'conflict' && conflicts === 'keep') kept++;
        if (verdict === 'same' || (verdict === 'conflict' && conflicts === 'keep')) continue;
        // The file first and then its row: a stray file is swept, a row without one is a loss.
        if (kind.blob && kind.file) writeWhole(join(folder, kind.file(row)), row[kind.blob] as Buffer);
        await put(t, kind, here, ours);
        before.push({ table: kind.table, key: keyOf(kind, row), before: plain(ours), left: plain(here)! });
      }
    if (wasDefault) await t('printers').whereNot({ id: wasDefault.id }).update({ is_default: 0 });
    await t('archive_imports').insert({ id, at: now, before: JSON.stringify(before) });
  });
  const added = before.filter(b => b.before === null).length;
  return { id, added, changed: before.length - added, kept };
}

async function put(t: Knex.Transaction, kind: RecordKind, row: Row, ours: Row | undefined): Promise<void> {
  if (ours) await t(kind.table).where(keyOf(kind, row)).update(row);
  else await t(kind.table).insert(row);
}

/** A row as JSON can hold it: packed pieces as base 64, which no other column is. */
function plain(row: Row | undefined): Row | null {
  if (!row) return null;
  return Object.fromEntries(
    Object.entries(row).map(([c, v]) => [c, Buffer.isBuffer(v) ? { base64: v.toString('base64') } : v]),
  );
}

function revived(row: Row): Row {
  return Object.fromEntries(
    Object.entries(row).map(([c, v]) => [
      c,
      typeof v === 'object' && v !== null ? Buffer.from((v as { base64: string }).base64, 'base64') : v,
    ]),
  );
}

/** Takes an import back. Records that were changed since stay as they are, and are named. @throws HttpProblem 404 */
export async function undoImported(db: Knex, id: string): Promise<ArchiveUndone> {
  return db.transaction(async t => {
    const row = (await t('archive_imports').where({ id }).first()) as { before: string } | undefined;
    if (!row) throw notFound('import', id);
    await t.raw('pragma defer_foreign_keys = on');
    const left: string[] = [];
    let restored = 0;
    // What refers goes before what it refers to.
    for (const b of (JSON.parse(row.before) as Before[]).reverse()) {
      const now = (await t(b.table).where(b.key).first()) as Row | undefined;
      const untouched = now && isSame({ ...revived(b.left), is_default: null }, { ...now, is_default: null });
      if (!untouched) {
        left.push(`${b.table} ${Object.values(b.key).join('.')}`);
        continue;
      }
      if (b.before) await t(b.table).where(b.key).update(revived(b.before));
      else await t(b.table).where(b.key).delete();
      restored++;
    }
    await t('archive_imports').where({ id }).delete();
    return { restored, left };
  });
}
