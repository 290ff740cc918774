import type { Grade } from '../materials/grade.js';
import type { Fault } from '../triage/fault.js';
import type { Trial } from '../trials/trial.js';
import type { PrintEntry } from '../workshop/print-log.js';
import type { Printer } from '../workshop/printer.js';
import type { WorkshopSettings } from '../workshop/settings.js';
import type { Spool } from '../workshop/spool.js';
import type { Revisioned } from './revisioned.js';

// What a workshop has: printers, grades, spools, prints, trials, faults, weather, settings.

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

/** A spool of the shelf. */
export interface StoredSpool extends Revisioned {
  id: string;
  spool: Spool;
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

/** A fault, open or solved. */
export interface StoredFault extends Revisioned {
  id: string;
  fault: Fault;
}

/** What holds for the whole workshop, with what print services ask for its parts. */
export interface StoredWorkshop {
  settings: WorkshopSettings;
  quotes: Record<string, number>;
}
