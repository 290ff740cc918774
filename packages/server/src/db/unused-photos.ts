import { DAY_MS } from '@hornblende/core/lib';
import type { Knex } from 'knex';
import { listReferences } from './check-references.js';
import { recordKinds } from './kinds/index.js';
import { writing } from './write-gate.js';

/** A photograph waits so long for the look that it was sent for, ms. */
const WAITS_MS = 7 * DAY_MS;

/**
 * Forgets photographs that were sent more than a week ago and that nothing names: whatever they were sent for never
 * came. Their files go later, as those that no row knows. It reads every look: a task for a thread. @returns how many
 */
export async function forgetUnusedPhotos(db: Knex, now: number): Promise<number> {
  const before = new Date(now - WAITS_MS).toISOString();
  return writing(db, async t => {
    const used = await usedPhotos(t);
    const waiting = (await t('photos').where('at', '<', before).select('sha256')) as { sha256: string }[];
    const unused = waiting.filter(({ sha256 }) => !used.has(sha256));
    for (const { sha256 } of unused) await t('photos').where({ sha256 }).delete();
    return unused.length;
  });
}

/** Every photograph that a record names, by what each kind of record says of its references. */
async function usedPhotos(t: Knex): Promise<Set<string>> {
  const used = new Set<string>();
  for (const kind of recordKinds)
    for (const { each, value, to } of listReferences(kind)) {
      if (to !== 'photos') continue;
      const rows = (await t.raw(`select distinct ${value} as named from ${kind.table} x, ${each} e`)) as {
        named: string | null;
      }[];
      for (const { named } of rows) if (named !== null) used.add(named);
    }
  return used;
}
