import type { DocumentKind, RevisionedRow } from '../document-kind.js';
import type { RecordKind } from '../kind.js';
import { decisions, libraries, pieces } from './decisions.js';
import { drillAnswers } from './drill-answers.js';
import { faults } from './faults.js';
import { grades } from './grades.js';
import { inspections } from './inspections.js';
import { maps } from './maps.js';
import { marks } from './marks.js';
import { parts, partVersions } from './parts.js';
import { photos } from './photos.js';
import { placements } from './placements.js';
import { printers } from './printers.js';
import { prints } from './prints.js';
import { shapes } from './shapes.js';
import { spools } from './spools.js';
import { trials } from './trials.js';
import { weathers } from './weathers.js';
import { quotes, workshopSettings } from './workshop.js';

/** Every kind of document, by the name of its list. */
export const documentKinds = {
  printers,
  grades,
  spools,
  parts,
  prints,
  trials,
  faults,
  placements,
  maps,
} as const;

/** Kinds of documents by the names of their lists. */
export type DocumentKindName = keyof typeof documentKinds;

/** Every kind of document as what all have in common, by the name of its list. */
export const describedDocuments = Object.entries(documentKinds) as unknown as readonly [
  DocumentKindName,
  AnyDocumentKind,
][];

/** The kinds whose routes are those of any document. */
export const plainDocuments = describedDocuments.filter(([, kind]) => kind.plain);

/** A document of whatever kind: for what all have in common. */
export type AnyDocumentKind = DocumentKind<unknown, { revision: number }, RevisionedRow>;

/** Every kind of record, in the order in which they refer to each other: what is referred to comes first. */
export const recordKinds: readonly RecordKind[] = [
  marks,
  workshopSettings,
  printers,
  weathers,
  grades,
  spools,
  parts,
  partVersions,
  quotes,
  libraries,
  pieces,
  decisions,
  prints,
  trials,
  faults,
  drillAnswers,
  photos,
  placements,
  inspections,
  maps,
  shapes,
];

/** Tables that are no record of the workshop: what the database keeps for itself, and what takes imports back. */
export const transientTables: readonly string[] = [
  'knex_migrations',
  'knex_migrations_lock',
  'grade_imports',
  'archive_imports',
  // The words of the search are kept by triggers, and made anew where they are lost; the rest is SQLite's own index.
  'search_entries',
  'search_words',
  ...['config', 'data', 'docsize', 'idx'].map(of => `search_words_${of}`),
  // Keys of phones belong to this machine: an archive must not carry them.
  'phones',
];
