import { DAY_MS, HOUR_MS } from '@hornblende/core/lib';
import { photoFolder } from '../db/photo-path.js';
import { PhotoStore } from '../db/photos.js';
import { holdingGate } from '../db/write-gate.js';
import type { Workplace } from '../workplace/workplace.js';

/** How often it is looked whether something is due, ms. */
const LOOK_MS = HOUR_MS;
/** The first look waits until whoever started it has seen the first pages, ms. */
const FIRST_MS = 60_000;

/**
 * What is done each day without being asked: a look for damage, photographs that nothing names swept, what parts in
 * service tell worked out, and a backup.
 */
export class Housekeeping {
  private readonly first: NodeJS.Timeout;
  private readonly daily: NodeJS.Timeout;
  private lookedAt = 0;
  private busy = false;

  constructor(private readonly workplace: Workplace) {
    // The first list is not to wait until its thread has read its scripts and opened the database.
    const one = { path: '/parts', limit: 1, after: null, archived: false };
    void workplace.jobs.run('reading', 'listParts', one).catch(() => undefined);
    this.first = setTimeout(() => void this.look(), FIRST_MS);
    this.daily = setInterval(() => void this.look(), LOOK_MS);
    this.first.unref();
    this.daily.unref();
  }

  stop(): void {
    clearTimeout(this.first);
    clearInterval(this.daily);
  }

  /** Does what is due. A failure is said in the server's output; it must not end the server. */
  private async look(): Promise<void> {
    if (this.busy) return;
    this.busy = true;
    const { workplace } = this;
    try {
      if (Date.now() - this.lookedAt >= DAY_MS) {
        await workplace.lookForDamage('checking');
        if (!workplace.damage.length) {
          const now = Date.now();
          await holdingGate(workplace.db, () => workplace.jobs.run('checking', 'forgetPhotos', { now }));
          await new PhotoStore(workplace.db, photoFolder(workplace.file)).sweep(now);
        }
        // After a new version of Hornblende thousands of parts are judged anew: nobody is to wait for that.
        const now = new Date().toISOString();
        if (!workplace.damage.length) await workplace.jobs.run('checking', 'keepService', { now });
        this.lookedAt = Date.now();
      }
      if (!workplace.damage.length && workplace.backups.isDue()) await workplace.backups.make('daily');
    } catch (e) {
      console.error(`The daily round could not be made: ${(e as Error).message}`);
    } finally {
      this.busy = false;
    }
  }
}
