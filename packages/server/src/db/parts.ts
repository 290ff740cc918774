import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { parseBrief, type Brief } from '@hornblende/core';
import { HttpProblem, notFound } from '../errors.js';

/** A part as the API gives it. */
export interface Part {
  id: string;
  name: string;
  brief: Brief;
  printerId: string | null;
  revision: number;
  createdAt: string;
  updatedAt: string;
  archivedAt: string | null;
}

interface PartRow { id: string; name: string; brief: string; printer_id: string | null; revision: number; created_at: string; updated_at: string; archived_at: string | null }

function toPart(row: PartRow): Part {
  return {
    id: row.id, name: row.name, brief: parseBrief(JSON.parse(row.brief)), printerId: row.printer_id, revision: row.revision,
    createdAt: row.created_at, updatedAt: row.updated_at, archivedAt: row.archived_at,
  };
}

/** Parts in the database. A write names the revision it was made from; a stale one is refused with the current part. */
export class PartRepository {
  constructor(private readonly db: Knex) {}

  private table(): Knex.QueryBuilder<PartRow, PartRow[]> { return this.db<PartRow>('parts') as Knex.QueryBuilder<PartRow, PartRow[]>; }

  /** Every part, last touched first; archived ones only when asked for. */
  async list(archived = false): Promise<Part[]> {
    const query = this.table().orderBy([{ column: 'updated_at', order: 'desc' }, { column: 'name' }]);
    const rows = archived ? await query : await query.whereNull('archived_at');
    return (rows as PartRow[]).map(toPart);
  }

  /** @throws HttpProblem 404 */
  async get(id: string): Promise<Part> {
    const row = await this.table().where({ id }).first() as PartRow | undefined;
    if (!row) throw notFound('part', id);
    return toPart(row);
  }

  async create(brief: Brief, printerId: string | null, now: string): Promise<Part> {
    await this.requirePrinter(printerId);
    const id = randomUUID();
    await this.table().insert({ id, name: brief.name, brief: JSON.stringify(brief), printer_id: printerId, revision: 1, created_at: now, updated_at: now, archived_at: null });
    return this.get(id);
  }

  /** @throws HttpProblem 409 with `current` when someone else saved since `revision` */
  async update(id: string, change: { brief: Brief; printerId: string | null; archived: boolean }, revision: number, now: string): Promise<Part> {
    await this.requirePrinter(change.printerId);
    const before = await this.get(id);
    const changed = await this.table().where({ id, revision }).update({
      name: change.brief.name, brief: JSON.stringify(change.brief), printer_id: change.printerId, revision: revision + 1, updated_at: now,
      archived_at: change.archived ? before.archivedAt ?? now : null,
    });
    const current = await this.get(id);
    if (!changed) throw new HttpProblem(409, [{ field: 'revision', value: revision, message: `was saved from elsewhere; it is now ${current.revision}` }], { current });
    return current;
  }

  private async requirePrinter(printerId: string | null): Promise<void> {
    if (printerId !== null && !(await this.db('printers').where({ id: printerId }).first())) throw new HttpProblem(400, [{ field: 'printerId', value: printerId, message: 'is not a printer of this workshop' }]);
  }
}
