import knex, { type Knex } from 'knex';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, describe, expect, it } from 'vitest';
import { unsummedColumns } from '../../src/db/kind.js';
import { spools } from '../../src/db/kinds/spools.js';
import { migrationSource, steps } from '../../src/db/migrations/index.js';
import { recordSum, type Row } from '../../src/db/record-sum.js';

const folders: string[] = [];
const open = async (): Promise<Knex> => {
  const folder = mkdtempSync(join(tmpdir(), 'hornblende-migrations-'));
  folders.push(folder);
  return knex({
    client: 'better-sqlite3',
    connection: { filename: join(folder, 'hornblende.sqlite') },
    useNullAsDefault: true,
  });
};
afterEach(() => {
  for (const folder of folders.splice(0)) rmSync(folder, { recursive: true, force: true });
});
/** Every table with its columns, as the file has them. */
async function schema(db: Knex): Promise<string[]> {
  const tables = (await db('sqlite_master').where({ type: 'table' }).orderBy('name').select('name')) as {
    name: string;
  }[];
  const lines: string[] = [];
  for (const { name } of tables)
    lines.push(
      `${name}: ${Object.keys(await db(name).columnInfo())
        .sort()
        .join(' ')}`,
    );
  return lines;
}

describe('a data file of an older release', () => {
  it.each(steps.map((s, i) => [s.name, i + 1] as const))(
    'that stopped at %s is brought to the present schema, its rows kept',
    async (_name, known) => {
      const fresh = await open();
      await fresh.migrate.latest({ migrationSource: migrationSource(steps) });
      const old = await open();
      await old.migrate.latest({ migrationSource: migrationSource(steps.slice(0, known)) });
      const row = {
        id: 'p1',
        name: 'Kept',
        brief: JSON.stringify({ format: 'hornblende-brief', version: 1, name: 'Kept' }),
        revision: 1,
        created_at: '2026-01-01T00:00:00.000Z',
        updated_at: '2026-01-01T00:00:00.000Z',
      };
      await old('parts').insert(row);
      await old.migrate.latest({ migrationSource: migrationSource(steps) });
      expect(await schema(old)).toEqual(await schema(fresh));
      expect(await old('parts').first()).toMatchObject(row);
      await Promise.all([fresh.destroy(), old.destroy()]);
    },
  );
});

describe('a family that was renamed', () => {
  it('is renamed wherever a record has it, with its checksum; other words and a decision stay', async () => {
    const db = await open();
    await db.migrate.latest({ migrationSource: migrationSource(steps.slice(0, 12)) });
    const at = '2026-01-01T00:00:00.000Z';
    const row = (id: string, material: string, note: string): Row => ({
      id,
      material,
      data: JSON.stringify({ format: 'hornblende-spool', version: 1, material, note }),
      revision: 1,
      created_at: at,
      updated_at: at,
      sum: 1,
    });
    await db('spools').insert([
      row('a', 'pa-easy', 'pa-easy is easy'),
      row('b', 'pla', 'for pa-easy prints'),
    ]);
    const renamed = steps.slice(0, 13);
    await db.migrate.latest({ migrationSource: migrationSource(renamed) });
    const [a, b] = (await db('spools').orderBy('id')) as Row[];
    expect(a).toMatchObject({ material: 'pa-copolymer' });
    expect(JSON.parse(String(a!.data))).toMatchObject({ material: 'pa-copolymer', note: 'pa-easy is easy' });
    expect(a!.sum).toBe(recordSum(a!, unsummedColumns(spools)));
    expect(b).toEqual(row('b', 'pla', 'for pa-easy prints'));
    await db.migrate.down({ migrationSource: migrationSource(renamed) });
    expect(await db('spools').where({ id: 'a' }).first()).toMatchObject({ material: 'pa-easy' });
    await db.destroy();
  });
});
