import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { parsePrinter, type Printer } from '@hornblende/core';
import { notFound, staleWrite } from '../errors.js';

/** A printer as the API gives it. */
export interface StoredPrinter {
  id: string;
  profile: Printer;
  isDefault: boolean;
  revision: number;
  updatedAt: string;
}

interface PrinterRow {
  id: string;
  name: string;
  profile: string;
  is_default: number;
  revision: number;
  created_at: string;
  updated_at: string;
}

function toPrinter(row: PrinterRow): StoredPrinter {
  return {
    id: row.id,
    profile: parsePrinter(JSON.parse(row.profile)),
    isDefault: Boolean(row.is_default),
    revision: row.revision,
    updatedAt: row.updated_at,
  };
}

/** Printers in the database; exactly one is the default while there are any. */
export class PrinterRepository {
  constructor(private readonly db: Knex) {}

  async list(): Promise<StoredPrinter[]> {
    return (
      await this.db<PrinterRow>('printers').orderBy([
        { column: 'is_default', order: 'desc' },
        { column: 'name' },
      ])
    ).map(toPrinter);
  }

  /** @throws HttpProblem 404 */
  async get(id: string): Promise<StoredPrinter> {
    const row = await this.db<PrinterRow>('printers').where({ id }).first();
    if (!row) throw notFound('printer', id);
    return toPrinter(row);
  }

  async create(profile: Printer, isDefault: boolean, now: string): Promise<StoredPrinter> {
    const id = randomUUID();
    await this.db.transaction(async t => {
      const first = !(await t('printers').first());
      if (isDefault) await t('printers').update({ is_default: false });
      await t('printers').insert({
        id,
        name: profile.name,
        profile: JSON.stringify(profile),
        is_default: isDefault || first,
        revision: 1,
        created_at: now,
        updated_at: now,
      });
    });
    return this.get(id);
  }

  /** @throws HttpProblem 409 with `current` when someone else saved since `revision` */
  async update(
    id: string,
    profile: Printer,
    isDefault: boolean,
    revision: number,
    now: string,
  ): Promise<StoredPrinter> {
    const before = await this.get(id);
    const changed = await this.db.transaction(async t => {
      const n = await t('printers')
        .where({ id, revision })
        .update({
          name: profile.name,
          profile: JSON.stringify(profile),
          revision: revision + 1,
          updated_at: now,
        });
      if (n && isDefault && !before.isDefault) {
        await t('printers').update({ is_default: false });
        await t('printers').where({ id }).update({ is_default: true });
      }
      return n;
    });
    const current = await this.get(id);
    if (!changed) throw staleWrite(revision, current);
    return current;
  }

  /** Removes a printer; parts that used it fall back to none, and another becomes the default. */
  async remove(id: string): Promise<void> {
    const gone = await this.get(id);
    await this.db.transaction(async t => {
      await t('printers').where({ id }).delete();
      const next = gone.isDefault ? await t<PrinterRow>('printers').orderBy('name').first() : undefined;
      if (next) await t('printers').where({ id: next.id }).update({ is_default: true });
    });
  }
}
