import type { Knex } from 'knex';
import { existsSync, readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { thinOutUndo } from '../archive/undo-file.js';
import { backupFolder, Backups } from '../backup/backups.js';
import { openForReading, openForWriting } from '../db/database.js';
import { photoFolder } from '../db/photo-path.js';
import { bringUp } from '../db/bring-up.js';
import { Jobs, type Lane } from '../jobs/jobs.js';
import { saysDamage } from '../lib/errors.js';
import { startProblemOf } from '../lib/start-problem.js';
import { DeskPhrase } from './desk-phrase.js';
import { Journal } from './journal.js';
import { lookAt } from './look-at.js';
import { copyLookedThrough } from './look-through.js';
import { DATABASE_FILE, requireFirstRun } from './remains.js';
import { endRestore } from './restore.js';

/** How a data folder is opened. */
export interface OpenOptions {
  /** Whether a new workshop may be begun where another one was. */
  anew?: boolean;
  /** Whether it serves for days: then the thread of lists stands by. */
  standing?: boolean;
}

/** A data folder at work: its database, its threads, and what is known to be damaged. */
export class Workplace {
  /** What is damaged in the file, in SQLite's words; while anything is, the database is open for reading only. */
  damage: string[] = [];
  /** Records that are not as they were written. */
  damagedRecords: string[] = [];
  private changing: Promise<unknown> = Promise.resolve();

  private constructor(
    readonly dataDir: string,
    readonly file: string,
    readonly db: Knex,
    readonly jobs: Jobs,
    readonly backups: Backups,
    readonly journal: Journal,
    readonly phrase: DeskPhrase,
  ) {}

  /**
   * Opens the database of a folder, which whoever calls has alone, and brings it to this version's schema. What is
   * there is backed up before an older schema is changed, and what was broken off is put right before.
   * @throws StartProblem; where there is no database in the folder of a workshop, too
   */
  static async open(
    dataDir: string,
    { anew = false, standing = false }: OpenOptions = {},
  ): Promise<Workplace> {
    const file = join(dataDir, DATABASE_FILE);
    const phrase = new DeskPhrase(dataDir);
    const ended = endRestore(file);
    if (ended) console.error(ended);
    const found = lookAt(file);
    const folder = backupFolder(dataDir);
    if (found.isNew && !anew) requireFirstRun(dataDir, folder);
    const jobs = new Jobs(file, { standing });
    const backups = backupsOf(folder, jobs);
    sweepUnfinished(dataDir);
    backups.sweep();
    if (found.pending && !found.isNew) found.damage.push(...(await backedUp(backups)));
    const damaged = found.damage.length > 0;
    const db = damaged ? openForReading(file) : openForWriting(file);
    try {
      if (!damaged) await bringUp(db);
    } catch (e) {
      await db.destroy();
      await jobs.close();
      throw startProblemOf(file, e) ?? e;
    }
    const workplace = new Workplace(dataDir, file, db, jobs, backups, new Journal(dataDir), phrase);
    workplace.damage = found.damage;
    return workplace;
  }

  /** Has the file looked through by a thread of that lane; what is found is kept. */
  async lookForDamage(lane: Lane): Promise<void> {
    const found = await this.jobs.run(lane, 'lookForDamage', null);
    if (found.file.length) this.damage = found.file;
    this.damagedRecords = found.records;
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
    this.damage = [];
    this.damagedRecords = [];
  }
}

/** Backs up what an older version wrote. @returns what is damaged, so that it can be neither copied nor changed */
async function backedUp(backups: Backups): Promise<string[]> {
  try {
    await backups.make('migration');
    return [];
  } catch (e) {
    if (saysDamage(e)) return ['it cannot be copied as it stands, and so not be brought up to date either'];
    throw e;
  }
}

/** The backups of a database, made in threads. */
export function backupsOf(folder: string, jobs: Jobs): Backups {
  return new Backups(folder, {
    copy: to => jobs.run('checking', 'copyDatabase', { to }),
    copyPhotos: (backup, into) => jobs.run('checking', 'copyPhotosTo', { backup, folder: into }),
    sweepPhotos: (from, backups) => jobs.run('checking', 'sweepPhotoCopies', { folder: from, backups }),
    inspect: path => copyLookedThrough(jobs, path, true),
  });
}

/** Removes what uploads and imports that were broken off left behind. */
function sweepUnfinished(dataDir: string): void {
  const photos = photoFolder(join(dataDir, DATABASE_FILE));
  if (existsSync(photos))
    for (const name of readdirSync(photos, { recursive: true, encoding: 'utf8' }))
      if (name.endsWith('.part')) rmSync(join(photos, name), { force: true });
  for (const name of existsSync(dataDir) ? readdirSync(dataDir) : [])
    if (name.startsWith('import.staged.db')) rmSync(join(dataDir, name), { recursive: true, force: true });
  thinOutUndo(join(dataDir, DATABASE_FILE));
}
