import { createHash } from 'node:crypto';
import type { RecordKind } from '../kind.js';
import { titled } from './fields.js';

/** The files that parts were taken from, one a part, as they were given. */
export const shapes: RecordKind = {
  name: 'shapes',
  one: 'shape',
  table: 'shapes',
  key: ['part_id'],
  json: [],
  references: [{ column: 'part_id', field: null, to: 'parts', gone: 'goes too' }],
  // The file has a hash of its own.
  unsummed: ['data'],
  blob: 'data',
  writtenAt: ['updated_at'],
  title: titled('name'),
  check: row => {
    const sum = createHash('sha256')
      .update(row.data as Buffer)
      .digest('hex');
    if (sum !== row.sha256) throw new Error('is not what its hash says');
  },
};
