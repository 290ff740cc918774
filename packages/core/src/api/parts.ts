import type { Brief } from '../brief/brief.js';
import type { RecordPremises } from '../records/premises.js';
import type { DecisionRecord } from '../records/record.js';
import type { Revisioned } from './revisioned.js';

// Parts, their files, and what was decided of them.

/** A part: the brief as it was said (`given`), and with every default. */
export interface Part extends Revisioned {
  id: string;
  name: string;
  brief: Brief;
  given: object;
  printerId: string | null;
  weatherId: string | null;
  createdAt: string;
  /** When it was put away; null while it is worked on. */
  archivedAt: string | null;
}

/** What the full-text search finds: parts, and parts in service. */
export type SearchKind = 'parts' | 'placements';

/** What a search has found. */
export interface SearchHit {
  kind: SearchKind;
  id: string;
  title: string;
  /** Where a part in service is; nothing for a part. */
  place: string;
  /** Whether it was put away. */
  away: boolean;
}

/** The newest decision of a part that stands, as the list shows it. */
export interface LatestDecision {
  firstChoice: string;
  secondChoice: string | null;
  decidedAt: string;
}

/** A part in the list, with its newest decision. */
export interface ListedPart extends Part {
  decision: LatestDecision | null;
}

/** A brief as it stood after a save. */
export interface PartVersion {
  revision: number;
  brief: Brief;
  printerId: string | null;
  savedAt: string;
}

/** What may be saved of a part. `revision` is needed to update. */
export interface PartChange {
  brief: object;
  printerId: string | null;
  weatherId?: string | null;
  archived?: boolean;
  revision?: number;
  /** The id that a new one is to have. */
  id?: string | null;
}

/** What the server keeps of a part's file. */
export interface StoredShape {
  partId: string;
  name: string;
  /** The unit that it is read in; null: as the file says. */
  unit: string | null;
  bytes: number;
  sha256: string;
  updatedAt: string;
}

/** That a decision no longer stands, who says so and why. */
export interface Withdrawal {
  at: string;
  by: string;
  reason: string;
}

/** A record as it is kept: all of it but the families it was worked out from, which are kept apart. */
export type KeptRecord = Omit<DecisionRecord, 'premises'> & { premises: Omit<RecordPremises, 'families'> };

/** A record as it travels in lists: without the hours of its weather, too. */
export type ListedRecord = Omit<KeptRecord, 'premises'> & {
  premises: Omit<KeptRecord['premises'], 'weather'> & { weather: { name: string } | null };
};

/** A decision as lists show it: without its record. */
export interface DecisionSummary {
  id: string;
  partId: string;
  firstChoice: string;
  secondChoice: string | null;
  reason: string;
  decidedBy: string;
  decidedAt: string;
  withdrawn: Withdrawal | null;
}

/** A decision as it was taken; never changed, only withdrawn. */
export interface Decision {
  id: string;
  partId: string;
  record: ListedRecord;
  withdrawn: Withdrawal | null;
}
