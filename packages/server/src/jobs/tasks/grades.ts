import type { ImportItem } from '@hornblende/core/api';
import { InputError, type Problem } from '@hornblende/core/input';
import { parseGrade } from '@hornblende/core/materials';
import { writeGradesCsv, writeGradesJson } from '@hornblende/core/tables';
import { GradeImports } from '../../db/grade-imports.js';
import { GradeStore } from '../../db/grades.js';
import { notFound } from '../../lib/errors.js';
import { within } from '../../lib/split.js';
import { bytes, json } from '../answer.js';
import { isWanted } from '../wanted.js';
import type { Task } from '../task.js';

/** Problems told of one refused import. */
const MOST_PROBLEMS_LISTED = 50;
/** Rows of one import. */
const MOST_ROWS = 20_000;

const writers: Record<string, { type: string; write: typeof writeGradesCsv }> = {
  csv: { type: 'text/csv', write: writeGradesCsv },
  json: { type: 'application/json', write: writeGradesJson },
};

/** Every grade as a table. */
export const exportGrades: Task<{ ending: string }> = {
  async run(db, { ending }) {
    const writer = Object.hasOwn(writers, ending) ? writers[ending] : undefined;
    if (!writer) throw notFound('type', ending);
    const grades = (await new GradeStore(db).all()).map(g => g.grade);
    return { status: 200, type: writer.type, body: bytes(writer.write(grades)) };
  },
};

/**
 * Writes a whole table of grades or nothing of it: every row is read before one is written, in one transaction,
 * which is dropped when whoever sent it goes away.
 */
export const importGrades: Task<{ body: Uint8Array; now: string; wanted: SharedArrayBuffer }> = {
  writes: true,
  async run(db, { body, now, wanted }) {
    const items = readItems(parsed(body));
    return json(await new GradeImports(db).write(items, now, () => isWanted(wanted)));
  },
};

/** Takes an import back. */
export const undoImport: Task<{ id: string; now: string }> = {
  writes: true,
  async run(db, { id, now }) {
    return json(await new GradeImports(db).undo(id, now));
  },
};

/** @throws InputError */
function parsed(body: Uint8Array): unknown {
  try {
    return JSON.parse(new TextDecoder().decode(body));
  } catch {
    throw bad('(body)', null, 'is not JSON');
  }
}

/** @throws InputError naming every row that cannot be used, up to a few dozen */
function readItems(body: unknown): ImportItem[] {
  const list = (body as { grades?: unknown } | null)?.grades;
  if (!Array.isArray(list)) throw bad('grades', list ?? null, 'must be a list of { grade, revision }');
  if (list.length > MOST_ROWS)
    throw bad('grades', list.length, `must hold at most ${MOST_ROWS} grades at once`);
  const items: ImportItem[] = [];
  const problems: Problem[] = [];
  const seen = new Set<string>();
  for (const [i, entry] of (list as unknown[]).entries()) {
    if (problems.length >= MOST_PROBLEMS_LISTED) break;
    try {
      const item = readItem(`grades[${i}]`, entry);
      if (seen.has(item.grade.key))
        throw bad(`grades[${i}].key`, item.grade.key, 'stands in the list already');
      seen.add(item.grade.key);
      items.push(item);
    } catch (e) {
      if (!(e instanceof InputError)) throw e;
      problems.push(...e.problems);
    }
  }
  if (problems.length) throw new InputError(problems.slice(0, MOST_PROBLEMS_LISTED));
  if (!items.length) throw bad('grades', [], 'must hold at least one grade');
  return items;
}

/** @throws InputError */
function readItem(field: string, entry: unknown): ImportItem {
  const plain = (typeof entry === 'object' && entry !== null ? entry : {}) as Record<string, unknown>;
  const grade = within(field, () => parseGrade(plain.grade));
  const revision = plain.revision ?? null;
  const fits = typeof revision === 'number' && Number.isInteger(revision) && revision >= 1;
  if (revision !== null && !fits)
    throw bad(`${field}.revision`, revision, 'must be a revision, or null for a grade that is new');
  return { grade, revision: revision as number | null };
}

function bad(field: string, value: unknown, message: string): InputError {
  return new InputError([{ field, value, message }]);
}
