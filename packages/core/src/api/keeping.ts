import type { LeftAsIs } from './workshop.js';

// How a workshop is kept: its door, its health, backups and archives.

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
  | 'paired'
  | 'pairing-refused'
  | 'key-refused'
  | 'withdrawn'
  | 'restored'
  | 'imported'
  | 'import-undone'
  | 'phrase-set'
  | 'phrase-removed'
  | 'desk-refused';

/** How the desk stands to a browser. */
export interface DeskState {
  /** Whether a pass phrase is set. */
  phrase: boolean;
  /** Whether this browser is let in. */
  open: boolean;
}

/** One thing that was done at the door, or to the workshop as a whole. */
export interface JournalEntry {
  at: string;
  kind: JournalKind;
  /** To whom or what: a name, an address, a file. */
  what: string;
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
  /** Set where the desk is locked, and this browser is not let in: nothing else is told then. */
  locked?: boolean;
}

/** What reading every record through found. */
export interface Verification {
  ok: boolean;
  /** Records that were read. */
  checked: number;
  problems: string[];
}
