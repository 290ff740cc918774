import { DAY_MS } from '@hornblende/core/lib';
import { Mutex } from 'async-mutex';
import { existsSync, mkdirSync, readdirSync, readFileSync, renameSync, rmSync, statSync } from 'node:fs';
import { rm } from 'node:fs/promises';
import { basename, join } from 'node:path';
import type { BackupKind, BackupSummary } from '@hornblende/core/api';
import { notFound } from '../lib/errors.js';
import { syncPath, writeWhole } from '../lib/whole-file.js';
import { toPrune } from './prune.js';

/** What is done in threads for a backup. */
export interface BackupWork {
  /** Copies the database as it stands at one moment. */
  copy: (to: string) => Promise<unknown>;
  /** Copies the photographs that a backup names into a folder of backups. @returns how many are gone */
  copyPhotos: (backup: string, folder: string) => Promise<number>;
  /** Removes the copies of photographs in a folder that none of these backups names any more. */
  sweepPhotos: (folder: string, backups: string[]) => Promise<unknown>;
  /** Reads a database through, and counts what is in it. */
  inspect: (file: string) => Promise<Pick<BackupSummary, 'counts' | 'checked' | 'problems'>>;
}

/** The folder of backups inside the data folder. */
const FOLDER = 'backups';

/** Where the backups of a data folder stand: inside it, or where `HORNBLENDE_BACKUPS` says. */
export function backupFolder(dataDir: string, elsewhere = process.env.HORNBLENDE_BACKUPS): string {
  return elsewhere ? elsewhere : join(dataDir, FOLDER);
}

/**
 * Whole copies of the database and the photographs that it names, made while work goes on, read through after writing,
 * and thinned out: daily ones for a week, weekly ones for a month.
 */
export class Backups {
  /** One at a time: what one thins out would be photographs that another, unfinished, has just copied. */
  private readonly making = new Mutex();

  /** @param folder of the backups: on another disk where that is asked for */
  constructor(
    private readonly folder: string,
    private readonly work: BackupWork,
  ) {}

  /** Every backup, newest first. */
  list(): BackupSummary[] {
    const { folder } = this;
    if (!existsSync(folder)) return [];
    return readdirSync(folder)
      .filter(name => name.endsWith('.json'))
      .flatMap(name => this.summary(name.replace(/\.json$/, '.db')) ?? [])
      .sort((a, b) => (a.at < b.at ? 1 : -1));
  }

  /** Makes a backup, reads it through, and thins out the older ones. @throws Error when the disk is full */
  make(kind: BackupKind, now = new Date()): Promise<BackupSummary> {
    return this.making.runExclusive(() => this.made(kind, now));
  }

  private async made(kind: BackupKind, now: Date): Promise<BackupSummary> {
    const { folder } = this;
    mkdirSync(folder, { recursive: true });
    const name = `hornblende-${now.toISOString().replace(/[:.]/g, '-')}-${kind}.db`;
    const unfinished = join(folder, `${name}.part`);
    try {
      await this.work.copy(unfinished);
      const inside = await this.work.inspect(unfinished);
      const photosGone = await this.work.copyPhotos(unfinished, folder);
      const { size: bytes } = statSync(unfinished);
      const summary: BackupSummary = { name, kind, at: now.toISOString(), bytes, ...inside, photosGone };
      renameSync(unfinished, join(folder, name));
      const about = `${JSON.stringify(summary, null, 1)}\n`;
      writeWhole(join(folder, name.replace(/\.db$/, '.json')), Buffer.from(about));
      syncPath(folder);
      await this.thinOut();
      return summary;
    } finally {
      for (const left of [unfinished, `${unfinished}-journal`, `${unfinished}-wal`, `${unfinished}-shm`])
        await rm(left, { force: true });
    }
  }

  /** The path of a backup. @throws HttpProblem 404 */
  pathOf(name: string): string {
    const path = join(this.folder, basename(name));
    if (!name.endsWith('.db') || basename(name) !== name || !existsSync(path)) throw notFound('backup', name);
    return path;
  }

  /** Whether the last daily one is a day old, or there is none. */
  isDue(now = new Date()): boolean {
    const last = this.list().find(b => b.kind === 'daily');
    return !last || now.getTime() - Date.parse(last.at) >= DAY_MS;
  }

  /** Removes what a backup that was broken off left. Whoever calls has the folder alone. */
  sweep(): void {
    const { folder } = this;
    if (!existsSync(folder)) return;
    for (const name of readdirSync(folder))
      if (/\.part(-journal|-wal|-shm)?$/.test(name)) rmSync(join(folder, name), { force: true });
  }

  private summary(name: string): BackupSummary | null {
    const about = join(this.folder, name.replace(/\.db$/, '.json'));
    if (!existsSync(join(this.folder, name))) return null;
    try {
      const summary = JSON.parse(readFileSync(about, 'utf8')) as Partial<BackupSummary>;
      return { photosGone: 0, ...summary } as BackupSummary;
    } catch {
      return null;
    }
  }

  private async thinOut(): Promise<void> {
    const { folder } = this;
    const gone = toPrune(this.list());
    if (!gone.length) return;
    for (const { name } of gone)
      for (const path of [name, name.replace(/\.db$/, '.json')])
        await rm(join(folder, path), { force: true });
    const left = readdirSync(folder).filter(name => name.endsWith('.db'));
    await this.work.sweepPhotos(
      folder,
      left.map(name => join(folder, name)),
    );
  }
}
