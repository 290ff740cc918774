import Driver from 'better-sqlite3';
import { existsSync, mkdirSync, readdirSync, readFileSync, renameSync, rmSync, statSync } from 'node:fs';
import { writeFile } from 'node:fs/promises';
import { basename, join } from 'node:path';
import type { BackupKind, BackupSummary } from '@hornblende/core';
import { notFound } from '../lib/errors.js';
import { toPrune } from './prune.js';

/** What has been looked at in a backup: made by whoever can read it, in a thread. */
export type Inspect = (file: string) => Promise<Pick<BackupSummary, 'counts' | 'checked' | 'problems'>>;

/** The folder of backups inside the data folder. */
const FOLDER = 'backups';

/**
 * Whole copies of the database, made by SQLite's own online backup while work goes on, read through after writing,
 * and thinned out: daily ones for a week, weekly ones for a month.
 */
export class Backups {
  private readonly folder: string;

  constructor(
    dataDir: string,
    private readonly file: string,
    private readonly inspect: Inspect,
  ) {
    this.folder = join(dataDir, FOLDER);
  }

  /** Every backup, newest first. */
  list(): BackupSummary[] {
    if (!existsSync(this.folder)) return [];
    return readdirSync(this.folder)
      .filter(name => name.endsWith('.json'))
      .flatMap(name => this.summary(name.replace(/\.json$/, '.db')) ?? [])
      .sort((a, b) => (a.at < b.at ? 1 : -1));
  }

  /** Makes a backup, reads it through, and thins out the older ones. @throws Error when the disk is full */
  async make(kind: BackupKind, now = new Date()): Promise<BackupSummary> {
    mkdirSync(this.folder, { recursive: true });
    const name = `hornblende-${now.toISOString().replace(/[:.]/g, '-')}-${kind}.db`;
    const unfinished = join(this.folder, `${name}.part`);
    try {
      await copyOnline(this.file, unfinished);
      const inside = await this.inspect(unfinished);
      const summary: BackupSummary = {
        name,
        kind,
        at: now.toISOString(),
        bytes: statSync(unfinished).size,
        ...inside,
      };
      renameSync(unfinished, join(this.folder, name));
      await writeFile(
        join(this.folder, name.replace(/\.db$/, '.json')),
        `${JSON.stringify(summary, null, 1)}\n`,
      );
      this.thinOut();
      return summary;
    } finally {
      for (const left of [unfinished, `${unfinished}-wal`, `${unfinished}-shm`])
        rmSync(left, { force: true });
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

  private summary(name: string): BackupSummary | null {
    const about = join(this.folder, name.replace(/\.db$/, '.json'));
    if (!existsSync(join(this.folder, name))) return null;
    try {
      return JSON.parse(readFileSync(about, 'utf8')) as BackupSummary;
    } catch {
      return null;
    }
  }

  private thinOut(): void {
    for (const { name } of toPrune(this.list()))
      for (const path of [name, name.replace(/\.db$/, '.json')])
        rmSync(join(this.folder, path), { force: true });
  }
}

const DAY_MS = 24 * 3_600_000;

/** Copies a database that is in use, a few pages at a time. */
export async function copyOnline(from: string, to: string): Promise<void> {
  const db = new Driver(from, { readonly: true });
  try {
    await db.backup(to);
  } finally {
    db.close();
  }
  // A file of its own, without a log beside it.
  const copy = new Driver(to);
  copy.pragma('journal_mode = DELETE');
  copy.close();
}
