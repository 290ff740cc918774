import { createHash, randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import type {
  Brief,
  Decision,
  DecisionRecord,
  Family,
  KeptRecord,
  LatestDecision,
  Printer,
  Ranking,
  Withdrawal,
} from '@hornblende/core';
import { HttpProblem, notFound } from '../http/errors.js';

interface DecisionRow {
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

function kept(row: DecisionRow): KeptRecord {
  return row.record ? (JSON.parse(row.record) as KeptRecord) : earlyRecord(row);
}

function withdrawalOf(row: DecisionRow): Withdrawal | null {
  if (row.withdrawn_at === null) return null;
  return { at: row.withdrawn_at, by: row.withdrawn_by ?? '', reason: row.withdrawn_reason ?? '' };
}

function toDecision(row: DecisionRow): Decision {
  const record = kept(row);
  const { weather } = record.premises;
  return {
    id: row.id,
    partId: row.part_id,
    record: { ...record, premises: { ...record.premises, weather: weather && { name: weather.name } } },
    withdrawn: withdrawalOf(row),
  };
}

/**
 * Decisions in the database: only ever added to and marked withdrawn, so that a record stands. The families behind
 * them are kept once for each state of the library.
 */
export class DecisionStore {
  constructor(private readonly db: Knex) {}

  /** A part's decisions, newest first. */
  async of(partId: string): Promise<Decision[]> {
    return (
      await this.db<DecisionRow>('decisions')
        .where({ part_id: partId })
        .orderBy([{ column: 'decided_at', order: 'desc' }, { column: 'id' }])
    ).map(toDecision);
  }

  /** One decision with everything it rests on. @throws HttpProblem 404 */
  async whole(partId: string, id: string): Promise<DecisionRecord> {
    const row = await this.db<DecisionRow>('decisions').where({ part_id: partId, id }).first();
    if (!row) throw notFound('decision', id);
    const record = kept(row);
    const snapshot = row.snapshot
      ? await this.db<SnapshotRow>('library_snapshots').where({ hash: row.snapshot }).first()
      : undefined;
    return {
      ...record,
      premises: { ...record.premises, families: snapshot ? (JSON.parse(snapshot.families) as Family[]) : [] },
    };
  }

  /** The newest decision that stands of every part: part id → its choice and date. */
  async latest(): Promise<Record<string, LatestDecision>> {
    const rows = await this.db<DecisionRow>('decisions')
      .select('part_id', 'first_choice', 'second_choice', 'decided_at')
      .whereNull('withdrawn_at')
      .orderBy('decided_at');
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
    const changed = await this.db<DecisionRow>('decisions')
      .where({ part_id: partId, id })
      .whereNull('withdrawn_at')
      .update({ withdrawn_at: at, withdrawn_by: by, withdrawn_reason: reason });
    const row = await this.db<DecisionRow>('decisions').where({ part_id: partId, id }).first();
    if (!row) throw notFound('decision', id);
    if (!changed)
      throw new HttpProblem(409, [{ field: 'decision', value: id, message: 'was withdrawn already' }]);
    return toDecision(row);
  }

  /** Keeps a decision with everything it rests on. */
  async add(partId: string, whole: DecisionRecord): Promise<Decision> {
    const { families, ...premises } = whole.premises;
    const record: KeptRecord = { ...whole, premises };
    const data = JSON.stringify(families);
    const hash = createHash('sha256').update(data).digest('hex');
    const row: DecisionRow = {
      id: randomUUID(),
      part_id: partId,
      first_choice: record.firstChoice,
      second_choice: record.secondChoice,
      reason: record.reason,
      decided_by: record.decidedBy,
      decided_at: record.decidedAt,
      hazard_acknowledged: record.hazardAcknowledged ? 1 : 0,
      library_version: record.libraryVersion,
      // The ranking and its brief stand inside the record.
      brief: JSON.stringify(premises.brief),
      printer: premises.printer ? JSON.stringify(premises.printer) : null,
      ranking: '{}',
      record: JSON.stringify(record),
      snapshot: hash,
      withdrawn_at: null,
      withdrawn_by: null,
      withdrawn_reason: null,
    };
    await this.db.transaction(async t => {
      await t<SnapshotRow>('library_snapshots').insert({ hash, families: data }).onConflict('hash').ignore();
      await t('decisions').insert(row);
    });
    return toDecision(row);
  }
}
