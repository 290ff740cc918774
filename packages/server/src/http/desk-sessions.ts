import { createHash, randomBytes } from 'node:crypto';
import type { Request, Response } from 'express';
import { cookieOf } from './cookie.js';

/** The cookie that holds a browser's key to the desk. */
export const DESK_COOKIE = 'hornblende-desk';
/** A browser that asks for nothing for so long is asked for the pass phrase again, ms. */
const IDLE_MS = 8 * 3_600_000;
const KEY_BYTES = 32;
/** Browsers that are let in at once at most: the one that was idle longest goes first. */
const MOST = 100;

/** Of a key only this is held. */
const hashOf = (key: string): string => createHash('sha256').update(key).digest('hex');

/** Browsers in which the pass phrase was given. They are held in memory: a server that starts asks again. */
export class DeskSessions {
  /** When each was last heard, by the hash of its key; the one that was heard last stands last. */
  private readonly heard = new Map<string, number>();

  constructor(private readonly clock: () => number = Date.now) {}

  /** Lets a browser in: its key goes into a cookie that no script reads and no other site's page sends. */
  begin(res: Response): void {
    const key = randomBytes(KEY_BYTES).toString('hex');
    this.heard.set(hashOf(key), this.clock());
    for (const hash of [...this.heard.keys()].slice(0, -MOST)) this.heard.delete(hash);
    res.cookie(DESK_COOKIE, key, { httpOnly: true, sameSite: 'strict', path: '/api' });
  }

  /** Whether a request comes from a browser that was let in, and is not idle for too long. */
  has(req: Pick<Request, 'headers'>): boolean {
    const key = cookieOf(req, DESK_COOKIE);
    const hash = key === null ? '' : hashOf(key);
    const last = this.heard.get(hash);
    if (last === undefined) return false;
    this.heard.delete(hash);
    if (this.clock() - last > IDLE_MS) return false;
    this.heard.set(hash, this.clock());
    return true;
  }

  /** Ends the one that a request comes from. */
  end(req: Pick<Request, 'headers'>): void {
    const key = cookieOf(req, DESK_COOKIE);
    if (key !== null) this.heard.delete(hashOf(key));
  }

  /** Ends them all. */
  endAll(): void {
    this.heard.clear();
  }
}
