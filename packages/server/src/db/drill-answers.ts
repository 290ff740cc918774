import { parseDrillAnswer, type DrillAnswer } from '@hornblende/core/formats';
import type { Knex } from 'knex';
import { HttpProblem } from '../lib/errors.js';
import { insertRecord, requireSum, type Row } from './kind.js';
import { drillAnswers } from './kinds/drill-answers.js';
import { pageOf, type Page, type PageAsked } from './page.js';
import { writing } from './write-gate.js';

interface AnswerRow {
  id: string;
  who: string;
  kind: string;
  at: string;
  data: string;
}

const read = (row: AnswerRow): DrillAnswer => parseDrillAnswer(JSON.parse(row.data));

/** Answers to drills: each is written once, by an id that was made where it was given. */
export class DrillAnswerStore {
  constructor(private readonly db: Knex) {}

  /** Every answer, the newest first. */
  page(asked: PageAsked): Promise<Page<DrillAnswer>> {
    return pageOf<AnswerRow, DrillAnswer>(
      this.db('drill_answers'),
      { columns: ['at', 'id'], direction: 'desc' },
      asked,
      row => {
        requireSum(drillAnswers, row as unknown as Row);
        return read(row);
      },
      row => row.id,
    );
  }

  /**
   * Keeps an answer. The same one again changes nothing.
   * @returns whether it is new
   * @throws HttpProblem 409 for another answer under the same id
   */
  async put(answer: DrillAnswer): Promise<boolean> {
    const { id, who, kind, at } = answer;
    const data = JSON.stringify(answer);
    return writing(this.db, async t => {
      const known = (await t('drill_answers').where({ id }).first()) as AnswerRow | undefined;
      if (!known) {
        await insertRecord(t, drillAnswers, { id, who, kind, at, data });
        return true;
      }
      if (JSON.stringify(read(known)) === data) return false;
      throw new HttpProblem(409, [{ field: 'id', value: id, message: 'is another answer already' }], {
        current: read(known),
      });
    });
  }

  /** Forgets all that one person answered. @returns how many */
  async forget(who: string): Promise<number> {
    return writing(this.db, t => t('drill_answers').where({ who }).delete());
  }
}
