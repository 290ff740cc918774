import type { Part } from '@hornblende/core/api';
import { parseBrief } from '@hornblende/core/brief';
import { Brief } from '@hornblende/core/formats';
import { PartEnvelope } from '../../lib/envelopes.js';
import { within } from '../../lib/split.js';
import type { DocumentKind, RevisionedRow, Write } from '../document-kind.js';
import { insertRecord, type RecordKind } from '../kind.js';
import { kept, parsed, text, titled } from './fields.js';

/** What a save sets. */
export interface PartContent {
  brief: Brief;
  given: object;
  printerId: string | null;
  weatherId: string | null;
  archived: boolean;
}

/** A part's row. */
export interface PartRow extends RevisionedRow {
  id: string;
  name: string;
  brief: string;
  given: string | null;
  printer_id: string | null;
  weather_id: string | null;
  created_at: string;
  archived_at: string | null;
}

/** How a brief stood after a save. */
export interface VersionRow {
  part_id: string;
  revision: number;
  brief: string;
  printer_id: string | null;
  saved_at: string;
  /** When the first of the saves that it stands for was made; null before this was kept. */
  begun_at: string | null;
}

/** Saves closer together than this are one version: autosave writes every few words. */
const VERSION_MS = 60_000;

/** Parts that are worked on, and those that were put away. */
export const parts: DocumentKind<PartContent, Part, PartRow> = {
  name: 'parts',
  one: 'part',
  table: 'parts',
  key: ['id'],
  json: ['brief', 'given'],
  references: [
    { column: 'printer_id', field: 'printerId', to: 'printers', gone: 'forgotten' },
    { column: 'weather_id', field: 'weatherId', to: 'weathers', gone: 'forgotten' },
  ],
  writtenAt: ['updated_at'],
  revisioned: true,
  title: titled('name'),
  check: row => void parseBrief(parsed(row, 'brief')),
  path: '/parts',
  body: {
    name: 'brief',
    Envelope: PartEnvelope,
    fields: Brief,
    read: (plain, envelope) => {
      const { printerId, weatherId, archived } = envelope as PartEnvelope;
      const brief = within('brief', () => parseBrief(plain));
      return { brief, given: plain as object, printerId, weatherId, archived };
    },
  },
  dated: true,
  order: { columns: ['updated_at', 'id'], direction: 'desc' },
  searchKind: 'parts',
  read,
  columns: ({ brief, given, printerId, weatherId, archived }, before, now) => ({
    name: brief.name,
    brief: JSON.stringify(brief),
    given: JSON.stringify(given),
    printer_id: printerId,
    weather_id: weatherId,
    archived_at: archived ? (before?.archived_at ?? now) : null,
  }),
  written: keepVersion,
  // Nothing goes by one slip.
  mayNotGo: (_t, { id, archived_at: archivedAt }) =>
    Promise.resolve(
      archivedAt === null
        ? {
            field: 'part',
            value: id,
            message: 'is still worked on; put it away before deleting it for good',
          }
        : null,
    ),
};

/** How briefs have stood: a version for each minute of saving. */
export const partVersions: RecordKind = {
  name: 'part-versions',
  one: 'version',
  table: 'part_versions',
  key: ['part_id', 'revision'],
  json: ['brief'],
  references: [{ column: 'part_id', field: null, to: 'parts', gone: 'goes too' }],
  writtenAt: ['saved_at'],
  onlyAdded: true,
  title: row => `version ${text(row, 'revision')} of a brief`,
  check: row => void parseBrief(parsed(row, 'brief')),
};

function read(row: PartRow): Part {
  const brief = kept(Brief, row.brief);
  return {
    id: row.id,
    name: row.name,
    brief,
    given: row.given ? (JSON.parse(row.given) as object) : brief,
    printerId: row.printer_id,
    weatherId: row.weather_id,
    revision: row.revision,
    createdAt: row.created_at,
    updatedAt: row.updated_at,
    archivedAt: row.archived_at,
  };
}

async function keepVersion({ t, key, content, revision, now }: Write<PartContent>): Promise<void> {
  const last = await t<VersionRow>('part_versions')
    .where({ part_id: key })
    .orderBy('revision', 'desc')
    .first();
  const begun = last && (last.begun_at ?? last.saved_at);
  // The first version is kept whatever follows: it is what the part began as. A version stands for the saves of one
  // minute from its first one, so that who saves without a pause has one a minute and not one in all.
  const replaces = last && last.revision > 1 && begun && Date.parse(now) - Date.parse(begun) < VERSION_MS;
  if (replaces) await t('part_versions').where({ part_id: key, revision: last.revision }).delete();
  await insertRecord(t, partVersions, {
    part_id: key,
    revision,
    brief: JSON.stringify(content.brief),
    printer_id: content.printerId,
    saved_at: now,
    begun_at: replaces ? begun : now,
  });
}
