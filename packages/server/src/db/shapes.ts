import type { StoredShape } from '@hornblende/core/api';
import type { Knex } from 'knex';
import { createHash } from 'node:crypto';
import { notFound } from '../lib/errors.js';
import { putRecord, requireSum, type Row } from './kind.js';
import { shapes } from './kinds/shapes.js';
import { damagedRecord } from './revisioned-store.js';
import { writing } from './write-gate.js';

interface ShapeRow {
  part_id: string;
  name: string;
  unit: string | null;
  sha256: string;
  bytes: number;
  updated_at: string;
  data: Buffer;
}

const facts = ['part_id', 'name', 'unit', 'sha256', 'bytes', 'updated_at', 'sum'] as const;

/** The files that parts were taken from, one a part, as they were given. */
export class ShapeStore {
  constructor(private readonly db: Knex) {}

  /** What is kept of a part; null where it has no file. */
  async facts(partId: string): Promise<StoredShape | null> {
    const row = (await this.db<ShapeRow>('shapes')
      .where({ part_id: partId })
      .first(...facts)) as Omit<ShapeRow, 'data'> | undefined;
    if (!row) return null;
    try {
      requireSum(shapes, row as unknown as Row);
    } catch (e) {
      throw damagedRecord(shapes.one, partId, e);
    }
    return read(row);
  }

  /** The file itself. @throws HttpProblem 404; 503 where it is damaged */
  async bytes(partId: string): Promise<Buffer> {
    const row = await this.db<ShapeRow>('shapes').where({ part_id: partId }).first('data', 'sha256');
    if (!row) throw notFound('shape', partId);
    try {
      shapes.check(row as unknown as Row);
    } catch (e) {
      throw damagedRecord(shapes.one, partId, e);
    }
    return row.data;
  }

  /** Keeps a part's file in place of any other. @throws HttpProblem 404 for a part that is not there */
  async put(
    partId: string,
    name: string,
    unit: string | null,
    data: Buffer,
    now: string,
  ): Promise<StoredShape> {
    const row = {
      part_id: partId,
      name,
      unit,
      sha256: createHash('sha256').update(data).digest('hex'),
      bytes: data.length,
      updated_at: now,
      data,
    };
    await writing(this.db, async t => {
      if (!(await t('parts').where({ id: partId }).first('id'))) throw notFound('part', partId);
      await putRecord(t, shapes, row);
    });
    return read(row);
  }

  /** Forgets a part's file. */
  async remove(partId: string): Promise<void> {
    await writing(this.db, async t => {
      await t('shapes').where({ part_id: partId }).delete();
    });
  }
}

function read(row: Omit<ShapeRow, 'data'>): StoredShape {
  return {
    partId: row.part_id,
    name: row.name,
    unit: row.unit,
    bytes: row.bytes,
    sha256: row.sha256,
    updatedAt: row.updated_at,
  };
}
