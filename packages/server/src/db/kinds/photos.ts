import type { StoredPhoto } from '@hornblende/core/api';
import { createHash } from 'node:crypto';
import type { RecordKind, Row } from '../kind.js';
import { photoPath } from '../photo-path.js';
import { dated, text } from './fields.js';

/** Photographs: files named by the hash of their bytes, and a row for each. */
export const photos: RecordKind = {
  name: 'photos',
  one: 'photo',
  table: 'photos',
  key: ['sha256'],
  json: [],
  unsummed: ['data'],
  blob: 'data',
  file: row => photoPath('', row as unknown as StoredPhoto),
  writtenAt: ['at'],
  onlyAdded: true,
  title: dated('a photograph of', 'at'),
  check: requirePhoto,
};

/** @throws Error for a picture that is not what its hash says, where its bytes are at hand */
function requirePhoto(row: Row): void {
  if (!/^[0-9a-f]{64}$/.test(text(row, 'sha256'))) throw new Error('has no hash for a name');
  if (row.type !== 'image/jpeg' && row.type !== 'image/png')
    throw new Error('must be of the type image/jpeg or image/png');
  if (!Buffer.isBuffer(row.data)) return;
  if (createHash('sha256').update(row.data).digest('hex') !== row.sha256)
    throw new Error('is not what its hash says');
}
