import type { Knex } from 'knex';
import type { StoredWorkshop } from '@hornblende/core/api';
import { parseWorkshop, type WorkshopSettings } from '@hornblende/core/formats';
import { notFound } from '../lib/errors.js';
import { putRecord, requireSum, type Row } from './kind.js';
import { quotes, workshopSettings } from './kinds/workshop.js';
import { damagedRecord } from './revisioned-store.js';
import { writing } from './write-gate.js';

interface QuoteRow extends Row {
  part_id: string;
  each: number;
}

/** The workshop's own settings: one row, and what print services ask for its parts. */
export class WorkshopStore {
  constructor(private readonly db: Knex) {}

  /** The settings, with every default, and the quotes that can be read. @throws HttpProblem 503 where damaged */
  async get(): Promise<StoredWorkshop> {
    const row = (await this.db('workshop').first()) as (Row & { settings: string }) | undefined;
    const rows = (await this.db('part_quotes')) as QuoteRow[];
    return {
      settings: row ? readSettings(row) : parseWorkshop({ format: 'hornblende-workshop', version: 1 }),
      quotes: Object.fromEntries(rows.filter(isSound).map(q => [q.part_id, q.each])),
    };
  }

  /** Replaces the settings. */
  async save(settings: WorkshopSettings, now: string): Promise<StoredWorkshop> {
    const row = { id: 1, settings: JSON.stringify(settings), updated_at: now };
    await writing(this.db, t => putRecord(t, workshopSettings, row));
    return this.get();
  }

  /** Keeps what a print service asks for one part; null forgets it. @throws HttpProblem 404 */
  async quote(partId: string, each: number | null, now: string): Promise<StoredWorkshop> {
    await writing(this.db, async t => {
      if (!(await t('parts').where({ id: partId }).first('id'))) throw notFound('part', partId);
      if (each === null) await t('part_quotes').where({ part_id: partId }).delete();
      else await putRecord(t, quotes, { part_id: partId, each, updated_at: now });
    });
    return this.get();
  }
}

function readSettings(row: Row & { settings: string }): WorkshopSettings {
  try {
    requireSum(workshopSettings, row);
    return parseWorkshop(JSON.parse(row.settings));
  } catch (e) {
    throw damagedRecord('workshop', 'settings', e);
  }
}

function isSound(row: QuoteRow): boolean {
  try {
    requireSum(quotes, row);
    return true;
  } catch {
    return false;
  }
}
