import { randomInt, timingSafeEqual } from 'node:crypto';

/** How long a pairing code holds, ms. */
const HOLDS_MS = 10 * 60_000;
/** Wrong codes after which one guesser is not heard any more, and after which by all of them the code is used up. */
const WRONG = { byOne: 8, byAll: 100 };
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
  private wrongBy = new Map<string, number>();

  constructor(private readonly clock: () => number = Date.now) {}

  /** A new code in place of any other. */
  fresh(): PairingCode {
    this.code = String(randomInt(10 ** FIGURES)).padStart(FIGURES, '0');
    this.until = this.clock() + HOLDS_MS;
    this.wrong = 0;
    this.wrongBy = new Map();
    return { code: this.code, expiresAt: new Date(this.until).toISOString() };
  }

  /**
   * Uses a code up. Whoever guesses wrong too often is not heard, and does not take it from the others.
   * @param from whoever gives it: an address
   * @returns whether it was the one
   */
  redeem(given: string, from = ''): boolean {
    if (this.code === null || this.clock() > this.until) return false;
    const wrong = this.wrongBy.get(from) ?? 0;
    if (wrong >= WRONG.byOne) return false;
    const isIt =
      given.length === this.code.length && timingSafeEqual(Buffer.from(given), Buffer.from(this.code));
    if (!isIt) {
      this.wrongBy.set(from, wrong + 1);
      this.wrong++;
      if (this.wrong >= WRONG.byAll) this.code = null;
      return false;
    }
    this.code = null;
    return true;
  }
}
