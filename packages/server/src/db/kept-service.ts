import { lessonPlace, type CountedPart, type Happened, type JudgedPart } from '@hornblende/core/service';
import type { ServiceStanding } from '@hornblende/core/service';
import type { Placement } from '@hornblende/core/formats';
import Driver from 'better-sqlite3';
import { rmSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { cursorOf, keySet, type Page, type PageAsked } from './page.js';
import { staleParts, type Stamped } from './stamped-parts.js';

/** A part in service as it was read, and how it stood then; its years move on. */
export interface ReadPart {
  placement: Placement;
  standing: ServiceStanding;
}

/** What was worked out of a part in service, by what it rests on. */
export interface KeptPart extends Stamped {
  /** Null of one that was put away or cannot be read: it says nothing until it is written again. */
  found: (ReadPart & { counted: CountedPart; happened: Happened | null; judged: JudgedPart | null }) | null;
}

/** The name of the file, beside the database. */
export const WORKED_OUT_FILE = 'worked-out.db';
/** How long one thread waits while another writes here, ms. */
const BUSY_MS = 5000;
/** Changes when the tables do. */
const LAYOUT = 3;

/**
 * What was worked out of parts in service, in a file of its own beside the database: it is no record, goes into no
 * backup, and may be thrown away at any time. Tens of thousands of parts take a minute to judge; once is enough. What
 * lists, counts and one part need stands in columns of its own, so that none of them reads all there is.
 *
 * Where the file cannot be written (the disk is full or read only, another thread is at it for long), a copy in memory
 * takes its place: keeping must never cost an answer.
 */
export class KeptService {
  private db: Driver.Database;
  private readonly path: string;

  /**
   * @param database the workshop's database; what is kept stands in the same folder
   * @throws Error where the database cannot be read
   */
  constructor(private readonly database: string) {
    this.path = join(dirname(database), WORKED_OUT_FILE);
    this.db = opened(this.path);
    this.attach();
  }

  /** Whether memory stands in for the file. */
  get isInMemory(): boolean {
    return this.db.memory;
  }

  /** Parts of which what is kept no longer holds, or of which nothing is. @param build the program's state */
  stale(build: string): Stamped[] {
    return this.db.prepare(staleParts('workshop', 'main.parts')).all({ build }) as Stamped[];
  }

  /** Keeps what was worked out anew. */
  keep(parts: readonly KeptPart[]): void {
    this.write(db => {
      const put = db.prepare(
        `insert or replace into parts (${COLUMNS.join(', ')})
         values (${COLUMNS.map(column => `@${column}`).join(', ')})`,
      );
      for (const part of parts) put.run(rowOf(part));
    });
  }

  /** Forgets parts that are gone. */
  forgetGone(): void {
    const gone = 'from parts where id not in (select id from workshop.placements)';
    if (this.db.prepare(`select 1 ${gone} limit 1`).get())
      this.write(db => db.prepare(`delete ${gone}`).run());
  }

  /** Every part in service that says something, in the order of lists. */
  *all(): Generator<ReadPart & { id: string }> {
    const rows = this.db.prepare(
      'select id, whole from parts where whole is not null order by place, name, id',
    );
    for (const [id, whole] of rows.raw().iterate() as IterableIterator<[string, string]>)
      yield { id, ...(JSON.parse(whole) as ReadPart) };
  }

  /** What counts read of every part that says something, in the order of lists. */
  counted(): CountedPart[] {
    return this.together('counted') as CountedPart[];
  }

  /** What counts read of what the models say of parts, beside what happened, in the order of lists. */
  judged(): JudgedPart[] {
    return this.together('judged') as JudgedPart[];
  }

  /** What the models say of one part, beside what happened; null where nothing is said. */
  happenedTo(id: string): Happened | null {
    const said = this.db.prepare('select happened from parts where id = ?').pluck().get(id) as
      string | null | undefined;
    return said ? (JSON.parse(said) as Happened) : null;
  }

  /** A page of what the models say of parts beside what happened, what teaches most first. @throws InputError */
  happened({ limit, after }: PageAsked): Page<Happened & { name: string; material: string }> {
    const from = after === null ? null : keySet(after, LESSON_ORDER.length);
    const key = LESSON_ORDER.join(', ');
    const rows = this.db
      .prepare(
        `select happened, name, counted ->> '$.placement.materials[0].material', ${key} from parts
         where lesson is not null ${from ? `and (${key}) > (?, ?, ?)` : ''} order by ${key} limit ?`,
      )
      .raw()
      .all(...(from ?? []), limit + 1) as [string, string, string, ...(string | number)[]][];
    const items = rows
      .slice(0, limit)
      .map(([said, name, material]) => ({ ...(JSON.parse(said) as Happened), name, material }));
    const last = rows[limit - 1];
    return {
      items,
      unreadable: [],
      next: rows.length > limit && last ? cursorOf(last.slice(-LESSON_ORDER.length)) : null,
    };
  }

  /**
   * An answer that counts parts, as JSON: the one that was kept, as long as nothing has been worked out since.
   * @param question what names it
   */
  async answer(question: string, work: () => Promise<string>): Promise<string> {
    // Before anything is read: what another thread keeps meanwhile makes this answer an old one.
    const generation = this.db.prepare('select coalesce(max(generation), 0) from changes').pluck().get();
    const known = this.db
      .prepare('select answer from answers where question = ? and generation = ?')
      .pluck()
      .get(question, generation) as string | undefined;
    if (known !== undefined) return known;
    const answer = await work();
    try {
      this.db
        .prepare('insert or replace into answers (question, generation, answer) values (?, ?, ?)')
        .run(question, generation, answer);
    } catch {
      // It is worked out again next time.
    }
    return answer;
  }

  /** Whether the file itself is damaged, and not the workshop's database beside it. */
  get isDamaged(): boolean {
    try {
      return this.db.pragma('main.quick_check(1)', { simple: true }) !== 'ok';
    } catch {
      return true;
    }
  }

  /** Begins anew: what was kept turned out to be damaged. */
  beginAnew(): void {
    this.db.close();
    removeFile(this.path);
    this.db = opened(this.path);
    this.attach();
  }

  close(): void {
    this.db.close();
  }

  /**
   * A column of all parts: read as one text, which takes half as long as one after another. The inner query goes along
   * the index of lists, so that nothing is sorted; SQLite puts rows together in the order in which they come.
   */
  private together(column: 'counted' | 'judged'): unknown[] {
    const all = this.db
      .prepare(
        `select '[' || coalesce(group_concat(said, ','), '') || ']' from (
           select ${column} as said from parts
           where whole is not null and ${column} is not null order by place, name, id
         )`,
      )
      .pluck()
      .get() as string;
    return JSON.parse(all) as unknown[];
  }

  private attach(): void {
    this.db.prepare('attach database ? as workshop').run(this.database);
  }

  /** Writes in one transaction; where the file takes nothing, into a copy of it in memory from now on. */
  private write(work: (db: Driver.Database) => void): void {
    const all = (db: Driver.Database): void =>
      db
        .transaction(() => {
          work(db);
          db.prepare('insert into changes default values').run();
          db.prepare('delete from changes where generation < (select max(generation) from changes)').run();
        })
        .immediate();
    try {
      all(this.db);
    } catch (e) {
      if (this.isInMemory) throw e;
      this.goOnInMemory();
      all(this.db);
    }
  }

  private goOnInMemory(): void {
    this.db.close();
    this.db = laidOut(new Driver(':memory:'));
    this.attach();
    try {
      this.db.prepare('attach database ? as held').run(this.path);
      const columns = COLUMNS.join(', ');
      this.db.exec(`insert into parts (${columns}) select ${columns} from held.parts`);
    } catch {
      // What cannot be read either is worked out again.
    }
  }
}

/** What stands in a row. */
const COLUMNS = [
  ...(['id', 'stamp', 'sum', 'material', 'weather', 'place', 'name'] as const),
  ...(['whole', 'counted', 'happened', 'judged', 'lesson', 'years'] as const),
] as const;
/** The order in which parts teach. */
const LESSON_ORDER = ['lesson', '-years', 'id'] as const;

/** A part as a row of the file. */
function rowOf({ found, ...stamped }: KeptPart): Record<(typeof COLUMNS)[number], unknown> {
  const nothing = { place: '', name: '', whole: null, counted: null };
  const unsaid = { happened: null, judged: null, lesson: null, years: null };
  if (!found) return { ...stamped, ...nothing, ...unsaid };
  const { placement, standing, counted, happened, judged } = found;
  const part = { ...stamped, place: placement.place.where, name: placement.name };
  const read = { whole: JSON.stringify({ placement, standing }), counted: JSON.stringify(counted) };
  if (!happened) return { ...part, ...read, ...unsaid };
  return {
    ...part,
    ...read,
    happened: JSON.stringify(happened),
    judged: JSON.stringify(judged),
    lesson: lessonPlace(happened.verdict),
    years: happened.years,
  };
}

/** Opens the file; one that is damaged, or of another layout, begins anew. Where there can be none, memory is it. */
function opened(path: string): Driver.Database {
  try {
    return inFile(path);
  } catch (e) {
    if (e instanceof OtherLayout || isDamage(e))
      try {
        removeFile(path);
        return inFile(path);
      } catch {
        /* memory stands in */
      }
    return laidOut(new Driver(':memory:'));
  }
}

function removeFile(path: string): void {
  for (const suffix of ['', '-wal', '-shm']) rmSync(path + suffix, { force: true });
}

/** Whether SQLite says that a file is no database, or a damaged one. */
function isDamage(e: unknown): boolean {
  return /^SQLITE_(NOTADB|CORRUPT)/.test((e as { code?: string }).code ?? '');
}

function inFile(path: string): Driver.Database {
  const db = new Driver(path, { timeout: BUSY_MS });
  try {
    db.pragma('journal_mode = WAL');
    // It may be lost with the power: it is worked out again then.
    db.pragma('synchronous = OFF');
    return laidOut(db);
  } catch (e) {
    db.close();
    throw e;
  }
}

/** The file is of a layout that this version does not have. */
class OtherLayout extends Error {}

function laidOut(db: Driver.Database): Driver.Database {
  const layout = db.pragma('user_version', { simple: true });
  if (layout === LAYOUT) return db;
  if (layout !== 0) throw new OtherLayout();
  db.exec(
    `create table if not exists parts (
       id text primary key, stamp text not null, sum integer, material text, weather text,
       place text not null, name text not null,
       whole text, counted text, happened text, judged text, lesson integer, years real
     );
     create index if not exists parts_listed on parts (place, name, id) where whole is not null;
     create index if not exists parts_taught on parts (${LESSON_ORDER.join(', ')}) where lesson is not null;
     create table if not exists changes (generation integer primary key autoincrement);
     create table if not exists answers (
       question text primary key, generation integer not null, answer text not null
     );
     pragma user_version = ${LAYOUT}`,
  );
  return db;
}
