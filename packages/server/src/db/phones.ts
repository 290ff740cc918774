import type { PairedPhone } from '@hornblende/core/api';
import type { Knex } from 'knex';
import { createHash, randomBytes, randomUUID } from 'node:crypto';
import { notFound } from '../lib/errors.js';
import { writing } from './write-gate.js';

interface PhoneRow {
  id: string;
  name: string;
  key_hash: string;
  paired_at: string;
  seen_at: string | null;
  withdrawn_at: string | null;
}

/** A key that is not used for so long is no longer heard, ms. */
const IDLE_MS = 90 * 86_400_000;

/** When a phone's key runs out unless it is used. */
function endOf(row: Pick<PhoneRow, 'seen_at' | 'paired_at'>): string {
  return new Date(Date.parse(row.seen_at ?? row.paired_at) + IDLE_MS).toISOString();
}

/** A phone's key is told once, to the phone; only its hash is kept. */
function hashOf(key: string): string {
  return createHash('sha256').update(key).digest('hex');
}

/** Phones that may look at parts in service, each by a key of its own. */
export class PhoneStore {
  constructor(private readonly db: Knex) {}

  /** Every phone, the last paired first. */
  async all(): Promise<PairedPhone[]> {
    const rows = (await this.db('phones').orderBy('paired_at', 'desc')) as PhoneRow[];
    return rows.map(r => ({
      id: r.id,
      name: r.name,
      pairedAt: r.paired_at,
      seenAt: r.seen_at,
      withdrawnAt: r.withdrawn_at,
      endsAt: endOf(r),
    }));
  }

  /** Pairs a phone. @returns its key, which is not kept */
  async pair(name: string, now: string): Promise<string> {
    const key = randomBytes(32).toString('base64url');
    await writing(this.db, async t => {
      await t('phones').insert({ id: randomUUID(), name, key_hash: hashOf(key), paired_at: now });
    });
    return key;
  }

  /** The phone that a key belongs to, seen now; null for no key, a wrong one, one that was withdrawn or ran out. */
  async byKey(key: string | null, now: string): Promise<{ id: string; name: string } | null> {
    if (!key) return null;
    const row = (await this.db('phones')
      .where({ key_hash: hashOf(key) })
      .whereNull('withdrawn_at')
      .first()) as PhoneRow | undefined;
    if (!row || endOf(row) < now) return null;
    // To the hour: a phone that looks at twenty parts need not write twenty times.
    if (row.seen_at?.slice(0, 13) !== now.slice(0, 13))
      await writing(this.db, async t => {
        await t('phones').where({ id: row.id }).update({ seen_at: now });
      });
    return { id: row.id, name: row.name };
  }

  /** Withdraws a phone's key: it is refused from now on. @throws HttpProblem 404 */
  async withdraw(id: string, now: string): Promise<void> {
    const changed = await writing(this.db, t =>
      t('phones').where({ id }).whereNull('withdrawn_at').update({ withdrawn_at: now }),
    );
    if (!changed) throw notFound('phone', id);
  }
}
