import type { LeftAsIs } from '@hornblende/core/api';
import { Choice, parseInput, Text } from '@hornblende/core/input';
import { hash } from 'node:crypto';
import { HttpProblem } from '../lib/errors.js';
import { GatheredBytes } from './gathered-bytes.js';

/** A file of an archive: how long it is and what its bytes come to. */
export interface FileEntry {
  bytes: number;
  sha256: string;
}

/** `hornblende-archive/1`: what the first file of an archive, `manifest.json`, says. */
export interface Manifest {
  format: 'hornblende-archive';
  version: 1;
  /** The version of Hornblende that wrote it. */
  app: string;
  /** The last step of the database's history that it was written at; an older one is brought up to date. */
  schema: string;
  at: string;
  /** Every other file by its path. */
  files: Record<string, FileEntry>;
  /** Records that could not be written, and why; absent where all could. */
  left?: LeftAsIs[];
}

/** What the name of a file of bytes ends with, beside the record that it belongs to. */
export const BLOB = '.bin';

/** Its name in the archive. */
export const MANIFEST = 'manifest.json';

class ManifestHead {
  @Choice(['hornblende-archive'], { doc: 'Always hornblende-archive.' }) format!: 'hornblende-archive';
  @Choice([1], { doc: 'Always 1.' }) version!: 1;
  @Text({ maxLength: 40, doc: 'The version that wrote it.' }) app!: string;
  @Text({ maxLength: 80, doc: 'The last step of the history of its database.' }) schema!: string;
  @Text({ maxLength: 40, doc: 'When it was written.' }) at!: string;
}

/** Length and hash of some bytes. */
export function entryOf(bytes: Uint8Array): FileEntry {
  return { bytes: bytes.length, sha256: hash('sha256', bytes) };
}

/** How a manifest that lists no files says so; within a string its quotes would be escaped. */
const NO_FILES = '"files": {}';

/** A manifest that is written file by file: of hundreds of thousands of entries only their bytes stay in memory. */
export class ManifestWriter {
  private readonly entries = new GatheredBytes();
  private isEmpty = true;

  /** Lists a file. @param path one that is not listed yet */
  add(path: string, bytes: Uint8Array): void {
    const { bytes: length, sha256 } = entryOf(bytes);
    const entry = `  ${JSON.stringify(path)}: {\n   "bytes": ${length},\n   "sha256": "${sha256}"\n  }`;
    this.entries.add(Buffer.from(`${this.isEmpty ? '' : ','}\n${entry}`));
    this.isEmpty = false;
  }

  /** The manifest whole, as JSON in UTF-8, in pieces. */
  pieces(head: Pick<Manifest, 'app' | 'schema' | 'at'>, left: readonly LeftAsIs[]): Uint8Array[] {
    const { app, schema, at } = head;
    const manifest = {
      ...{ format: 'hornblende-archive', version: 1, app, schema, at, files: {} },
      ...(left.length ? { left } : {}),
    };
    const text = `${JSON.stringify(manifest, null, 1)}\n`;
    if (this.isEmpty) return [Buffer.from(text)];
    const inside = text.indexOf(NO_FILES) + NO_FILES.length - 1;
    return [
      Buffer.from(text.slice(0, inside)),
      ...this.entries.pieces(),
      Buffer.from(`\n ${text.slice(inside)}`),
    ];
  }
}

/** @throws InputError, HttpProblem for what is no manifest */
export function readManifest(text: string): Manifest {
  let plain: unknown;
  try {
    plain = JSON.parse(text);
  } catch {
    throw archiveProblem('has a manifest that is not JSON');
  }
  if (typeof plain !== 'object' || plain === null) throw archiveProblem('has a manifest that says nothing');
  const { files, left: _left, ...head } = plain as Record<string, unknown>;
  if (typeof files !== 'object' || files === null || Array.isArray(files))
    throw archiveProblem('has a manifest that lists no files');
  for (const [path, entry] of Object.entries(files)) requireEntry(path, entry);
  return { ...parseInput(ManifestHead, head), files: files as Record<string, FileEntry> };
}

/** By hand, for there may be hundreds of thousands. @throws HttpProblem */
function requireEntry(path: string, entry: unknown): void {
  const { bytes, sha256 } = (typeof entry === 'object' && entry !== null ? entry : {}) as Partial<FileEntry>;
  if (!Number.isInteger(bytes) || bytes! < 0 || !/^[0-9a-f]{64}$/.test(String(sha256)))
    throw archiveProblem(`has a manifest that says no length and SHA-256 of ${path.slice(0, 120)}`);
}

/** An archive that cannot be used, and why. */
export function archiveProblem(message: string): HttpProblem {
  return new HttpProblem(400, [{ field: '(archive)', value: null, message }]);
}
