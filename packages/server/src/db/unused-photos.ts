import { DAY_MS } from '@hornblende/core/lib';
import type { Knex } from 'knex';
import { listReferences } from './check-references.js';
import { recordKinds } from './kinds/index.js';
import { writing } from './write-gate.js';

/** A photograph waits so long for the look that it was sent for, ms. */
const WAITS_MS = 7 * DAY_MS;

/**
 * Forgets photographs that were sent more than a week ago and that nothing names: whatever they were sent for never
 * came. Their files go later, as those that no row knows. @returns how many
 */
export async function forgetUnusedPhotos(db: Knex, now: number): Promise<number> {
  const before = new Date(now - WAITS_MS).toISOString();
  const waiting = async (t: Knex): Promise<string[]> =>
    ((await t('photos').where('at', '<', before).select('sha256')) as { sha256: string }[]).map(
      r => r.sha256,
    );
  // Read before, so that a workshop without any holds up no write.
  if (!(await waiting(db)).length) return 0;
  return writing(db, async t => {
    const used = await usedPhotos(t);
    const unused = (await waiting(t)).filter(sha256 => !used.has(sha256));
    for (const sha256 of unused) await t('photos').where({ sha256 }).delete();
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
