import type { ServiceStanding } from '@hornblende/core/service';
import type { Placement } from '@hornblende/core/formats';
import Driver from 'better-sqlite3';
import { rmSync } from 'node:fs';
import { dirname, join } from 'node:path';

/** A part in service as it was read, and how it stood then; its years move on. */
export interface ReadPart {
  placement: Placement;
  standing: ServiceStanding;
}

/** A part in service as it is kept: what it rests on, and what came of that. */
export interface KeptRow {
  id: string;
  stamp: string;
  /** A {@link ReadPart} as JSON. */
  read: string;
  /** What the models say of it, beside what happened to it (`Happened`, or null), as JSON. */
  happened: string;
}

/** The name of the file, beside the database. */
export const WORKED_OUT_FILE = 'worked-out.db';
/** How long one thread waits while another writes here, ms. */
const BUSY_MS = 5000;
/** Changes when the table does. */
const LAYOUT = 1;

/**
 * What was worked out of parts in service, in a file of its own beside the database: it is no record, goes into no
 * backup, and may be thrown away at any time. Tens of thousands of parts take a minute to judge; once is enough.
 */
export class KeptService {
  private readonly path: string;
  private db: Driver.Database;

  /**
   * @param database the workshop's database; what is kept stands in the same folder
   * @throws Error where the file can be neither read nor begun anew
   */
  constructor(database: string) {
    this.path = join(dirname(database), WORKED_OUT_FILE);
    this.db = opened(this.path);
  }

  /** Every part that is kept; none where the file is damaged: it begins anew then. @throws Error as the constructor */
  all(): KeptRow[] {
    try {
      return this.db.prepare('select id, stamp, read, happened from parts').all() as KeptRow[];
    } catch (e) {
      this.db.close();
      this.db = begunAnew(this.path, e);
      return [];
    }
  }

  /** Keeps what was worked out anew, and forgets parts that are gone. @throws Error where it cannot be written */
  change(anew: readonly KeptRow[], gone: readonly string[]): void {
    if (!anew.length && !gone.length) return;
    const put = this.db.prepare(
      'insert or replace into parts (id, stamp, read, happened) values (@id, @stamp, @read, @happened)',
    );
    const remove = this.db.prepare('delete from parts where id = ?');
    this.db
      .transaction(() => {
        for (const row of anew) put.run(row);
        for (const id of gone) remove.run(id);
      })
      .immediate();
  }

  close(): void {
    this.db.close();
  }
}

/** Opens the file; one that is damaged, or of another layout, begins anew. */
function opened(path: string): Driver.Database {
  try {
    return laidOut(path);
  } catch (e) {
    return begunAnew(path, e);
  }
}

/** A new file in place of one that is damaged. @throws the error where it says anything else: others may be at it */
function begunAnew(path: string, e: unknown): Driver.Database {
  const { code = '' } = e as { code?: string };
  if (!(e instanceof OtherLayout) && !/^SQLITE_(NOTADB|CORRUPT)/.test(code)) throw e;
  for (const suffix of ['', '-wal', '-shm']) rmSync(path + suffix, { force: true });
  return laidOut(path);
}

/** The file is of a layout that this version does not have. */
class OtherLayout extends Error {}

function laidOut(path: string): Driver.Database {
  const db = new Driver(path, { timeout: BUSY_MS });
  try {
    db.pragma('journal_mode = WAL');
    // It may be lost with the power: it is worked out again then.
    db.pragma('synchronous = OFF');
    const layout = db.pragma('user_version', { simple: true });
    if (layout !== 0 && layout !== LAYOUT) throw new OtherLayout();
    db.exec(
      `create table if not exists parts
         (id text primary key, stamp text not null, read text not null, happened text not null);
       pragma user_version = ${LAYOUT}`,
    );
    return db;
  } catch (e) {
    db.close();
    throw e;
  }
}
