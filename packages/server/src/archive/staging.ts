import Driver from 'better-sqlite3';
import { existsSync } from 'node:fs';
import { rm } from 'node:fs/promises';
import { join } from 'node:path';
import { migrate, openForWriting } from '../db/database.js';
import { rowOf, summed, type RecordKind, type Row } from '../db/kind.js';
import { recordKinds } from '../db/kinds/index.js';
import { migrationSource, steps } from '../db/migrations/index.js';
import { pictureType } from '../db/picture.js';
import type { Progress } from '../db/verify.js';
import { StartProblem } from '../lib/start-problem.js';
import { writeWhole } from '../lib/whole-file.js';
import { archiveProblem, BLOB, entryOf, MANIFEST, readManifest, type Manifest } from './manifest.js';
import { openZip, type ZipLimits, type ZipReader } from './zip-reader.js';

/** What an archive may hold unless it is said otherwise, GB, and the most that may be said. */
const USUAL_GB = 16;
const MOST_GB = 1024;

/**
 * What an archive may hold. `HORNBLENDE_ARCHIVE_GB` lets more come out of it, or less.
 * @throws StartProblem for a size that is none
 */
export function archiveLimits(said = process.env.HORNBLENDE_ARCHIVE_GB): ZipLimits {
  const gigabytes = said ? Number(said) : USUAL_GB;
  if (!(gigabytes > 0 && gigabytes <= MOST_GB))
    throw new StartProblem(
      'HORNBLENDE_ARCHIVE_GB',
      `is ${said}; it must be a number above 0, at most ${MOST_GB}`,
      `Leave it out for ${USUAL_GB} GB`,
    );
  return { whole: gigabytes * 2 ** 30, file: 64 * 2 ** 20, files: 1_500_000, ratio: 500 };
}

/** A manifest names every file, and is the one thing that is read whole. */
const MANIFEST_LIMIT = 256 * 2 ** 20;

/** The step of the history from which on records have checksums. */
const SUMS_SINCE = '012-sums-and-references';
/** How often progress is said, files. */
const SAID_EVERY = 500;

/** An archive laid out as a database of its own, with its photographs in a folder beside it. */
export interface Staged {
  database: string;
  photos: string;
  manifest: Manifest;
}

/** Where the photographs of an archive are laid out. */
export function stagedPhotos(database: string): string {
  return `${database}.photos`;
}

/**
 * Lays an archive out as a database of its own: built at the schema it was written at, filled file by file, and then
 * brought to this version's like any older file, so that an old archive opens as long as an old database does.
 * Every file is as its manifest says, and nothing else is in it.
 * @throws HttpProblem, InputError for an archive that cannot be used; nothing is left then
 */
export async function stage(
  archive: string,
  database: string,
  progress: Progress = () => undefined,
  limits: ZipLimits = archiveLimits(),
): Promise<Staged> {
  const photos = stagedPhotos(database);
  let zip: ZipReader | null = null;
  try {
    zip = await openZip(archive, { ...limits, file: Math.max(limits.file, MANIFEST_LIMIT) });
    const manifest = await manifestOf(zip);
    const known = steps.findIndex(s => s.name === manifest.schema);
    if (known < 0)
      throw archiveProblem(`was written by a newer Hornblende (${manifest.schema}); import it there`);
    await built(database, steps.slice(0, known + 1));
    await new Filling(database, photos, manifest, limits).run(zip, progress);
    await broughtUp(database);
    return { database, photos, manifest };
  } catch (e) {
    await discard(database);
    throw e;
  } finally {
    zip?.close();
  }
}

/** Removes a database with its log, and what lies beside it. */
export async function discard(database: string): Promise<void> {
  for (const suffix of ['', '-wal', '-shm', '-journal']) await rm(database + suffix, { force: true });
  await rm(stagedPhotos(database), { recursive: true, force: true });
}

async function manifestOf(zip: ZipReader): Promise<Manifest> {
  let text: string | null = null;
  await zip.eachFile(async (name, bytes) => {
    if (name === MANIFEST) text = (await bytes()).toString();
  });
  if (text === null) throw archiveProblem('has no manifest: it is no archive of a workshop, or is cut short');
  return readManifest(text);
}

async function built(database: string, history: typeof steps): Promise<void> {
  const db = openForWriting(database);
  try {
    await db.migrate.latest({ migrationSource: migrationSource(history) });
  } finally {
    await db.destroy();
  }
}

async function broughtUp(database: string): Promise<void> {
  const db = openForWriting(database);
  try {
    await db.raw('pragma foreign_keys = off');
    await migrate(db);
    // One file, without a log beside it.
    await db.raw('pragma journal_mode = delete');
  } finally {
    await db.destroy();
  }
}

/** The files of an archive written into a database, one after the other. */
class Filling {
  private readonly db: Driver.Database;
  private readonly sums: boolean;
  private readonly inserts = new Map<string, Driver.Statement>();
  private readonly columns = new Map<string, Set<string>>();
  /** Paths of rows whose bytes stand in a file beside them. */
  private readonly wanting = new Set<string>();

  constructor(
    database: string,
    private readonly photos: string,
    private readonly manifest: Manifest,
    private readonly limits: ZipLimits,
  ) {
    this.db = new Driver(database);
    // What is laid out is thrown away when anything goes wrong: nothing of it need be safe.
    this.db.pragma('journal_mode = DELETE');
    this.db.pragma('synchronous = OFF');
    this.db.pragma('foreign_keys = OFF');
    this.sums =
      steps.findIndex(s => s.name === manifest.schema) >= steps.findIndex(s => s.name === SUMS_SINCE);
    this.db.exec('create temp table blobs (path text primary key, data blob not null)');
  }

  async run(zip: ZipReader, progress: Progress): Promise<void> {
    const missing = new Set(Object.keys(this.manifest.files));
    let done = 0;
    try {
      this.db.exec('begin');
      await zip.eachFile(async (name, bytes) => {
        if (++done % SAID_EVERY === 0) progress(done, zip.count);
        if (name === MANIFEST) return;
        const listed = Object.hasOwn(this.manifest.files, name) ? this.manifest.files[name] : undefined;
        if (!listed) throw archiveProblem(`holds ${name.slice(0, 120)}, which its manifest does not list`);
        if (listed.bytes > this.limits.file)
          throw archiveProblem(
            `holds ${name.slice(0, 120)}, which is larger than a file of an archive may be`,
          );
        const content = await bytes();
        if (entryOf(content).sha256 !== listed.sha256)
          throw archiveProblem(`has a damaged ${name.slice(0, 120)}`);
        missing.delete(name);
        this.put(name, content);
      });
      const [lacks] = missing;
      if (lacks !== undefined) throw archiveProblem(`lacks ${lacks.slice(0, 120)}, which its manifest lists`);
      this.joinBlobs();
      this.db.exec('commit');
    } finally {
      this.db.close();
    }
  }

  /** Writes one file: a record, or the bytes that belong to one. */
  private put(name: string, content: Buffer): void {
    const kind = recordKinds.find(k => name.startsWith(`${k.name}/`));
    if (!kind) throw archiveProblem(`holds ${name.slice(0, 120)}, a kind of record that is not known here`);
    if (kind.blob && name.endsWith(BLOB)) this.putBytes(kind, name.slice(0, -BLOB.length), content);
    else this.putRow(kind, name, content);
  }

  private putBytes(kind: RecordKind, path: string, content: Buffer): void {
    if (!kind.file) {
      this.db.prepare('insert into temp.blobs values (?, ?)').run(path, content);
      return;
    }
    const name = photoName(path);
    if (entryOf(content).sha256 !== name)
      throw archiveProblem(`has ${path.slice(0, 120)}, which is not what its hash says`);
    if (!pictureType(content))
      throw archiveProblem(`has ${path.slice(0, 120)}, which is no JPEG or PNG picture`);
    writeWhole(join(this.photos, name), content);
  }

  private putRow(kind: RecordKind, name: string, content: Buffer): void {
    const plain = rowOf(kind, objectIn(name, content));
    const known = this.columnsOf(kind.table);
    const strange = Object.keys(plain).find(c => !known.has(c));
    if (strange !== undefined)
      throw archiveProblem(
        `has ${name.slice(0, 120)} with a column ${strange.slice(0, 60)}, which is not known`,
      );
    if (kind.blob) {
      this.wanting.add(name.replace(/\.json$/, ''));
      plain[kind.blob] = kind.file ? null : Buffer.alloc(0);
    }
    const row = this.sums ? summed(kind, plain) : plain;
    const columns = Object.keys(row);
    try {
      this.insertOf(kind.table, columns).run(...columns.map(c => storable(row[c])));
    } catch (e) {
      throw archiveProblem(`has ${name.slice(0, 120)}, which does not fit: ${(e as Error).message}`);
    }
  }

  private columnsOf(table: string): Set<string> {
    const known =
      this.columns.get(table) ??
      new Set(this.db.prepare(`select name from pragma_table_info(?)`).pluck().all(table) as string[]);
    this.columns.set(table, known);
    return known;
  }

  private insertOf(table: string, columns: string[]): Driver.Statement {
    const key = `${table} ${columns.join()}`;
    const known =
      this.inserts.get(key) ??
      this.db.prepare(
        `insert into ${table} (${columns.map(c => `"${c}"`).join()}) values (${columns.map(() => '?').join()})`,
      );
    this.inserts.set(key, known);
    return known;
  }

  /** Bytes may come before or after the record that they belong to. */
  private joinBlobs(): void {
    for (const kind of recordKinds) {
      if (!kind.blob) continue;
      for (const path of this.wanting) {
        if (!path.startsWith(`${kind.name}/`)) continue;
        if (kind.file) {
          if (!existsSync(join(this.photos, photoName(path)))) throw lacksBytes(path);
          continue;
        }
        const key = decodeURIComponent(path.slice(kind.name.length + 1));
        const taken = this.db
          .prepare(
            `update ${kind.table} set ${kind.blob} = (select data from temp.blobs where path = ?)
             where ${kind.key[0]} = ? and exists (select 1 from temp.blobs where path = ?)`,
          )
          .run(path, key, path);
        if (!taken.changes) throw lacksBytes(path);
      }
    }
  }
}

function lacksBytes(path: string): Error {
  return archiveProblem(`lacks ${path.slice(0, 120)}${BLOB}, which a record belongs to`);
}

/** The name that the bytes of a photograph are laid out under: its hash, as far as it is one. */
function photoName(path: string): string {
  const name = path.split('/').at(-1) ?? '';
  if (!/^[0-9a-f]{64}$/.test(name))
    throw archiveProblem(`has ${path.slice(0, 120)}, which has no hash for a name`);
  return name;
}

/** A value that SQLite can hold. */
function storable(value: unknown): unknown {
  return typeof value === 'boolean' ? Number(value) : (value ?? null);
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
