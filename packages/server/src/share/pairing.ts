import { randomInt, timingSafeEqual } from 'node:crypto';

/** How long a pairing code holds, ms, and how many wrong ones are heard before it no longer does. */
const HOLDS_MS = 10 * 60_000;
const WRONG_TRIES = 8;
/** Figures of a code. */
const FIGURES = 6;

/** A code as the desk shows it. */
export interface PairingCode {
  code: string;
  expiresAt: string;
}

/** The one code that a phone may be paired with: made on demand, good once and for some minutes. */
export class Pairing {
  private code: string | null = null;
  private until = 0;
  private wrong = 0;

  constructor(private readonly clock: () => number = Date.now) {}

  /** A new code in place of any other. */
  fresh(): PairingCode {
    this.code = String(randomInt(10 ** FIGURES)).padStart(FIGURES, '0');
    this.until = this.clock() + HOLDS_MS;
    this.wrong = 0;
    return { code: this.code, expiresAt: new Date(this.until).toISOString() };
  }

  /** Uses a code up. @returns whether it was the one; a guess too many takes it away */
  redeem(given: string): boolean {
    if (this.code === null || this.clock() > this.until) return false;
    const isIt =
      given.length === this.code.length && timingSafeEqual(Buffer.from(given), Buffer.from(this.code));
    if (!isIt) {
      this.wrong++;
      if (this.wrong >= WRONG_TRIES) this.code = null;
      return false;
    }
    this.code = null;
    return true;
  }
}
