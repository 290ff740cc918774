import Driver from 'better-sqlite3';
import { existsSync, statSync } from 'node:fs';
import { steps } from '../db/migrations/index.js';
import { StartProblem, startProblemOf } from '../lib/start-problem.js';

/** What lies at a database's path before it is opened for work. */
export interface Found {
  /** Nothing yet, or an empty file: a new database. */
  isNew: boolean;
  /** Whether the schema is older than this version's. */
  pending: boolean;
  /** What is damaged so that the schema cannot be read; empty for a sound one. */
  damage: string[];
}

const NEW: Found = { isNew: true, pending: true, damage: [] };

/** Tables that stand before the first step of the history is through: a first start may be killed just then. */
const BEFORE_THE_FIRST_STEP: ReadonlySet<string> = new Set(['knex_migrations', 'knex_migrations_lock']);

/**
 * Looks at a database without writing to it.
 * @throws StartProblem for another program's file, a newer schema, or a file that cannot be opened
 */
export function lookAt(file: string): Found {
  if (!existsSync(file)) return NEW;
  if (statSync(file).isFile() && statSync(file).size === 0) return NEW;
  let db: Driver.Database | null = null;
  try {
    db = new Driver(file, { readonly: true, fileMustExist: true });
    const tables = db
      .prepare("select name from sqlite_master where type = 'table' and name not like 'sqlite_%'")
      .pluck()
      .all() as string[];
    if (!tables.length) return NEW;
    return foundIn(file, db, tables);
  } catch (e) {
    const { code } = e as { code?: string };
    if (code?.startsWith('SQLITE_CORRUPT'))
      return { isNew: false, pending: false, damage: [(e as Error).message] };
    throw startProblemOf(file, e) ?? e;
  } finally {
    db?.close();
  }
}

function foundIn(file: string, db: Driver.Database, tables: string[]): Found {
  const taken = tables.includes('knex_migrations')
    ? (db.prepare('select name from knex_migrations order by id').pluck().all() as string[])
    : null;
  if (taken?.length === 0 && tables.every(t => BEFORE_THE_FIRST_STEP.has(t))) return NEW;
  const ours = steps.map(s => s.name);
  if (!taken?.includes(ours[0] ?? ''))
    throw new StartProblem(
      file,
      'it is a database of another program',
      'Nothing was changed. Move it elsewhere, or choose another folder with --data',
    );
  const newer = taken.filter(name => !ours.includes(name));
  if (newer.length)
    throw new StartProblem(
      file,
      `it was written by a newer Hornblende (it knows ${newer.join(', ')})`,
      'Nothing was changed. Start the newer version, or restore a backup that this one made',
    );
  return { isNew: false, pending: taken.length < ours.length, damage: [] };
}
