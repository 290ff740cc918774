import type { Brief } from './brief/brief.js';
import type { Grade } from './materials/grade.js';
import type { RecordPremises } from './records/premises.js';
import type { DecisionRecord } from './records/record.js';
import type { Printer } from './workshop/printer.js';
import type { WorkshopSettings } from './workshop/settings.js';
import type { Due } from './service/due.js';
import type { EvidenceGroup } from './service/evidence.js';
import type { FieldEvidence } from './service/field-evidence.js';
import type { Happened } from './service/happened.js';
import type { ModelCalibration } from './service/model-calibration.js';
import type { Inspection, InspectionVerdict } from './service/inspection.js';
import type { Placement } from './service/placement.js';
import type { ServiceStanding } from './service/standing.js';
import type { PlaceMap } from './service/place-map.js';
import type { Fault } from './triage/fault.js';
import type { Trial } from './trials/trial.js';
import type { PrintEntry } from './workshop/print-log.js';
import type { Spool } from './workshop/spool.js';

// What travels between server and interface: stated once, for both.

/** Anything that is kept with a revision: a write names the one it was made from. */
export interface Revisioned {
  revision: number;
  updatedAt: string;
}

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

/** Stored weather without its hours. */
export interface WeatherSummary {
  id: string;
  name: string;
  createdAt: string;
  hours: number;
  airMinC: number;
  airMaxC: number;
  ghiKWhm2Year: number;
}

/** A printer of the workshop. */
export interface StoredPrinter extends Revisioned {
  id: string;
  profile: Printer;
  isDefault: boolean;
}

/** A grade of the library, by its key. */
export interface StoredGrade extends Revisioned {
  grade: Grade;
}

/** One grade of an import: with the revision it was previewed against, or null where there was none. */
export interface ImportItem {
  grade: Grade;
  revision: number | null;
}

/** What an import of grades did; `id` takes it back. */
export interface ImportResult {
  id: string;
  added: number;
  changed: number;
}

/** What was left as it is when an import was taken back, and why. */
export interface LeftAsIs {
  what: string;
  why: string;
}

/** What taking an import back did: what was changed since, or is named by something newer, stays. */
export interface ImportUndone {
  restored: number;
  left: LeftAsIs[];
}

/** A fault, open or solved. */
export interface StoredFault extends Revisioned {
  id: string;
  fault: Fault;
}

/** A map of places. */
export interface StoredMap extends Revisioned {
  id: string;
  map: PlaceMap;
}

/** A print of the log. */
export interface StoredPrint extends Revisioned {
  id: string;
  print: PrintEntry;
}

/** A trial. */
export interface StoredTrial extends Revisioned {
  id: string;
  trial: Trial;
}

/** A part in service. */
export interface StoredPlacement extends Revisioned {
  id: string;
  placement: Placement;
}

/** A part in service in a list: how it stands, and when it is due. */
export interface ListedPlacement extends StoredPlacement {
  standing: ServiceStanding;
  /** Null where its service has ended. */
  due: Due | null;
  /** How it was found, look by look, the oldest first: the last ones of many. */
  seen: SeenLook[];
}

/** How a part was found at a look: years after it went out, not counting the time that it was taken in. */
export interface SeenLook {
  years: number;
  verdict: InspectionVerdict;
}

/** A photograph that is kept. */
export interface StoredPhoto {
  sha256: string;
  type: 'image/jpeg' | 'image/png';
  width: number;
  height: number;
  bytes: number;
}

/** What parts in service tell, as the server works it out. */
export interface ServiceEvidence {
  groups: EvidenceGroup[];
  field: FieldEvidence[];
  happened: Happened[];
  calibration: ModelCalibration;
}

/** A table of parts to place: `POST /api/service/import`. */
export interface PlacedImport {
  parts: { placement: Placement; looks: Omit<Inspection, 'id' | 'placementId'>[] }[];
}

/** The parts that an import placed, in its order. */
export interface PlacedImportResult {
  ids: string[];
}

/** What of an import could not be taken back, and why. */
export interface PlacedImportUndone {
  left: { id: string; why: string }[];
}

/** A phone that may look at parts in service. */
export interface PairedPhone {
  id: string;
  name: string;
  pairedAt: string;
  seenAt: string | null;
  withdrawnAt: string | null;
  /** When its key runs out unless it is used before. */
  endsAt: string;
}

/** What the journal tells of. */
export type JournalKind =
  'paired' | 'pairing-refused' | 'key-refused' | 'withdrawn' | 'restored' | 'imported' | 'import-undone';

/** One thing that was done at the door, or to the workshop as a whole. */
export interface JournalEntry {
  at: string;
  kind: JournalKind;
  /** To whom or what: a name, an address, a file. */
  what: string;
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

/** A spool of the shelf. */
export interface StoredSpool extends Revisioned {
  id: string;
  spool: Spool;
}

/** What holds for the whole workshop, with what print services ask for its parts. */
export interface StoredWorkshop {
  settings: WorkshopSettings;
  quotes: Record<string, number>;
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

/** Why a backup was made. */
export type BackupKind = 'daily' | 'demand' | 'migration';

/** A backup of the whole workshop. */
export interface BackupSummary {
  name: string;
  kind: BackupKind;
  at: string;
  bytes: number;
  /** How many of each kind of record are in it. */
  counts: Record<string, number>;
  /** Records that were read through after writing, and what was wrong with them. */
  checked: number;
  problems: string[];
  /** Photographs that its records name and that could not be copied, for their files are gone. */
  photosGone: number;
}

/** What importing an archive would do to one kind of record. */
export interface ArchiveKindPreview {
  kind: string;
  adds: number;
  changes: number;
  /** Records that were changed here after the archive was made. */
  conflicts: number;
  same: number;
}

/** What importing an archive would do. */
export interface ArchivePreview {
  /** Names the archive when it is imported. */
  id: string;
  madeAt: string;
  kinds: ArchiveKindPreview[];
  /** Some of what would be changed, by name. */
  named: { kind: string; title: string; verdict: 'add' | 'change' | 'conflict' }[];
}

/** What importing an archive did; `id` takes it back. */
export interface ArchiveImported {
  id: string;
  added: number;
  changed: number;
  /** Records in conflict that were left as they are here. */
  kept: number;
}

/** What taking the import of an archive back did. */
export interface ArchiveUndone {
  restored: number;
  /** Records that were changed since, or that something newer refers to. */
  left: LeftAsIs[];
}

/** How the server is. */
export interface Health {
  status: 'ok' | 'damaged';
  version: string;
  /** What is damaged in the file itself, in SQLite's words: nothing is written then. */
  damage?: string[];
  /** Records that are not as they were written: lists leave them out, and the rest goes on. */
  damagedRecords?: string[];
  /** Set where it is answered to phones: parts in service, and nothing else. */
  phone?: boolean;
}

/** What reading every record through found. */
export interface Verification {
  ok: boolean;
  /** Records that were read. */
  checked: number;
  problems: string[];
}
