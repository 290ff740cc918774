import type { Knex } from 'knex';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileOf, keyText, recordKinds, type RecordKind, type Row } from '../db/kinds.js';
import { steps } from '../db/migrations/index.js';
import { rowsOf } from '../db/rows.js';
import { archiveProblem, BLOB, MANIFEST, type FileEntry, type Manifest } from './manifest.js';
import { entryOf, ZipWriter } from './zip.js';

/**
 * Writes the whole workshop into one zip: a file a record, and the manifest last, when all is known.
 * @param folder of the photographs
 */
export async function exportArchive(
  db: Knex,
  { to, folder }: { to: string; folder: string },
  app: string,
  at: string,
): Promise<Manifest> {
  const files: Record<string, FileEntry> = {};
  const zip = new ZipWriter(to);
  const putBytes = (path: string, bytes: Uint8Array): void => {
    files[path] = entryOf(bytes);
    zip.add(path, bytes);
  };
  const put = (path: string, value: unknown): void =>
    putBytes(path, new TextEncoder().encode(`${JSON.stringify(value, null, 1)}\n`));
  for (const kind of recordKinds)
    for await (const row of rowsOf(db, kind)) {
      const path = `${kind.name}/${encodeURIComponent(keyText(kind, row))}`;
      put(`${path}.json`, fileOf(kind, row));
      const data = bytesOf(kind, row, folder);
      if (data) putBytes(`${path}${BLOB}`, data);
    }
  const manifest: Manifest = {
    format: 'hornblende-archive',
    version: 1,
    app,
    schema: steps.at(-1)?.name ?? '',
    at,
    files: { ...files },
  };
  put(MANIFEST, manifest);
  zip.close();
  return manifest;
}

/** The bytes that belong to a row: of its column, or of its file. @throws HttpProblem for a file that is gone */
function bytesOf(kind: RecordKind, row: Row, folder: string): Uint8Array | null {
  if (!kind.blob) return null;
  if (!kind.file) return row[kind.blob] as Buffer;
  try {
    return readFileSync(join(folder, kind.file(row)));
  } catch {
    throw archiveProblem(`lacks ${kind.title(row)}: its file is gone from the folder of photographs`);
  }
}
