import type { Verification } from '@hornblende/core/api';
import { withDamage } from '../db/verify.js';
import type { Jobs, JobOptions } from '../jobs/jobs.js';

/** Every record of the workshop read through in one thread, while another looks at the pages of its file. */
export async function workshopLookedThrough(jobs: Jobs, how: JobOptions): Promise<Verification> {
  const [damage, found] = await Promise.all([
    jobs.run('checking', 'damageOfFile', { path: null }, { signal: how.signal }),
    jobs.run('checking', 'verifyWorkshop', null, how),
  ]);
  return withDamage(damage, found);
}

/**
 * The same of a copy of a database, with what is in it.
 * @param bySums whether it is enough that records are as they were written: their source was looked through
 */
export async function copyLookedThrough(
  jobs: Jobs,
  path: string,
  bySums: boolean,
): Promise<Verification & { counts: Record<string, number> }> {
  const [damage, found] = await Promise.all([
    jobs.run('checking', 'damageOfFile', { path }),
    jobs.run('checking', 'inspectFile', { path, bySums }),
  ]);
  return withDamage(damage, found);
}
