import {
  parseBrief,
  parseDrillAnswer,
  parseFault,
  parseGrade,
  parseInspection,
  parsePlacement,
  parsePrinter,
  parsePrintEntry,
  parseSpool,
  parseTrial,
  parseWorkshop,
  type StoredPhoto,
  type Weather,
} from '@hornblende/core';
import { createHash } from 'node:crypto';
import { packed, unpackedText } from './decision-pieces.js';
import { photoPath } from './photo-path.js';

/** A row as the database has it. */
export type Row = Record<string, unknown>;

/**
 * A kind of record, registered once: from here the archive knows how to write it to a file and read it back, the
 * check how to look whether it is sound, and a preview what it is called. A table without a kind fails a test.
 */
export interface RecordKind {
  /** What several are called: "parts". The folder of its files in an archive. */
  name: string;
  table: string;
  /** The columns that name a row. */
  key: readonly string[];
  /** Columns that hold JSON as text; files have them as it. */
  json: readonly string[];
  /** A column of bytes, which an archive has as a file of its own beside the row's. */
  blob?: string;
  /** Where those bytes stand in a file of the folder of photographs, rather than in the database. */
  file?: (row: Row) => string;
  /** What a person would call a row. */
  title: (row: Row) => string;
  /** @throws Error for a row that cannot be used */
  check: (row: Row) => void;
  /** A row as its file has it, where that is more than its JSON unfolded. */
  toFile?: (row: Row) => Row;
  fromFile?: (file: Row) => Row;
}

const text = (row: Row, column: string): string => String(row[column] ?? '');
const parsed = (row: Row, column: string): unknown => JSON.parse(text(row, column));
const titled =
  (column: string) =>
  (row: Row): string =>
    text(row, column);

function sha256(of: string): string {
  return createHash('sha256').update(of).digest('hex');
}

/** @throws Error where a hash does not fit what it stands for */
function requireHash(row: Row, of: string): void {
  if (sha256(of) !== row.hash) throw new Error('is not what its hash says');
}

/** @throws Error for a picture that is not what its hash says, where its bytes are at hand */
function requirePhoto(row: Row): void {
  if (!/^[0-9a-f]{64}$/.test(text(row, 'sha256'))) throw new Error('has no hash for a name');
  if (!Buffer.isBuffer(row.data)) return;
  if (createHash('sha256').update(row.data).digest('hex') !== row.sha256)
    throw new Error('is not what its hash says');
}

/** Every kind, in the order in which they refer to each other: what is referred to comes first. */
export const recordKinds: readonly RecordKind[] = [
  {
    name: 'marks',
    table: 'marks',
    key: ['name'],
    json: [],
    title: titled('name'),
    check: () => undefined,
  },
  {
    name: 'workshop',
    table: 'workshop',
    key: ['id'],
    json: ['settings'],
    title: () => 'settings of the workshop',
    check: row => void parseWorkshop(parsed(row, 'settings')),
  },
  {
    name: 'printers',
    table: 'printers',
    key: ['id'],
    json: ['profile'],
    title: titled('name'),
    check: row => void parsePrinter(parsed(row, 'profile')),
  },
  {
    name: 'weathers',
    table: 'weathers',
    key: ['id'],
    json: ['data', 'summary'],
    title: titled('name'),
    check: row => {
      const { airC } = parsed(row, 'data') as Partial<Weather>;
      if (!Array.isArray(airC)) throw new Error('has no hours');
    },
  },
  {
    name: 'grades',
    table: 'grades',
    key: ['key'],
    json: ['data'],
    title: titled('name'),
    check: row => void parseGrade(parsed(row, 'data')),
  },
  {
    name: 'spools',
    table: 'spools',
    key: ['id'],
    json: ['data'],
    title: row => `a spool of ${text(row, 'material')}`,
    check: row => void parseSpool(parsed(row, 'data')),
  },
  {
    name: 'parts',
    table: 'parts',
    key: ['id'],
    json: ['brief', 'given'],
    title: titled('name'),
    check: row => void parseBrief(parsed(row, 'brief')),
  },
  {
    name: 'part-versions',
    table: 'part_versions',
    key: ['part_id', 'revision'],
    json: ['brief'],
    title: row => `version ${text(row, 'revision')} of a brief`,
    check: row => void parseBrief(parsed(row, 'brief')),
  },
  {
    name: 'quotes',
    table: 'part_quotes',
    key: ['part_id'],
    json: [],
    title: () => 'a quote for a part',
    check: row => {
      if (!Number.isFinite(row.each)) throw new Error('is no price');
    },
  },
  {
    name: 'libraries',
    table: 'library_snapshots',
    key: ['hash'],
    json: ['families'],
    title: () => 'a state of the library',
    check: row => requireHash(row, text(row, 'families')),
  },
  {
    name: 'pieces',
    table: 'record_pieces',
    key: ['hash'],
    json: [],
    title: () => 'a piece of a decision',
    check: row => requireHash(row, unpackedText(row.data as Buffer)),
    toFile: row => ({ hash: row.hash, data: JSON.parse(unpackedText(row.data as Buffer)) as unknown }),
    fromFile: file => ({ hash: file.hash, data: packed(JSON.stringify(file.data)) }),
  },
  {
    name: 'decisions',
    table: 'decisions',
    key: ['id'],
    json: ['brief', 'printer', 'ranking', 'record'],
    title: row => `the decision for ${text(row, 'first_choice')}`,
    check: row => void parsed(row, 'record' in row && row.record !== null ? 'record' : 'ranking'),
  },
  {
    name: 'prints',
    table: 'prints',
    key: ['id'],
    json: ['data'],
    title: row => `a print of ${text(row, 'at').slice(0, 10)}`,
    check: row => void parsePrintEntry(parsed(row, 'data')),
  },
  {
    name: 'trials',
    table: 'trials',
    key: ['id'],
    json: ['data'],
    title: titled('name'),
    check: row => void parseTrial(parsed(row, 'data')),
  },
  {
    name: 'faults',
    table: 'faults',
    key: ['id'],
    json: ['data'],
    title: row => `a fault of ${text(row, 'at').slice(0, 10)}`,
    check: row => void parseFault(parsed(row, 'data')),
  },
  {
    name: 'drill-answers',
    table: 'drill_answers',
    key: ['id'],
    json: ['data'],
    title: row => `an answer of ${text(row, 'at').slice(0, 10)}`,
    check: row => void parseDrillAnswer(parsed(row, 'data')),
  },
  {
    name: 'photos',
    table: 'photos',
    key: ['sha256'],
    json: [],
    blob: 'data',
    file: row => photoPath('', row as unknown as StoredPhoto),
    title: row => `a photograph of ${text(row, 'at').slice(0, 10)}`,
    check: requirePhoto,
  },
  {
    name: 'service',
    table: 'placements',
    key: ['id'],
    json: ['data'],
    title: titled('name'),
    check: row => void parsePlacement(parsed(row, 'data')),
  },
  {
    name: 'inspections',
    table: 'inspections',
    key: ['id'],
    json: ['data'],
    title: row => `a look of ${text(row, 'at').slice(0, 10)}`,
    check: row => void parseInspection(parsed(row, 'data')),
  },
  {
    name: 'shapes',
    table: 'shapes',
    key: ['part_id'],
    json: [],
    blob: 'data',
    title: titled('name'),
    check: row => {
      const sum = createHash('sha256')
        .update(row.data as Buffer)
        .digest('hex');
      if (sum !== row.sha256) throw new Error('is not what its hash says');
    },
  },
];

/** Tables that are no record of the workshop: what the database keeps for itself, and what takes imports back. */
export const transientTables: readonly string[] = [
  'knex_migrations',
  'knex_migrations_lock',
  'grade_imports',
  'archive_imports',
  // Keys of phones belong to this machine: an archive must not carry them.
  'phones',
];

/** The columns that name a row, as one text. */
export function keyText(kind: RecordKind, row: Row): string {
  return kind.key.map(k => text(row, k)).join('.');
}

/** A row as its file has it: JSON unfolded. */
export function fileOf(kind: RecordKind, row: Row): Row {
  if (kind.toFile) return kind.toFile(row);
  const file = { ...row };
  if (kind.blob) delete file[kind.blob];
  for (const column of kind.json)
    if (typeof row[column] === 'string') file[column] = JSON.parse(row[column]) as unknown;
  return file;
}

/** A file as the row that it was. */
export function rowOf(kind: RecordKind, file: Row): Row {
  if (kind.fromFile) return kind.fromFile(file);
  return Object.fromEntries(
    Object.entries(file).map(([column, value]) => [
      column,
      typeof value === 'object' && value !== null ? JSON.stringify(value) : value,
    ]),
  );
}
