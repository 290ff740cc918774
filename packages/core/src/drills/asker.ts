import { chance } from '../lib/random.js';

/** Draws what a drill asks about, from its seed. */
export class Asker {
  private readonly source;

  /** @param seed a whole number */
  constructor(seed: number) {
    this.source = chance(mixed(seed));
  }

  /** Uniform in (0, 1). */
  share(): number {
    return this.source.uniform();
  }

  /** A whole number from low to high, both included. */
  whole(low: number, high: number): number {
    return low + Math.min(high - low, Math.floor(this.share() * (high - low + 1)));
  }

  /** A multiple of a step from low to high. */
  stepped(low: number, high: number, step: number): number {
    const n = this.whole(0, Math.round((high - low) / step));
    return Number((low + n * step).toFixed(6));
  }

  /** One of a list, each as likely as another. @throws Error for an empty list */
  pick<T>(list: readonly T[]): T {
    const found = list[this.whole(0, list.length - 1)];
    if (found === undefined) throw new Error('There is nothing to pick from');
    return found;
  }

  /** A list in an order by chance (Fisher and Yates). */
  shuffled<T>(list: readonly T[]): T[] {
    const out = [...list];
    for (let n = out.length - 1; n > 0; n--) {
      const k = this.whole(0, n);
      const last = out[n]!;
      out[n] = out[k]!;
      out[k] = last;
    }
    return out;
  }
}

/**
 * Seeds that stand beside each other made unlike (the finaliser of MurmurHash3): the generator's first draws of small
 * seeds are nearly alike.
 */
function mixed(seed: number): number {
  let h = seed | 0;
  h = Math.imul(h ^ (h >>> 16), 0x85ebca6b);
  h = Math.imul(h ^ (h >>> 13), 0xc2b2ae35);
  return h ^ (h >>> 16);
}
