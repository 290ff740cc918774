import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import type { WeatherSummary } from '@hornblende/core/api';
import { yearSpan, type Weather } from '@hornblende/core/climate';
import { notFound } from '../lib/errors.js';
import { insertRecord, requireSum, type Row } from './kind.js';
import { weathers } from './kinds/weathers.js';
import { damagedRecord } from './revisioned-store.js';
import { pageOf, type ListOrder, type Page, type PageAsked } from './page.js';
import { writing } from './write-gate.js';

interface WeatherRow extends Row {
  id: string;
  name: string;
  data: string;
  /** What the hours come to, kept beside them so that lists read none of them. */
  summary: string | null;
  created_at: string;
}

type Summary = Omit<WeatherSummary, 'id' | 'name' | 'createdAt'>;
type SummaryRow = Pick<WeatherRow, 'id' | 'name' | 'summary' | 'created_at'>;
const summaryColumns = ['id', 'name', 'summary', 'created_at'];
const byName: ListOrder = { columns: ['name', 'id'], direction: 'asc' };

/** What a year of weather comes to. */
export function summarised(w: Weather): Summary {
  const { airMinC, airMaxC, ghiKWhm2Year } = yearSpan(w);
  return { hours: w.airC.length, airMinC, airMaxC, ghiKWhm2Year };
}

/** Hourly weather that users brought, for briefs whose climate is their own. */
export class WeatherStore {
  constructor(private readonly db: Knex) {}

  /** A page of the years of weather, without their hours. */
  async page(asked: PageAsked): Promise<Page<WeatherSummary>> {
    const read = (row: SummaryRow): WeatherSummary => ({
      id: row.id,
      name: row.name,
      createdAt: row.created_at,
      ...(JSON.parse(row.summary ?? '') as Summary),
    });
    return pageOf(this.db<WeatherRow>('weathers'), byName, asked, read, row => row.id, summaryColumns);
  }

  /** @throws HttpProblem 404 */
  async get(id: string): Promise<Weather> {
    const row = await this.db<WeatherRow>('weathers').where({ id }).first();
    if (!row) throw notFound('weather', id);
    try {
      requireSum(weathers, row);
      return JSON.parse(row.data) as Weather;
    } catch (e) {
      throw damagedRecord(weathers.one, id, e);
    }
  }

  /** Keeps a year of weather. */
  async add(weather: Weather, now: string): Promise<{ id: string; name: string }> {
    const id = randomUUID();
    const row: WeatherRow = {
      id,
      name: weather.name,
      data: JSON.stringify(weather),
      summary: JSON.stringify(summarised(weather)),
      created_at: now,
    };
    await writing(this.db, async t => {
      await insertRecord(t, weathers, row);
    });
    return { id, name: weather.name };
  }

  /** Removes weather; parts that used it fall back to the default site. */
  async remove(id: string): Promise<void> {
    const gone = await writing(this.db, t => t('weathers').where({ id }).delete());
    if (!gone) throw notFound('weather', id);
  }
}
