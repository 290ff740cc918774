import type { Knex } from 'knex';
import { rmSync } from 'node:fs';
import { migrate, openForWriting } from '../db/database.js';
import { recordKinds, rowOf, type Row } from '../db/kinds.js';
import { migrationSource, steps } from '../db/migrations/index.js';
import { archiveProblem, BLOB, MANIFEST, readManifest, type Manifest } from './manifest.js';
import { entryOf, readZip } from './zip.js';

/** Rows written in one statement. */
const CHUNK = 100;

/**
 * Lays an archive out as a database of its own: built at the schema it was written at, filled, and then brought to
 * this version's like any older file, so that an old archive opens as long as an old database does.
 * @returns what its manifest says
 * @throws HttpProblem, InputError for an archive that cannot be used; nothing is left then
 */
export async function stage(archive: string, database: string): Promise<Manifest> {
  const manifest = checkedManifest(archive);
  const known = steps.findIndex(s => s.name === manifest.schema);
  if (known < 0)
    throw archiveProblem(`was written by a newer Hornblende (${manifest.schema}); import it there`);
  const db = openForWriting(database);
  try {
    await db.raw('pragma foreign_keys = off');
    await db.migrate.latest({ migrationSource: migrationSource(steps.slice(0, known + 1)) });
    await fill(db, archive);
    await migrate(db);
    return manifest;
  } catch (e) {
    await db.destroy();
    discard(database);
    throw e;
  } finally {
    await db.destroy();
  }
}

/** Removes a database with its log. */
export function discard(database: string): void {
  for (const suffix of ['', '-wal', '-shm']) rmSync(database + suffix, { force: true });
}

/** Reads an archive through: everything that its manifest lists is there as it says, and nothing else. */
export function checkedManifest(archive: string): Manifest {
  const found = new Map<string, { bytes: number; sha256: string }>();
  let text: string | null = null;
  readZip(archive, (name, bytes) => {
    if (name === MANIFEST) text = new TextDecoder().decode(bytes);
    else found.set(name, entryOf(bytes));
  });
  if (text === null) throw archiveProblem('has no manifest: it is no archive of a workshop, or is cut short');
  const manifest = readManifest(text);
  for (const [path, entry] of Object.entries(manifest.files)) {
    const has = found.get(path);
    if (!has) throw archiveProblem(`lacks ${path.slice(0, 120)}, which its manifest lists`);
    if (has.sha256 !== entry.sha256) throw archiveProblem(`has a damaged ${path.slice(0, 120)}`);
    found.delete(path);
  }
  const [extra] = found.keys();
  if (extra !== undefined)
    throw archiveProblem(`holds ${extra.slice(0, 120)}, which its manifest does not list`);
  return manifest;
}

async function fill(db: Knex, archive: string): Promise<void> {
  const byTable = new Map<string, Row[]>();
  /** Rows whose bytes stand in a file beside them, and those bytes, by their path without an ending. */
  const wanting = new Map<string, { row: Row; column: string }>();
  const blobs = new Map<string, Buffer>();
  readZip(archive, (name, bytes) => {
    const kind = recordKinds.find(k => name.startsWith(`${k.name}/`));
    if (!kind) {
      if (name === MANIFEST) return;
      throw archiveProblem(`holds ${name.slice(0, 120)}, a kind of record that is not known here`);
    }
    if (kind.blob && name.endsWith(BLOB)) {
      blobs.set(name.slice(0, -BLOB.length), Buffer.from(bytes));
      return;
    }
    const rows = byTable.get(kind.table) ?? [];
    byTable.set(kind.table, rows);
    const row = rowOf(kind, objectIn(name, bytes));
    rows.push(row);
    if (kind.blob) wanting.set(name.replace(/\.json$/, ''), { row, column: kind.blob });
  });
  for (const [path, { row, column }] of wanting) {
    const bytes = blobs.get(path);
    if (!bytes) throw archiveProblem(`lacks ${path.slice(0, 120)}${BLOB}, which a record belongs to`);
    row[column] = bytes;
  }
  await db.transaction(async t => {
    for (const { table } of recordKinds)
      for (let rows = byTable.get(table) ?? []; rows.length; rows = rows.slice(CHUNK))
        await inserted(t, table, rows.slice(0, CHUNK));
  });
}

async function inserted(t: Knex.Transaction, table: string, rows: Row[]): Promise<void> {
  try {
    await t(table).insert(rows);
  } catch (e) {
    throw archiveProblem(
      `has records of ${table} that do not fit: ${(e as Error).message.split(' - ').at(-1)}`,
    );
  }
}

function objectIn(name: string, bytes: Uint8Array): Row {
  try {
    const plain: unknown = JSON.parse(new TextDecoder().decode(bytes));
    if (typeof plain === 'object' && plain !== null && !Array.isArray(plain)) return plain as Row;
  } catch {
    /* told below */
  }
  throw archiveProblem(`has ${name.slice(0, 120)}, which is no JSON object`);
}
