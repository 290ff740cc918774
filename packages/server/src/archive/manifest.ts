import { Choice, parseInput, Quantity, Text } from '@hornblende/core';
import { HttpProblem } from '../lib/errors.js';

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
class Entry {
  @Quantity({ min: 0, max: 1e12, doc: 'Length in bytes.' }) bytes!: number;
  @Text({ maxLength: 64, doc: 'SHA-256 of its bytes, in hexadecimal.' }) sha256!: string;
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
  const { files, ...head } = plain as Record<string, unknown>;
  if (typeof files !== 'object' || files === null || Array.isArray(files))
    throw archiveProblem('has a manifest that lists no files');
  return {
    ...parseInput(ManifestHead, head),
    files: Object.fromEntries(
      Object.entries(files).map(([path, entry]) => [path, { ...parseInput(Entry, entry) }]),
    ),
  };
}

/** An archive that cannot be used, and why. */
export function archiveProblem(message: string): HttpProblem {
  return new HttpProblem(400, [{ field: '(archive)', value: null, message }]);
}
