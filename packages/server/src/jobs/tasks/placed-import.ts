import type { PlacedImport, PlacedImportResult, PlacedImportUndone } from '@hornblende/core/api';
import {
  MOST_PLACED_AT_ONCE,
  parseInspection,
  parsePlacement,
  type Inspection,
  type Placement,
} from '@hornblende/core/formats';
import { InputError, type Problem } from '@hornblende/core/input';
import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { InspectionStore } from '../../db/inspections.js';
import { placements } from '../../db/kinds/placements.js';
import { RevisionedStore } from '../../db/revisioned-store.js';
import { writing } from '../../db/write-gate.js';
import { HttpProblem } from '../../lib/errors.js';
import { within } from '../../lib/split.js';
import { json } from '../answer.js';
import type { Task } from '../task.js';
import { isWanted } from '../wanted.js';

/** Problems told of one import that is refused. */
const MOST_PROBLEMS_LISTED = 50;

/** Looks taken of one part. */
const MOST_LOOKS = 2000;

/** A part to place, and the looks that it was given. */
interface Item {
  placement: Placement;
  looksOf: (id: string) => Inspection[];
}

/**
 * Places a whole table of parts, each with its looks, or nothing of it: every row is read before one is written, in one
 * transaction, which is dropped when whoever sent it goes away.
 */
export const importPlaced: Task<{ body: Uint8Array; now: string; wanted: SharedArrayBuffer }> = {
  writes: true,
  async run(db, { body, now, wanted }) {
    const items = readItems(body);
    const ids = await writing(db, async t => {
      const made: string[] = [];
      for (const [i, item] of items.entries()) {
        if (!isWanted(wanted)) throw new HttpProblem(499, [bad('(request)', null, 'was given up')]);
        made.push(await placeOne(t, item, i, now));
      }
      return made;
    });
    return json({ ids } satisfies PlacedImportResult);
  },
};

async function placeOne(
  t: Knex.Transaction,
  { placement, looksOf }: Item,
  i: number,
  now: string,
): Promise<string> {
  try {
    const { id } = await new RevisionedStore(t, placements).create(placement, now);
    const store = new InspectionStore(t);
    for (const look of looksOf(id)) await store.put(look, now);
    return id;
  } catch (e) {
    if (!(e instanceof HttpProblem)) throw e;
    const problems = e.problems.map(p => ({ ...p, field: `parts[${i}].${p.field}` }));
    throw new HttpProblem(e.status, problems);
  }
}

/** Takes parts back that were placed by an import and have not been touched since. */
export const undoPlaced: Task<{ ids: readonly string[]; now: string }> = {
  writes: true,
  async run(db, { ids, now }) {
    const left: PlacedImportUndone['left'] = [];
    await writing(db, async t => {
      const store = new RevisionedStore(t, placements);
      for (const id of ids) {
        const why = await touched(t, id);
        if (why === null) {
          await t('inspections').where({ placement_id: id }).delete();
          await store.remove(id, now);
        } else left.push({ id, why });
      }
    });
    return json({ left } satisfies PlacedImportUndone);
  },
};

/** Why a part is not taken back; null where it may be. */
async function touched(t: Knex.Transaction, id: string): Promise<string | null> {
  const row = (await t('placements').where({ id }).first('revision')) as { revision: number } | undefined;
  if (!row) return 'is gone already';
  if (row.revision !== 1) return 'was changed since';
  const looks = (await t('inspections').where({ placement_id: id }).select('id')) as { id: string }[];
  return looks.some(l => !l.id.startsWith(IMPORTED)) ? 'was looked at since' : null;
}

/** How ids of looks begin that came with an import. */
const IMPORTED = 'imported-';

/** @throws InputError naming every row that cannot be used, up to a few dozen */
function readItems(body: Uint8Array): Item[] {
  let plain: unknown;
  try {
    plain = JSON.parse(new TextDecoder().decode(body));
  } catch {
    throw new InputError([bad('(body)', null, 'is not JSON')]);
  }
  const list = (plain as Partial<PlacedImport> | null)?.parts as unknown;
  if (!Array.isArray(list) || !list.length || list.length > MOST_PLACED_AT_ONCE)
    throw new InputError([
      bad(
        'parts',
        Array.isArray(list) ? list.length : (list ?? null),
        `must be a list of 1 to ${MOST_PLACED_AT_ONCE} parts`,
      ),
    ]);
  const problems: Problem[] = [];
  const items = (list as unknown[]).flatMap((entry, i) => {
    if (problems.length >= MOST_PROBLEMS_LISTED) return [];
    try {
      return [readItem(`parts[${i}]`, entry)];
    } catch (e) {
      if (!(e instanceof InputError)) throw e;
      problems.push(...e.problems);
      return [];
    }
  });
  if (problems.length) throw new InputError(problems.slice(0, MOST_PROBLEMS_LISTED));
  return items;
}

function readItem(field: string, entry: unknown): Item {
  const { placement, looks = [] } = (typeof entry === 'object' && entry !== null ? entry : {}) as Record<
    string,
    unknown
  >;
  if (!Array.isArray(looks) || looks.length > MOST_LOOKS)
    throw new InputError([bad(`${field}.looks`, looks, `must be a list of at most ${MOST_LOOKS} looks`)]);
  const looksOf = (id: string): Inspection[] =>
    (looks as object[]).map((look, k) =>
      within(`${field}.looks[${k}]`, () =>
        parseInspection({ ...look, id: `${IMPORTED}${randomUUID()}`, placementId: id }),
      ),
    );
  // Read once before anything is written, so that a bad look is told with all others.
  looksOf('not-placed-yet');
  return { placement: within(`${field}.placement`, () => parsePlacement(placement)), looksOf };
}

const bad = (field: string, value: unknown, message: string): Problem => ({ field, value, message });
