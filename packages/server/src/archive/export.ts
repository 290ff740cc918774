import type { LeftAsIs } from '@hornblende/core/api';
import Driver from 'better-sqlite3';
import { readFileSync, renameSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import {
  columnReferences,
  fileText,
  holdsJson,
  keyText,
  requireSum,
  type RecordKind,
  type Row,
} from '../db/kind.js';
import { recordKinds } from '../db/kinds/index.js';
import { steps } from '../db/migrations/index.js';
import { keyColumnOf } from '../db/reference.js';
import type { Progress } from '../db/verify.js';
import { BLOB, MANIFEST, ManifestWriter } from './manifest.js';
import { ZipWriter } from './zip-writer.js';

/** Where an archive is written from and to. */
export interface ExportOrder {
  /** The database. */
  file: string;
  /** The folder of the photographs. */
  photos: string;
  /** The zip. */
  to: string;
  /** The version of Hornblende that writes it. */
  app: string;
  at: string;
}

/** What an export wrote. */
export interface Exported {
  records: number;
  /** Files in the archive: one a record, and one more of each photograph and shape. */
  files: number;
  /** Records that could not be written, and why. */
  left: LeftAsIs[];
}

/** What a row is asked for besides its columns. */
const HOLDS_JSON = 'holds_json';
/** The tables that records of any kind refer to. */
const namedByOthers: ReadonlySet<string> = new Set(
  recordKinds.flatMap(kind => (kind.references ?? []).map(reference => reference.to)),
);
/** How often progress is said, records. */
const SAID_EVERY = 500;

/**
 * Writes the whole workshop, as it stands at one moment, into one zip: a file a record, and the manifest last, when
 * all is known. A record that cannot be read, or whose photograph is gone, is named and left out, and so is what
 * would not stand without it; the rest goes out.
 */
export function exportArchive(order: ExportOrder, progress: Progress = () => undefined): Exported {
  const db = new Driver(order.file, { readonly: true });
  const part = `${order.to}.part`;
  const zip = new ZipWriter(part);
  try {
    // Reading begins a snapshot: what others write meanwhile is not seen.
    db.exec('begin');
    const exported = new Export(db, zip, order, progress).run();
    db.exec('commit');
    zip.close();
    renameSync(part, order.to);
    return exported;
  } catch (e) {
    zip.abandon();
    rmSync(part, { force: true });
    throw e;
  } finally {
    db.close();
  }
}

class Export {
  private readonly manifest = new ManifestWriter();
  private files = 0;
  private records = 0;
  private readonly left: LeftAsIs[] = [];
  /** The keys that were written of each table that others refer to. */
  private readonly written = new Map<string, Set<string>>();
  private done = 0;

  constructor(
    private readonly db: Driver.Database,
    private readonly zip: ZipWriter,
    private readonly order: ExportOrder,
    private readonly progress: Progress,
  ) {}

  run(): Exported {
    const { app, at } = this.order;
    const total = recordKinds.reduce((sum, k) => sum + this.countOf(k), 0);
    for (const kind of recordKinds) this.writeKind(kind, total);
    const { files, records, left } = this;
    this.zip.addPieces(MANIFEST, this.manifest.pieces({ app, schema: steps.at(-1)!.name, at }, left));
    return { records, files, left };
  }

  private countOf({ table }: RecordKind): number {
    return this.db.prepare(`select count(*) from ${table}`).pluck().get() as number;
  }

  private writeKind(kind: RecordKind, total: number): void {
    const keys = namedByOthers.has(kind.table) ? new Set<string>() : null;
    if (keys) this.written.set(kind.table, keys);
    const lacking = this.lackingPieces(kind);
    const rows = this.db.prepare(
      `select *, ${holdsJson(kind)} as ${HOLDS_JSON} from ${kind.table} order by ${kind.key.join(', ')}`,
    );
    for (const { [HOLDS_JSON]: isJson, ...row } of rows.iterate() as IterableIterator<Row>) {
      if (++this.done % SAID_EVERY === 0) this.progress(this.done, total);
      try {
        if (!isJson) throw new Error('holds what is no JSON');
        const piece = lacking.get(keyText(kind, row));
        if (piece !== undefined) throw new Error(`a piece of it (${piece}) could not be written`);
        this.writeRow(kind, row);
        keys?.add(String(row[keyColumnOf(kind.table)] ?? keyText(kind, row)));
      } catch (e) {
        this.left.push({
          what: `${kind.name} ${keyText(kind, row)}`,
          why: (e as Error).message.slice(0, 200),
        });
      }
    }
  }

  /** @throws Error for a record that cannot go out */
  private writeRow(kind: RecordKind, row: Row): void {
    requireSum(kind, row);
    // Of the others it asks no more than that they hold JSON, which they do.
    if (!kind.wellFormed) kind.check(row);
    this.requireStanding(kind, row);
    const bytes = this.bytesOf(kind, row);
    const path = `${kind.name}/${encodeURIComponent(keyText(kind, row))}`;
    this.put(`${path}.json`, Buffer.from(fileText(kind, row)));
    if (bytes) this.put(`${path}${BLOB}`, bytes);
    this.records++;
  }

  private put(path: string, bytes: Uint8Array): void {
    this.manifest.add(path, bytes);
    this.files++;
    this.zip.add(path, bytes);
  }

  /** What a record refers to goes out with it, is forgotten, or the record stays behind. @throws Error */
  private requireStanding(kind: RecordKind, row: Row): void {
    for (const { column, to, gone } of columnReferences(kind)) {
      const value = row[column];
      // A grade's name may be a family's as well.
      if (value === null || value === undefined || to === 'grades') continue;
      if (this.written.get(to)?.has(String(value))) continue;
      if (gone !== 'forgotten')
        throw new Error(`what it belongs to (${to} ${String(value)}) could not be written`);
      row[column] = null;
    }
  }

  /** The rows of a kind that name a piece which is not in the archive, by their keys, and that piece. */
  private lackingPieces(kind: RecordKind): Map<string, string> {
    const written = this.written.get('record_pieces') ?? new Set();
    const lacking = new Map<string, string>();
    for (const reference of kind.references ?? []) {
      if (!('each' in reference) || reference.to !== 'record_pieces') continue;
      const { each, value } = reference;
      // Rows that hold no JSON name nothing; they are left out for that.
      const named = this.db.prepare(
        `select ${kind.key.map(k => `x.${k}`).join(', ')}, ${value} as piece
         from (select * from ${kind.table} where ${holdsJson(kind)}) as x, ${each} as e`,
      );
      for (const { piece, ...key } of named.iterate() as IterableIterator<Row>)
        if (!written.has(String(piece))) lacking.set(keyText(kind, key), String(piece));
    }
    return lacking;
  }

  /** The bytes that belong to a row: of its column, or of its file. @throws Error for a file that is gone */
  private bytesOf(kind: RecordKind, row: Row): Uint8Array | null {
    if (!kind.blob) return null;
    if (!kind.file) return row[kind.blob] as Buffer;
    let bytes: Buffer;
    try {
      bytes = readFileSync(join(this.order.photos, kind.file(row)));
    } catch {
      throw new Error('its file is gone from the folder of photographs');
    }
    kind.check({ ...row, [kind.blob]: bytes });
    return bytes;
  }
}
