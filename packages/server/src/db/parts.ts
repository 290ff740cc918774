import type { Knex } from 'knex';
import { parseBrief, type Brief, type Part, type PartVersion } from '@hornblende/core';
import { HttpProblem } from '../lib/errors.js';
import { pageOf, type Page, type PageAsked } from './page.js';
import { RevisionedStore, type DocumentKind, type RevisionedRow, type Write } from './revisioned-store.js';

/** What a save sets. */
export interface PartContent {
  brief: Brief;
  given: object;
  printerId: string | null;
  weatherId: string | null;
  archived: boolean;
}

interface PartRow extends RevisionedRow {
  id: string;
  name: string;
  brief: string;
  given: string | null;
  printer_id: string | null;
  weather_id: string | null;
  created_at: string;
  archived_at: string | null;
}

interface VersionRow {
  part_id: string;
  revision: number;
  brief: string;
  printer_id: string | null;
  saved_at: string;
}

/** Saves closer together than this are one version: autosave writes every few words. */
const VERSION_MS = 60_000;

const kind: DocumentKind<PartContent, Part, PartRow> = {
  name: 'part',
  table: 'parts',
  keyColumn: 'id',
  dated: true,
  order: { columns: ['updated_at', 'id'], direction: 'desc' },
  read,
  columns: ({ brief, given, printerId, weatherId, archived }, before, now) => ({
    name: brief.name,
    brief: JSON.stringify(brief),
    given: JSON.stringify(given),
    printer_id: printerId,
    weather_id: weatherId,
    archived_at: archived ? (before?.archived_at ?? now) : null,
  }),
  check: requireThings,
  written: keepVersion,
};

function read(row: PartRow): Part {
  const brief = parseBrief(JSON.parse(row.brief));
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

/** Parts in the database, with how their briefs have stood. */
export class PartStore extends RevisionedStore<PartContent, Part, PartRow> {
  constructor(db: Knex) {
    super(db, kind);
  }

  /** A page of the parts that are worked on, last touched first; or of those that were put away. */
  async listed(asked: PageAsked, archived: boolean): Promise<Page<Part>> {
    // As the index has it, so that neither kind is looked for row by row.
    return this.page(asked, query => query.whereRaw('(archived_at is null) = ?', [archived ? 0 : 1]));
  }

  /** A page of how a part's brief has stood, newest first. @throws HttpProblem 404 */
  async versions(id: string, asked: PageAsked): Promise<Page<PartVersion>> {
    await this.row(id);
    return pageOf<VersionRow, PartVersion>(
      this.db<VersionRow>('part_versions').where({ part_id: id }),
      { columns: ['revision'], direction: 'desc' },
      asked,
      r => ({
        revision: r.revision,
        brief: parseBrief(JSON.parse(r.brief)),
        printerId: r.printer_id,
        savedAt: r.saved_at,
      }),
      r => String(r.revision),
    );
  }

  /**
   * Removes a part for good, with its versions, quotes and decisions.
   * @throws HttpProblem 404; 409 while it is not put away, so that nothing goes by one slip
   */
  override async remove(id: string): Promise<void> {
    const { archived_at: archivedAt } = await this.row(id);
    if (archivedAt === null)
      throw new HttpProblem(409, [
        { field: 'part', value: id, message: 'is still worked on; put it away before deleting it for good' },
      ]);
    await super.remove(id);
  }
}

async function keepVersion({ t, key, content, revision, now }: Write<PartContent>): Promise<void> {
  const last = await t<VersionRow>('part_versions')
    .where({ part_id: key })
    .orderBy('revision', 'desc')
    .first();
  // The first version is kept whatever follows: it is what the part began as.
  if (last && last.revision > 1 && Date.parse(now) - Date.parse(last.saved_at) < VERSION_MS)
    await t('part_versions').where({ part_id: key, revision: last.revision }).delete();
  await t('part_versions').insert({
    part_id: key,
    revision,
    brief: JSON.stringify(content.brief),
    printer_id: content.printerId,
    saved_at: now,
  });
}

async function requireThings(db: Knex, { printerId, weatherId }: PartContent): Promise<void> {
  const missing = async (table: string, id: string | null): Promise<boolean> =>
    id !== null && !(await db(table).where({ id }).first('id'));
  if (await missing('printers', printerId)) throw notOurs('printerId', printerId, 'a printer');
  if (await missing('weathers', weatherId)) throw notOurs('weatherId', weatherId, 'weather');
}

function notOurs(field: string, value: string | null, what: string): HttpProblem {
  return new HttpProblem(400, [{ field, value, message: `is not ${what} of this workshop` }]);
}
