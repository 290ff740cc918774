import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { LIBRARY_VERSION, type Brief, type Printer, type Ranking } from '@hornblende/core';

/** A decision as it was taken, with all that its ranking can be rebuilt from. */
export interface Decision {
  id: string;
  partId: string;
  firstChoice: string;
  secondChoice: string | null;
  reason: string;
  decidedBy: string;
  decidedAt: string;
  hazardAcknowledged: boolean;
  libraryVersion: string;
  brief: Brief;
  printer: Printer | null;
  ranking: Ranking;
}

interface DecisionRow {
  id: string; part_id: string; first_choice: string; second_choice: string | null; reason: string; decided_by: string; decided_at: string;
  hazard_acknowledged: number; library_version: string; brief: string; printer: string | null; ranking: string;
}

function toDecision(row: DecisionRow): Decision {
  return {
    id: row.id, partId: row.part_id, firstChoice: row.first_choice, secondChoice: row.second_choice, reason: row.reason, decidedBy: row.decided_by, decidedAt: row.decided_at,
    hazardAcknowledged: Boolean(row.hazard_acknowledged), libraryVersion: row.library_version,
    brief: JSON.parse(row.brief) as Brief, printer: row.printer ? JSON.parse(row.printer) as Printer : null, ranking: JSON.parse(row.ranking) as Ranking,
  };
}

/** Decisions in the database: only ever added to, so that a record stands. */
export class DecisionRepository {
  constructor(private readonly db: Knex) {}

  /** A part's decisions, newest first. */
  async of(partId: string): Promise<Decision[]> {
    return (await this.db<DecisionRow>('decisions').where({ part_id: partId }).orderBy([{ column: 'decided_at', order: 'desc' }, { column: 'id' }])).map(toDecision);
  }

  /** The newest decision of every part: part id → its choice and date. */
  async latest(): Promise<Record<string, Pick<Decision, 'firstChoice' | 'secondChoice' | 'decidedAt'>>> {
    const rows = await this.db<DecisionRow>('decisions').select('part_id', 'first_choice', 'second_choice', 'decided_at').orderBy('decided_at');
    return Object.fromEntries(rows.map(r => [r.part_id, { firstChoice: r.first_choice, secondChoice: r.second_choice, decidedAt: r.decided_at }]));
  }

  async add(d: Omit<Decision, 'id' | 'libraryVersion'>): Promise<Decision> {
    const row: DecisionRow = {
      id: randomUUID(), part_id: d.partId, first_choice: d.firstChoice, second_choice: d.secondChoice, reason: d.reason, decided_by: d.decidedBy, decided_at: d.decidedAt,
      hazard_acknowledged: d.hazardAcknowledged ? 1 : 0, library_version: LIBRARY_VERSION,
      brief: JSON.stringify(d.brief), printer: d.printer ? JSON.stringify(d.printer) : null, ranking: JSON.stringify(d.ranking),
    };
    await this.db('decisions').insert(row);
    return toDecision(row);
  }
}
