// What travels between server and interface: stated once, for both.
export type {
  PairedPhone,
  DeskState,
  JournalKind,
  JournalEntry,
  BackupKind,
  BackupSummary,
  ArchivePreview,
  ArchiveImported,
  ArchiveUndone,
  Health,
  Verification,
} from './keeping.js';
export type {
  SearchKind,
  SearchHit,
  Part,
  LatestDecision,
  ListedPart,
  PartVersion,
  PartChange,
  StoredShape,
  Withdrawal,
  KeptRecord,
  DecisionSummary,
  Decision,
} from './parts.js';
export type { Revisioned } from './revisioned.js';
export type {
  StoredMap,
  StoredPlacement,
  ListedPlacement,
  SeenLook,
  StoredPhoto,
  ServiceEvidence,
  PlacedImport,
  PlacedImportResult,
  PlacedImportUndone,
} from './service.js';
export type {
  WeatherSummary,
  StoredPrinter,
  StoredGrade,
  ImportItem,
  ImportResult,
  LeftAsIs,
  ImportUndone,
  StoredSpool,
  StoredPrint,
  StoredTrial,
  StoredFault,
  StoredWorkshop,
} from './workshop.js';
