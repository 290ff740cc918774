import { Inspection } from '@hornblende/core/formats';
import type { Knex } from 'knex';
import { HttpProblem, notFound } from '../lib/errors.js';
import { listProblems } from './check-references.js';
import { insertRecord, requireSum, updateRecord, type Row } from './kind.js';
import { kept } from './kinds/fields.js';
import { inspections } from './kinds/inspections.js';
import { pageOf, type Page, type PageAsked } from './page.js';
import { writing } from './write-gate.js';

interface InspectionRow extends Row {
  id: string;
  placement_id: string;
  at: string;
  verdict: string;
  mode: string | null;
  struck: number | boolean;
  data: string;
  saved_at: string;
}

function read(row: InspectionRow): Inspection {
  return { ...kept(Inspection, row.data), struck: Boolean(row.struck) };
}

/** Looks at parts in service: each is written once, by an id that was made where it was written. */
export class InspectionStore {
  constructor(private readonly db: Knex) {}

  /** Looks at a part, the newest first. */
  page(placementId: string, asked: PageAsked): Promise<Page<Inspection>> {
    return pageOf<InspectionRow, Inspection>(
      this.db('inspections').where({ placement_id: placementId }),
      { columns: ['at', 'id'], direction: 'desc' },
      asked,
      row => {
        requireSum(inspections, row);
        return read(row);
      },
      row => row.id,
    );
  }

  /**
   * Keeps a look. The same one again, as a queue sends it after a lost answer, changes nothing.
   * @returns whether it is new
   * @throws HttpProblem 404 for a part that is not there, 409 for another look under the same id
   */
  async put(look: Inspection, now: string): Promise<boolean> {
    const { id, placementId } = look;
    return writing(this.db, async t => {
      const known = (await t('inspections').where({ id }).first()) as InspectionRow | undefined;
      if (known) {
        const before = read(known);
        if (isSame(before, look)) return false;
        throw new HttpProblem(
          409,
          [
            {
              field: 'id',
              value: id,
              message: 'is another look already; strike that one and write a new one',
            },
          ],
          { current: before },
        );
      }
      if (!(await t('placements').where({ id: placementId }).first('id')))
        throw notFound('part in service', placementId);
      const row = {
        id,
        placement_id: placementId,
        at: look.at,
        verdict: look.verdict,
        mode: look.mode,
        struck: look.struck,
        data: JSON.stringify(look),
        saved_at: now,
      };
      await insertRecord(t, inspections, row);
      const loose = await listProblems(t, inspections, row, new Set(), 'inspection.');
      if (loose.length) throw new HttpProblem(400, loose);
      return true;
    });
  }

  /** Strikes a look out, or lets it count again: it is never removed. @throws HttpProblem 404 */
  async strike(id: string, struck: boolean, now: string): Promise<Inspection> {
    return writing(this.db, async t => {
      const row = (await t('inspections').where({ id }).first()) as InspectionRow | undefined;
      if (!row) throw notFound('look', id);
      const look = { ...read(row), struck };
      await updateRecord(t, inspections, { ...row, struck, data: JSON.stringify(look), saved_at: now });
      return look;
    });
  }
}

/** Whether two are one look; having been struck since is no difference. */
function isSame(a: Inspection, b: Inspection): boolean {
  return JSON.stringify({ ...a, struck: false }) === JSON.stringify({ ...b, struck: false });
}
