import type { Knex } from 'knex';
import { parseWorkshop, type StoredWorkshop, type WorkshopSettings } from '@hornblende/core';
import { notFound } from '../lib/errors.js';
import { writing } from './write-gate.js';

/** The workshop's own settings: one row. */
export class WorkshopStore {
  constructor(private readonly db: Knex) {}

  /** The settings, with every default, and the quotes. */
  async get(): Promise<StoredWorkshop> {
    const row = await this.db<{ id: number; settings: string }>('workshop').first();
    const quotes = await this.db<{ part_id: string; each: number }>('part_quotes');
    return {
      settings: parseWorkshop(row ? JSON.parse(row.settings) : { format: 'hornblende-workshop', version: 1 }),
      quotes: Object.fromEntries(quotes.map(q => [q.part_id, q.each])),
    };
  }

  /** Replaces the settings. */
  async save(settings: WorkshopSettings): Promise<StoredWorkshop> {
    const row = { id: 1, settings: JSON.stringify(settings) };
    await writing(this.db, async t => {
      await t('workshop').insert(row).onConflict('id').merge();
    });
    return this.get();
  }

  /** Keeps what a print service asks for one part; null forgets it. @throws HttpProblem 404 */
  async quote(partId: string, each: number | null): Promise<StoredWorkshop> {
    if (!(await this.db('parts').where({ id: partId }).first())) throw notFound('part', partId);
    await writing(this.db, async t => {
      if (each === null) await t('part_quotes').where({ part_id: partId }).delete();
      else await t('part_quotes').insert({ part_id: partId, each }).onConflict('part_id').merge();
    });
    return this.get();
  }
}
