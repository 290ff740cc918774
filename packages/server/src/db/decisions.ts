import { createHash, randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import type { Decision, DecisionSummary, KeptRecord, LatestDecision, Withdrawal } from '@hornblende/core/api';
import type { Brief, Printer } from '@hornblende/core/formats';
import type { Family } from '@hornblende/core/materials';
import type { DecisionRecord } from '@hornblende/core/records';
import type { Ranking } from '@hornblende/core/score';
import { HttpProblem, notFound } from '../lib/errors.js';
import { keepPieces, putTogether, takeApart, type LeanRecord, type TakenApart } from './decision-pieces.js';
import { insertOnce, insertRecord, requireSum, updateRecord, type Row } from './kind.js';
import { decisions, libraries } from './kinds/decisions.js';
import { damagedRecord } from './revisioned-store.js';
import { pageOf, type ListOrder, type Page, type PageAsked } from './page.js';
import { writing } from './write-gate.js';

interface DecisionRow extends Row {
  id: string;
  part_id: string;
  first_choice: string;
  second_choice: string | null;
  reason: string;
  decided_by: string;
  decided_at: string;
  hazard_acknowledged: number;
  library_version: string;
  brief: string;
  printer: string | null;
  ranking: string;
  record: string | null;
  snapshot: string | null;
  withdrawn_at: string | null;
  withdrawn_by: string | null;
  withdrawn_reason: string | null;
}

const newestFirst: ListOrder = { columns: ['decided_at', 'id'], direction: 'desc' };

interface SnapshotRow {
  hash: string;
  families: string;
}

/**
 * Decisions that were taken before records were kept whole have no chances, no assumptions and no
 * rejections to show.
 */
function earlyRecord(row: DecisionRow): KeptRecord {
  const brief = JSON.parse(row.brief) as Brief;
  return {
    format: 'hornblende-decision',
    version: 1,
    part: brief.name,
    firstChoice: row.first_choice,
    secondChoice: row.second_choice,
    reason: row.reason,
    decidedBy: row.decided_by,
    decidedAt: row.decided_at,
    hazardAcknowledged: Boolean(row.hazard_acknowledged),
    libraryVersion: row.library_version,
    ranking: JSON.parse(row.ranking) as Ranking,
    robustness: { draws: 0, seed: 0, candidates: [] },
    rejected: [],
    assumptions: [],
    premises: {
      brief,
      printer: row.printer ? (JSON.parse(row.printer) as Printer) : null,
      weather: null,
      grades: [],
      libraryVersion: row.library_version,
    },
  };
}

/** The whole record of a row: packed, or as earlier versions kept it. */
async function kept(db: Knex, row: DecisionRow): Promise<KeptRecord> {
  if (!row.record) return earlyRecord(row);
  const record = JSON.parse(row.record) as LeanRecord | KeptRecord;
  return 'pieces' in record ? putTogether(db, record) : record;
}

function withdrawalOf(row: DecisionRow): Withdrawal | null {
  if (row.withdrawn_at === null) return null;
  return { at: row.withdrawn_at, by: row.withdrawn_by ?? '', reason: row.withdrawn_reason ?? '' };
}

async function toDecision(db: Knex, row: DecisionRow): Promise<Decision> {
  const record = await kept(db, row);
  const { weather } = record.premises;
  return {
    id: row.id,
    partId: row.part_id,
    record: { ...record, premises: { ...record.premises, weather: weather && { name: weather.name } } },
    withdrawn: withdrawalOf(row),
  };
}

function summaryOf(row: DecisionRow): DecisionSummary {
  return {
    id: row.id,
    partId: row.part_id,
    firstChoice: row.first_choice,
    secondChoice: row.second_choice,
    reason: row.reason,
    decidedBy: row.decided_by,
    decidedAt: row.decided_at,
    withdrawn: withdrawalOf(row),
  };
}

/**
 * Decisions in the database: only ever added to and marked withdrawn, so that a record stands. The families behind
 * them are kept once for each state of the library.
 */
export class DecisionStore {
  constructor(private readonly db: Knex) {}

  /** A page of a part's decisions, newest first, without their records. */
  async page(partId: string, asked: PageAsked): Promise<Page<DecisionSummary>> {
    const query = this.db<DecisionRow>('decisions').where({ part_id: partId });
    return pageOf<DecisionRow, DecisionSummary>(
      query,
      newestFirst,
      asked,
      row => {
        requireSum(decisions, row);
        return summaryOf(row);
      },
      row => row.id,
    );
  }

  /** One decision with its record. @throws HttpProblem 404 */
  async get(partId: string, id: string): Promise<Decision> {
    return toDecision(this.db, await rowOf(this.db, partId, id));
  }

  /** One decision with everything it rests on. @throws HttpProblem 404 */
  async whole(partId: string, id: string): Promise<DecisionRecord> {
    const row = await rowOf(this.db, partId, id);
    const record = await kept(this.db, row);
    const snapshot = row.snapshot
      ? await this.db<SnapshotRow>('library_snapshots').where({ hash: row.snapshot }).first()
      : undefined;
    return {
      ...record,
      premises: { ...record.premises, families: snapshot ? (JSON.parse(snapshot.families) as Family[]) : [] },
    };
  }

  /** The newest decision that stands of some parts: part id → its choice and date. */
  async latest(partIds: readonly string[]): Promise<Record<string, LatestDecision>> {
    // One look into the index a part, however many decisions it has.
    const rows = (await this.db('parts as p')
      .join('decisions as d', join =>
        join.on(
          'd.id',
          this.db.raw(
            `(select id from decisions where part_id = p.id and withdrawn_at is null
              order by decided_at desc limit 1)`,
          ),
        ),
      )
      .whereIn('p.id', [...partIds])
      .select('d.part_id', 'd.first_choice', 'd.second_choice', 'd.decided_at')) as DecisionRow[];
    return Object.fromEntries(
      rows.map(r => [
        r.part_id,
        { firstChoice: r.first_choice, secondChoice: r.second_choice, decidedAt: r.decided_at },
      ]),
    );
  }

  /**
   * Marks a decision as no longer standing; the record stays as it was taken.
   * @throws HttpProblem 404; 409 when it was withdrawn before
   */
  async withdraw(partId: string, id: string, { at, by, reason }: Withdrawal): Promise<Decision> {
    return writing(this.db, async t => {
      const row = await rowOf(t, partId, id);
      if (row.withdrawn_at !== null)
        throw new HttpProblem(409, [{ field: 'decision', value: id, message: 'was withdrawn already' }]);
      const withdrawn = { ...row, withdrawn_at: at, withdrawn_by: by, withdrawn_reason: reason };
      await updateRecord(t, decisions, withdrawn);
      return toDecision(t, withdrawn);
    });
  }

  /** Keeps a decision with everything it rests on. */
  async add(partId: string, ready: ReadyDecision): Promise<Decision> {
    const { lean, pieces, families, hash } = ready;
    const row: DecisionRow = {
      id: randomUUID(),
      part_id: partId,
      first_choice: lean.firstChoice,
      second_choice: lean.secondChoice,
      reason: lean.reason,
      decided_by: lean.decidedBy,
      decided_at: lean.decidedAt,
      hazard_acknowledged: lean.hazardAcknowledged ? 1 : 0,
      library_version: lean.libraryVersion,
      // Brief, printer and ranking stand inside the record.
      brief: '{}',
      printer: null,
      ranking: '{}',
      record: JSON.stringify(lean),
      snapshot: hash,
      withdrawn_at: null,
      withdrawn_by: null,
      withdrawn_reason: null,
    };
    await writing(this.db, async t => {
      if (!(await t('parts').where({ id: partId }).first('id'))) throw notFound('part', partId);
      await insertOnce(t, libraries, { hash, families });
      await keepPieces(t, pieces);
      await insertRecord(t, decisions, row);
    });
    return toDecision(this.db, row);
  }
}

/** @throws HttpProblem 404; 503 for a row that is damaged */
async function rowOf(db: Knex, partId: string, id: string): Promise<DecisionRow> {
  const row = await db<DecisionRow>('decisions').where({ part_id: partId, id }).first();
  if (!row) throw notFound('decision', id);
  try {
    requireSum(decisions, row);
  } catch (e) {
    throw damagedRecord(decisions.one, id, e);
  }
  return row;
}

/** A decision worked out and packed, ready to be kept. */
export interface ReadyDecision extends TakenApart {
  /** The families behind it as text, and its hash: kept once for each state of the library. */
  families: string;
  hash: string;
}

/** Packs a decision's record for {@link DecisionStore.add}. */
export function readyToKeep(whole: DecisionRecord): ReadyDecision {
  const { families, ...premises } = whole.premises;
  const text = JSON.stringify(families);
  const hash = createHash('sha256').update(text).digest('hex');
  return { ...takeApart({ ...whole, premises }), families: text, hash };
}
