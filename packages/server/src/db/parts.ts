import type { Part, PartVersion } from '@hornblende/core/api';
import { Brief } from '@hornblende/core/formats';
import type { Knex } from 'knex';
import { requireSum, type Row } from './kind.js';
import { kept } from './kinds/fields.js';
import { parts, partVersions, type PartContent, type PartRow, type VersionRow } from './kinds/parts.js';
import { pageOf, type Page, type PageAsked } from './page.js';
import { RevisionedStore } from './revisioned-store.js';

/** Parts in the database, with how their briefs have stood. */
export class PartStore extends RevisionedStore<PartContent, Part, PartRow> {
  constructor(db: Knex) {
    super(db, parts);
  }

  /** A page of the parts that are worked on, last touched first; or of those that were put away. */
  async listed(asked: PageAsked & { search?: string | null }, archived: boolean): Promise<Page<Part>> {
    // As the index has it, so that neither kind is looked for row by row.
    return this.page(asked, query => query.whereRaw('(archived_at is null) = ?', [archived ? 0 : 1]));
  }

  /** A page of how a part's brief has stood, newest first. @throws HttpProblem 404 */
  async versions(id: string, asked: PageAsked): Promise<Page<PartVersion>> {
    await this.row(this.db, id);
    return pageOf<VersionRow, PartVersion>(
      this.db<VersionRow>('part_versions').where({ part_id: id }),
      { columns: ['revision'], direction: 'desc' },
      asked,
      row => {
        requireSum(partVersions, row as unknown as Row);
        return {
          revision: row.revision,
          brief: kept(Brief, row.brief),
          printerId: row.printer_id,
          savedAt: row.saved_at,
        };
      },
      row => String(row.revision),
    );
  }
}
