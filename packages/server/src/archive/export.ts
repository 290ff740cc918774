import type { Knex } from 'knex';
import { fileOf, keyText, recordKinds } from '../db/kinds.js';
import { steps } from '../db/migrations/index.js';
import { rowsOf } from '../db/rows.js';
import { BLOB, MANIFEST, type FileEntry, type Manifest } from './manifest.js';
import { entryOf, ZipWriter } from './zip.js';

/** Writes the whole workshop into one zip: a file a record, and the manifest last, when all is known. */
export async function exportArchive(db: Knex, to: string, app: string, at: string): Promise<Manifest> {
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
      if (kind.blob) putBytes(`${path}${BLOB}`, row[kind.blob] as Buffer);
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
