import type { Knex } from 'knex';
import { join } from 'node:path';
import { migrate, openForReading, openForWriting } from '../db/database.js';
import { lookAt } from './look-at.js';
import { StartProblem, startProblemOf } from '../lib/start-problem.js';
import { Backups } from '../backup/backups.js';
import { Jobs } from '../jobs/jobs.js';

/** The database's name inside the data folder. */
export const DATABASE_FILE = 'hornblende.db';

/** A data folder at work: its database, its threads, and what is known to be damaged. */
export class Workplace {
  /** What is damaged, in SQLite's words; while anything is, the database is open for reading only. */
  damage: string[] = [];
  private changing: Promise<unknown> = Promise.resolve();

  private constructor(
    readonly dataDir: string,
    readonly file: string,
    readonly db: Knex,
    readonly jobs: Jobs,
    readonly backups: Backups,
  ) {}

  /**
   * Opens the database of a folder and brings it to this version's schema.
   * What is there is backed up before an older schema is changed.
   * @throws StartProblem
   */
  static async open(dataDir: string): Promise<Workplace> {
    const file = join(dataDir, DATABASE_FILE);
    const found = lookAt(file);
    const damaged = found.damage.length > 0;
    const jobs = new Jobs(file);
    const backups = new Backups(dataDir, file, path => jobs.run('heavy', 'inspectFile', { path }));
    if (found.pending && !found.isNew) await backups.make('migration');
    const db = damaged ? openForReading(file) : openForWriting(file);
    try {
      if (!damaged) await broughtUp(db);
    } catch (e) {
      await db.destroy();
      await jobs.close();
      throw startProblemOf(file, e) ?? e;
    }
    const workplace = new Workplace(dataDir, file, db, jobs, backups);
    workplace.damage = found.damage;
    return workplace;
  }

  /** Has SQLite look through the file; what it finds is kept in {@link damage}. */
  async lookForDamage(): Promise<void> {
    const found = await this.jobs.run('reading', 'lookForDamage', null);
    if (found.length) this.damage = found;
  }

  /** Waits while the database is being put in place of another. */
  async ready(): Promise<void> {
    await this.changing;
  }

  /** Closes the database, lets `swap` put another file in its place, and opens that; requests wait meanwhile. */
  replace(swap: () => Promise<void> | void): Promise<void> {
    const done = this.swapped(swap);
    this.changing = done.catch(() => undefined);
    return done;
  }

  async close(): Promise<void> {
    await this.jobs.close();
    await this.db.destroy();
  }

  private async swapped(swap: () => Promise<void> | void): Promise<void> {
    await this.jobs.close();
    await this.db.destroy();
    try {
      await swap();
    } finally {
      this.db.initialize();
      await this.jobs.restart();
    }
    await migrate(this.db);
    this.damage = [];
  }
}

/** The schema brought up to date, and a try whether it may be written to. */
async function broughtUp(db: Knex): Promise<void> {
  await migrate(db);
  await db.transaction(() => Promise.resolve());
}

/** A port that is taken, as a start problem. */
export function portProblem(port: number): StartProblem {
  return new StartProblem(
    `port ${port}`,
    'something else answers there already',
    'Set PORT to another one, or 0 for any that is free',
  );
}
