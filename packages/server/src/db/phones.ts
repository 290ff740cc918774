import type { PairedPhone } from '@hornblende/core/api';
import { DAY_MS } from '@hornblende/core/lib';
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
  /** Since when its key holds; null for one of before keys were changed. */
  key_at: string | null;
  /** The key that it was given in place of it, until it is used, and when. */
  next_hash: string | null;
  next_at: string | null;
}

/** A phone that was recognised by its key. */
export interface KnownPhone {
  id: string;
  name: string;
  /** The key that it is to use from now on; null where the one that it has will do. */
  nextKey: string | null;
}

/** A key that is not used for so long is no longer heard, ms. */
export const IDLE_MS = 90 * DAY_MS;
/** A key that is older is changed as it is used, ms. */
const CHANGED_AFTER_MS = 7 * DAY_MS;
/** A next key that was given and not used since is taken as lost on its way, ms: another one is given. */
const LOST_AFTER_MS = 60_000;

/** When a phone's key runs out unless it is used. */
function endOf(row: Pick<PhoneRow, 'seen_at' | 'paired_at'>): string {
  return new Date(Date.parse(row.seen_at ?? row.paired_at) + IDLE_MS).toISOString();
}

/** A phone's key is told once, to the phone; only its hash is kept. */
function hashOf(key: string): string {
  return createHash('sha256').update(key).digest('hex');
}

function freshKey(): string {
  return randomBytes(32).toString('base64url');
}

/** Whether a key is old, and no other one is on its way to the phone. */
function wantsChange({ key_at: since, paired_at: paired, next_at: given }: PhoneRow, now: string): boolean {
  const age = (at: string): number => Date.parse(now) - Date.parse(at);
  return age(since ?? paired) > CHANGED_AFTER_MS && (given === null || age(given) > LOST_AFTER_MS);
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
    const key = freshKey();
    await writing(this.db, async t => {
      await t('phones').insert({
        id: randomUUID(),
        name,
        key_hash: hashOf(key),
        paired_at: now,
        key_at: now,
      });
    });
    return key;
  }

  /**
   * The phone that a key belongs to, seen now; null for no key, a wrong one, one that was withdrawn or ran out. A key
   * that is a week old is changed: the old one holds until the new one is used, for an answer may be lost on its way.
   */
  async byKey(key: string | null, now: string): Promise<KnownPhone | null> {
    if (!key) return null;
    const hash = hashOf(key);
    const row = (await this.db('phones')
      .where(known => known.where({ key_hash: hash }).orWhere({ next_hash: hash }))
      .whereNull('withdrawn_at')
      .first()) as PhoneRow | undefined;
    if (!row || endOf(row) < now) return null;
    const seen = { id: row.id, name: row.name };
    if (row.next_hash === hash) {
      const taken = { key_hash: hash, key_at: now, next_hash: null, next_at: null, seen_at: now };
      await this.update(row.id, taken);
      return { ...seen, nextKey: null };
    }
    const nextKey = wantsChange(row, now) ? freshKey() : null;
    if (nextKey) await this.update(row.id, { next_hash: hashOf(nextKey), next_at: now, seen_at: now });
    // To the hour: a phone that looks at twenty parts need not write twenty times.
    else if (row.seen_at?.slice(0, 13) !== now.slice(0, 13)) await this.update(row.id, { seen_at: now });
    return { ...seen, nextKey };
  }

  private async update(id: string, change: Partial<PhoneRow>): Promise<void> {
    await writing(this.db, async t => {
      await t('phones').where({ id }).update(change);
    });
  }

  /** Withdraws a phone's key: it is refused from now on. @returns what it is called @throws HttpProblem 404 */
  async withdraw(id: string, now: string): Promise<string> {
    const heard = { id, withdrawn_at: null };
    const row = (await this.db('phones').where(heard).first('name')) as Pick<PhoneRow, 'name'> | undefined;
    const changed = await writing(this.db, t => t('phones').where(heard).update({ withdrawn_at: now }));
    if (!changed || !row) throw notFound('phone', id);
    return row.name;
  }
}
