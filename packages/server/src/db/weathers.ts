import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { annualGhiKWhm2, highest, lowest, type Weather, type WeatherSummary } from '@hornblende/core';
import { notFound } from '../http/errors.js';

interface WeatherRow {
  id: string;
  name: string;
  data: string;
  created_at: string;
}

/** Hourly weather that users brought, for briefs whose climate is their own. */
export class WeatherStore {
  constructor(private readonly db: Knex) {}

  /** Every year of weather, without its hours. */
  async list(): Promise<WeatherSummary[]> {
    const rows = await this.db<WeatherRow>('weathers').orderBy('name');
    return rows.map(r => {
      const w = JSON.parse(r.data) as Weather;
      return {
        id: r.id,
        name: r.name,
        createdAt: r.created_at,
        hours: w.airC.length,
        airMinC: lowest(w.airC),
        airMaxC: highest(w.airC),
        ghiKWhm2Year: annualGhiKWhm2(w),
      };
    });
  }

  /** @throws HttpProblem 404 */
  async get(id: string): Promise<Weather> {
    const row = await this.db<WeatherRow>('weathers').where({ id }).first();
    if (!row) throw notFound('weather', id);
    return JSON.parse(row.data) as Weather;
  }

  /** Keeps a year of weather. */
  async add(weather: Weather, now: string): Promise<{ id: string; name: string }> {
    const id = randomUUID();
    await this.db('weathers').insert({
      id,
      name: weather.name,
      data: JSON.stringify(weather),
      created_at: now,
    });
    return { id, name: weather.name };
  }

  /** Removes weather; parts that used it fall back to the default site. */
  async remove(id: string): Promise<void> {
    if (!(await this.db('weathers').where({ id }).delete())) throw notFound('weather', id);
  }
}
