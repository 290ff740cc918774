import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { familyByKey, parseSpool, type Spool } from '@hornblende/core';
import { HttpProblem, notFound, staleWrite } from '../errors.js';

/** A spool as the API gives it. */
export interface StoredSpool {
  id: string;
  spool: Spool;
  revision: number;
  updatedAt: string;
}

interface SpoolRow {
  id: string;
  material: string;
  data: string;
  revision: number;
  created_at: string;
  updated_at: string;
}

function toSpool(row: SpoolRow): StoredSpool {
  return {
    id: row.id,
    spool: parseSpool(JSON.parse(row.data)),
    revision: row.revision,
    updatedAt: row.updated_at,
  };
}

/** The shelf. A write names the revision it was made from. */
export class SpoolRepository {
  constructor(private readonly db: Knex) {}

  async list(): Promise<StoredSpool[]> {
    return (await this.db<SpoolRow>('spools').orderBy(['material', 'created_at', 'id'])).map(toSpool);
  }

  /** @throws HttpProblem 404 */
  async get(id: string): Promise<StoredSpool> {
    const row = await this.db<SpoolRow>('spools').where({ id }).first();
    if (!row) throw notFound('spool', id);
    return toSpool(row);
  }

  async create(spool: Spool, now: string): Promise<StoredSpool> {
    await this.requireMaterial(spool);
    const id = randomUUID();
    await this.db<SpoolRow>('spools').insert({
      id,
      material: spool.material,
      data: JSON.stringify(spool),
      revision: 1,
      created_at: now,
      updated_at: now,
    });
    return this.get(id);
  }

  /** @throws HttpProblem 409 with `current` when someone else saved since `revision` */
  async update(id: string, spool: Spool, revision: number, now: string): Promise<StoredSpool> {
    await this.get(id);
    await this.requireMaterial(spool);
    const changed = await this.db<SpoolRow>('spools')
      .where({ id, revision })
      .update({
        material: spool.material,
        data: JSON.stringify(spool),
        revision: revision + 1,
        updated_at: now,
      });
    const current = await this.get(id);
    if (!changed) throw staleWrite(revision, current);
    return current;
  }

  /** @throws HttpProblem 404 */
  async remove(id: string): Promise<void> {
    await this.get(id);
    await this.db<SpoolRow>('spools').where({ id }).delete();
  }

  private async requireMaterial({ material }: Spool): Promise<void> {
    if (!familyByKey(material) && !(await this.db('grades').where({ key: material }).first()))
      throw new HttpProblem(400, [
        {
          field: 'spool.material',
          value: material,
          message: 'is neither a family nor a grade of this library',
        },
      ]);
  }
}
