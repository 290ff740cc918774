import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { parseBrief, type Brief } from '@hornblende/core';
import { HttpProblem, notFound, staleWrite } from '../errors.js';

/** A part as the API gives it. `given` is the brief as it was said, `brief` the same with every default. */
export interface Part {
  id: string;
  name: string;
  brief: Brief;
  given: object;
  printerId: string | null;
  weatherId: string | null;
  revision: number;
  createdAt: string;
  updatedAt: string;
  archivedAt: string | null;
}

/** A brief as it stood after a save. */
export interface PartVersion {
  revision: number;
  brief: Brief;
  printerId: string | null;
  savedAt: string;
}

/** What a save sets. */
export interface PartContent {
  brief: Brief;
  given: object;
  printerId: string | null;
  weatherId: string | null;
}

interface PartRow {
  id: string;
  name: string;
  brief: string;
  given: string | null;
  printer_id: string | null;
  weather_id: string | null;
  revision: number;
  created_at: string;
  updated_at: string;
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

function toPart(row: PartRow): Part {
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

function columns(c: PartContent): Pick<PartRow, 'name' | 'brief' | 'given' | 'printer_id' | 'weather_id'> {
  return {
    name: c.brief.name,
    brief: JSON.stringify(c.brief),
    given: JSON.stringify(c.given),
    printer_id: c.printerId,
    weather_id: c.weatherId,
  };
}

/** Parts in the database. A write names the revision it was made from; a stale one is refused with the current part. */
export class PartRepository {
  constructor(private readonly db: Knex) {}

  /** Every part, last touched first; archived ones only when asked for. */
  async list(archived = false): Promise<Part[]> {
    const query = this.db<PartRow>('parts').orderBy([
      { column: 'updated_at', order: 'desc' },
      { column: 'name' },
    ]);
    return (archived ? await query : await query.whereNull('archived_at')).map(toPart);
  }

  /** @throws HttpProblem 404 */
  async get(id: string): Promise<Part> {
    const row = await this.db<PartRow>('parts').where({ id }).first();
    if (!row) throw notFound('part', id);
    return toPart(row);
  }

  async create(content: PartContent, now: string): Promise<Part> {
    await this.requireThings(content);
    const id = randomUUID();
    await this.db.transaction(async t => {
      await t('parts').insert({
        id,
        ...columns(content),
        revision: 1,
        created_at: now,
        updated_at: now,
        archived_at: null,
      });
      await this.keepVersion(t, id, 1, content, now);
    });
    return this.get(id);
  }

  /** @throws HttpProblem 409 with `current` when someone else saved since `revision` */
  async update(
    id: string,
    content: PartContent,
    archived: boolean,
    revision: number,
    now: string,
  ): Promise<Part> {
    await this.requireThings(content);
    const before = await this.get(id);
    const changed = await this.db.transaction(async t => {
      const n = await t('parts')
        .where({ id, revision })
        .update({
          ...columns(content),
          revision: revision + 1,
          updated_at: now,
          archived_at: archived ? (before.archivedAt ?? now) : null,
        });
      if (n) await this.keepVersion(t, id, revision + 1, content, now);
      return n;
    });
    const current = await this.get(id);
    if (!changed) throw staleWrite(revision, current);
    return current;
  }

  /** How a part's brief has stood, newest first. @throws HttpProblem 404 */
  async versions(id: string): Promise<PartVersion[]> {
    await this.get(id);
    const rows = await this.db<VersionRow>('part_versions')
      .where({ part_id: id })
      .orderBy('revision', 'desc');
    return rows.map(r => ({
      revision: r.revision,
      brief: parseBrief(JSON.parse(r.brief)),
      printerId: r.printer_id,
      savedAt: r.saved_at,
    }));
  }

  private async keepVersion(
    t: Knex.Transaction,
    id: string,
    revision: number,
    content: PartContent,
    now: string,
  ): Promise<void> {
    const last = await t<VersionRow>('part_versions')
      .where({ part_id: id })
      .orderBy('revision', 'desc')
      .first();
    // The first version is kept whatever follows: it is what the part began as.
    if (last && last.revision > 1 && Date.parse(now) - Date.parse(last.saved_at) < VERSION_MS)
      await t('part_versions').where({ part_id: id, revision: last.revision }).delete();
    await t('part_versions').insert({
      part_id: id,
      revision,
      brief: JSON.stringify(content.brief),
      printer_id: content.printerId,
      saved_at: now,
    });
  }

  private async requireThings({ printerId, weatherId }: PartContent): Promise<void> {
    if (printerId !== null && !(await this.db('printers').where({ id: printerId }).first()))
      throw new HttpProblem(400, [
        { field: 'printerId', value: printerId, message: 'is not a printer of this workshop' },
      ]);
    if (weatherId !== null && !(await this.db('weathers').where({ id: weatherId }).first()))
      throw new HttpProblem(400, [
        { field: 'weatherId', value: weatherId, message: 'is not weather of this workshop' },
      ]);
  }
}
