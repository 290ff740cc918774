import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { openDatabase } from '../../src/db/database.js';
import { DecisionStore } from '../../src/db/decisions.js';
import { PartStore } from '../../src/db/parts.js';
import { spools } from '../../src/db/kinds/spools.js';
import { RevisionedStore } from '../../src/db/revisioned-store.js';
import { WeatherStore } from '../../src/db/weathers.js';

let folder = '';
let db: Knex;
const asked: string[] = [];
beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'hornblende-plans-'));
  db = await openDatabase(join(folder, 'x.db'));
  db.on('query', (q: { sql: string; bindings: unknown[] }) => {
    if (q.sql.startsWith('select')) asked.push(db.raw(q.sql, q.bindings as string[]).toQuery());
  });
});
afterAll(async () => {
  await db.destroy();
  rmSync(folder, { recursive: true, force: true });
});

/** How SQLite goes about everything that some work asks it. */
async function plansOf(work: () => Promise<unknown>): Promise<string[]> {
  asked.length = 0;
  await work();
  const plans: string[] = [];
  for (const sql of asked.filter(s => !s.startsWith('explain')))
    for (const { detail } of (await db.raw(`explain query plan ${sql}`)) as { detail: string }[])
      plans.push(detail);
  return plans;
}

const after = (...values: unknown[]): string => Buffer.from(JSON.stringify(values)).toString('base64url');
const first = { limit: 50, after: null };

describe('what is asked of long tables', () => {
  it.each([
    ['the first parts', () => new PartStore(db).listed(first, false)],
    ['the parts after', () => new PartStore(db).listed({ limit: 50, after: after('2026', 'x') }, false)],
    ['parts put away', () => new PartStore(db).listed(first, true)],
    ['a part’s decisions', () => new DecisionStore(db).page('p', first)],
    ['the decisions after', () => new DecisionStore(db).page('p', { limit: 5, after: after('2026', 'x') })],
    ['the newest decisions of some parts', () => new DecisionStore(db).latest(['a', 'b', 'c'])],
    ['the shelf', () => new RevisionedStore(db, spools).page(first)],
    [
      'the shelf after',
      () => new RevisionedStore(db, spools).page({ limit: 50, after: after('pla', '2026', 'x') }),
    ],
    ['years of weather', () => new WeatherStore(db).page(first)],
  ])('%s is found by an index, and not sorted', async (_name, work) => {
    const plans = await plansOf(work);
    expect(plans.length).toBeGreaterThan(0);
    for (const plan of plans) {
      expect(plan).toMatch(/^(SEARCH|SCAN \w+ USING INDEX|LIST SUBQUERY|CORRELATED SCALAR)/);
    }
  });
});
