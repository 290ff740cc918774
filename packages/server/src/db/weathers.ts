import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { annualGhiKWhm2, highest, lowest, type Weather } from '@hornblende/core';
import { notFound } from '../errors.js';

/** Stored weather without its hours. */
export interface WeatherSummary {
  id: string;
  name: string;
  createdAt: string;
  hours: number;
  airMinC: number;
  airMaxC: number;
  ghiKWhm2Year: number;
}

interface WeatherRow {
  id: string;
  name: string;
  data: string;
  created_at: string;
}

/** Hourly weather that users brought, for briefs whose climate is their own. */
export class WeatherRepository {
  constructor(private readonly db: Knex) {}

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
