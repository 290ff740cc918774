import type { Knex } from 'knex';
import { parseWorkshop, type WorkshopSettings } from '@hornblende/core';
import { notFound } from '../errors.js';

/** What holds for the whole workshop, with what print services ask for its parts. */
export interface StoredWorkshop {
  settings: WorkshopSettings;
  quotes: Record<string, number>;
}

/** The workshop's own settings: one row. */
export class WorkshopRepository {
  constructor(private readonly db: Knex) {}

  async get(): Promise<StoredWorkshop> {
    const row = await this.db<{ id: number; settings: string }>('workshop').first();
    const quotes = await this.db<{ part_id: string; each: number }>('part_quotes');
    return {
      settings: parseWorkshop(row ? JSON.parse(row.settings) : { format: 'hornblende-workshop', version: 1 }),
      quotes: Object.fromEntries(quotes.map(q => [q.part_id, q.each])),
    };
  }

  async save(settings: WorkshopSettings): Promise<StoredWorkshop> {
    await this.db('workshop')
      .insert({ id: 1, settings: JSON.stringify(settings) })
      .onConflict('id')
      .merge();
    return this.get();
  }

  /** Keeps what a print service asks for one part; null forgets it. @throws HttpProblem 404 */
  async quote(partId: string, each: number | null): Promise<StoredWorkshop> {
    if (!(await this.db('parts').where({ id: partId }).first())) throw notFound('part', partId);
    if (each === null) await this.db('part_quotes').where({ part_id: partId }).delete();
    else await this.db('part_quotes').insert({ part_id: partId, each }).onConflict('part_id').merge();
    return this.get();
  }
}
