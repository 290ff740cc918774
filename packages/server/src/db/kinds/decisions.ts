import { createHash } from 'node:crypto';
import { packed, unpackedText } from '../packed.js';
import type { RecordKind, Row } from '../kind.js';
import { parsed, text } from './fields.js';

/** @throws Error where a hash does not fit what it stands for */
function requireHash(row: Row, of: string): void {
  if (createHash('sha256').update(of).digest('hex') !== row.hash)
    throw new Error('is not what its hash says');
}

/** The families behind decisions, kept once for each state of the library. */
export const libraries: RecordKind = {
  name: 'libraries',
  one: 'state of the library',
  table: 'library_snapshots',
  key: ['hash'],
  json: ['families'],
  writtenAt: [],
  onlyAdded: true,
  title: () => 'a state of the library',
  check: row => requireHash(row, text(row, 'families')),
};

/** The bulk of decisions' records, packed and shared. */
export const pieces: RecordKind = {
  name: 'pieces',
  one: 'piece of a decision',
  table: 'record_pieces',
  key: ['hash'],
  json: [],
  writtenAt: [],
  onlyAdded: true,
  title: () => 'a piece of a decision',
  check: row => requireHash(row, unpackedText(row.data as Buffer)),
  toFile: row => ({ hash: row.hash, data: JSON.parse(unpackedText(row.data as Buffer)) as unknown }),
  fromFile: file => ({ hash: file.hash, data: packed(JSON.stringify(file.data)) }),
};

/** Decisions: only ever added, or marked as withdrawn. */
export const decisions: RecordKind = {
  name: 'decisions',
  one: 'decision',
  table: 'decisions',
  key: ['id'],
  json: ['brief', 'printer', 'ranking', 'record'],
  references: [
    { column: 'part_id', field: null, to: 'parts', gone: 'goes too' },
    { column: 'snapshot', field: null, to: 'library_snapshots', gone: 'holds it' },
    {
      each: "json_each(x.record, '$.pieces')",
      value: 'e.value',
      field: '',
      to: 'record_pieces',
      gone: 'holds it',
      needed: true,
    },
  ],
  writtenAt: ['decided_at', 'withdrawn_at'],
  title: row => `the decision for ${text(row, 'first_choice')}`,
  check: row => void parsed(row, 'record' in row && row.record !== null ? 'record' : 'ranking'),
  wellFormed: ['record', 'ranking'],
};
