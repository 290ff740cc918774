import type {
  PlacedImport,
  PlacedImportResult,
  PlacedImportUndone,
  ArchiveImported,
  ArchivePreview,
  ArchiveUndone,
  BackupSummary,
  Decision,
  DecisionSummary,
  DeskState,
  Health,
  ImportItem,
  ImportResult,
  ImportUndone,
  LeftAsIs,
  SearchKind,
  ListedHappened,
  ListedPart,
  SearchHit,
  ListedPlacement,
  Part,
  PartChange,
  PartVersion,
  JournalEntry,
  PairedPhone,
  ServiceEvidence,
  StoredFault,
  StoredGrade,
  StoredMap,
  StoredPhoto,
  StoredPlacement,
  StoredPrint,
  StoredPrinter,
  StoredShape,
  StoredSpool,
  StoredTrial,
  StoredWorkshop,
  Verification,
  WeatherSummary,
} from '@hornblende/core/api';
import type { Weather } from '@hornblende/core/climate';
import type {
  DrillAnswer,
  Fault,
  Grade,
  Inspection,
  PlaceMap,
  Placement,
  Printer,
  PrintEntry,
  Spool,
  Trial,
  TrialReading,
  WorkshopSettings,
} from '@hornblende/core/formats';
import type { MeshUnit } from '@hornblende/core/geometry';
import type { FieldInfo } from '@hornblende/core/input';
import type { DecisionInput, RecordDrift } from '@hornblende/core/records';
import type { Grouping, Happened } from '@hornblende/core/service';
import type { OpenTrial } from '@hornblende/core/trials';
import {
  answered,
  file,
  followed,
  LATER,
  long,
  page,
  request,
  sent,
  whole,
  type LongOptions,
} from './request';

/** A kind of coupon, and its numbers. */
export interface CouponKind {
  id: string;
  title: string;
  /** What it tells when it is printed. */
  measures: string;
  /** Whether it is printed with all infill. */
  solid: boolean;
  inputs: FieldInfo[];
}

/** The server's API, one function a route. */
export const api = {
  parts: (next: string | null, { archived = false, words = '' } = {}) =>
    page<ListedPart>(next ?? `/parts?archived=${archived}&search=${encodeURIComponent(words)}`),
  part: (id: string) => request<Part>('GET', `/parts/${id}`),
  search: (words: string, kinds: readonly SearchKind[], limit: number) =>
    request<SearchHit[]>(
      'GET',
      `/search?kinds=${kinds.join()}&limit=${limit}&words=${encodeURIComponent(words)}`,
    ),
  createPart: (change: PartChange) => request<Part>('POST', '/parts', change),
  savePart: (id: string, change: PartChange, keepalive = false) =>
    request<Part>('PUT', `/parts/${id}`, change, { keepalive }),
  deletePart: (id: string) => request<null>('DELETE', `/parts/${id}`),
  versions: (id: string) => whole<PartVersion>(`/parts/${id}/versions`),
  openTrials: () => request<OpenTrial[]>('GET', '/bench'),
  putReading: (id: string, material: string, reading: TrialReading) =>
    request<Trial>('PUT', `/bench/${id}/readings`, { material, reading }),
  weathers: () => whole<WeatherSummary>('/weathers'),
  weather: (id: string) => request<Weather>('GET', `/weathers/${id}`),
  addWeather: (weather: Weather) => request<{ id: string; name: string }>('POST', '/weathers', weather),
  decisions: (id: string, next: string | null) => page<DecisionSummary>(next ?? `/parts/${id}/decisions`),
  decision: (partId: string, id: string) => request<Decision>('GET', `/parts/${partId}/decisions/${id}`),
  decide: (id: string, input: DecisionInput) => request<Decision>('POST', `/parts/${id}/decisions`, input),
  withdraw: (partId: string, id: string, reason: string, by: string) =>
    request<Decision>('POST', `/parts/${partId}/decisions/${id}/withdrawal`, { reason, by }),
  drift: (partId: string, id: string) =>
    request<RecordDrift>('GET', `/parts/${partId}/decisions/${id}/drift`),
  printers: () => whole<StoredPrinter>('/printers'),
  createPrinter: (profile: Printer, isDefault: boolean, id: string | null = null) =>
    request<StoredPrinter>('POST', '/printers', { profile, isDefault, id }),
  savePrinter: ({ id, profile, isDefault, revision }: StoredPrinter) =>
    request<StoredPrinter>('PUT', `/printers/${id}`, { profile, isDefault, revision }),
  removePrinter: (id: string) => request<null>('DELETE', `/printers/${id}`),
  grades: () => whole<StoredGrade>('/grades'),
  addGrade: (grade: Grade) => request<StoredGrade>('POST', '/grades', { grade }),
  saveGrade: (key: string, grade: Grade, revision: number) =>
    request<StoredGrade>('PUT', `/grades/${key}`, { grade, revision }),
  removeGrade: (key: string) => request<null>('DELETE', `/grades/${key}`),
  importGrades: (grades: ImportItem[], signal: AbortSignal) =>
    request<ImportResult>('POST', '/grades/import', { grades }, { signal }),
  undoImport: (id: string) => request<ImportUndone>('POST', `/grades/imports/${id}/undo`),
  spools: () => whole<StoredSpool>('/spools'),
  addSpool: (spool: Spool, id: string | null = null) =>
    request<StoredSpool>('POST', '/spools', { spool, id }),
  saveSpool: (id: string, spool: Spool, revision: number) =>
    request<StoredSpool>('PUT', `/spools/${id}`, { spool, revision }),
  removeSpool: (id: string) => request<null>('DELETE', `/spools/${id}`),
  prints: () => whole<StoredPrint>('/prints'),
  addPrint: (print: PrintEntry, id: string | null = null) =>
    request<StoredPrint>('POST', '/prints', { print, id }),
  savePrint: ({ id, print, revision }: StoredPrint) =>
    request<StoredPrint>('PUT', `/prints/${id}`, { print, revision }),
  removePrint: (id: string) => request<null>('DELETE', `/prints/${id}`),
  file,
  coupons: () => request<CouponKind[]>('GET', '/coupons'),
  layOutDemo: () => request<{ laidOut: boolean }>('POST', '/demo'),
  drillAnswers: () => whole<DrillAnswer>('/drills/answers'),
  addDrillAnswer: (answer: DrillAnswer) =>
    request<DrillAnswer>('PUT', `/drills/answers/${answer.id}`, { answer }),
  forgetDrillAnswers: (who: string) =>
    request<{ forgotten: number }>('DELETE', `/drills/answers?who=${encodeURIComponent(who)}`),
  faults: () => whole<StoredFault>('/faults'),
  fault: (id: string) => request<StoredFault>('GET', `/faults/${id}`),
  addFault: (fault: Fault, id: string | null = null) =>
    request<StoredFault>('POST', '/faults', { fault, id }),
  saveFault: (id: string, fault: Fault, revision: number) =>
    request<StoredFault>('PUT', `/faults/${id}`, { fault, revision }),
  removeFault: (id: string) => request<null>('DELETE', `/faults/${id}`),
  maps: () => whole<StoredMap>('/maps'),
  addMap: (map: PlaceMap, id: string) => request<StoredMap>('POST', '/maps', { map, id }),
  saveMap: ({ id, map, revision }: StoredMap, keepalive = false) =>
    request<StoredMap>('PUT', `/maps/${id}`, { map, revision }, { keepalive }),
  removeMap: (id: string) => request<null>('DELETE', `/maps/${id}`),
  trials: () => whole<StoredTrial>('/trials'),
  trial: (id: string) => request<StoredTrial>('GET', `/trials/${id}`),
  addTrial: (trial: Trial, id: string | null = null) =>
    request<StoredTrial>('POST', '/trials', { trial, id }),
  saveTrial: (id: string, trial: Trial, revision: number) =>
    request<StoredTrial>('PUT', `/trials/${id}`, { trial, revision }),
  removeTrial: (id: string) => request<null>('DELETE', `/trials/${id}`),
  placements: () => whole<ListedPlacement>('/placements'),
  placement: (id: string) => request<StoredPlacement>('GET', `/placements/${id}`),
  addPlacement: (placement: Placement, id: string | null = null) =>
    request<StoredPlacement>('POST', '/placements', { placement, id }),
  savePlacement: (id: string, placement: Placement, revision: number) =>
    request<StoredPlacement>('PUT', `/placements/${id}`, { placement, revision }),
  removePlacement: (id: string) => request<null>('DELETE', `/placements/${id}`),
  inspections: (id: string) => whole<Inspection>(`/placements/${id}/inspections`),
  sendInspection: (inspection: Inspection) =>
    request<Inspection>('PUT', `/inspections/${inspection.id}`, { inspection }),
  importPlaced: (items: PlacedImport, signal: AbortSignal) =>
    request<PlacedImportResult>('POST', '/service/import', items, { signal }),
  undoPlaced: (ids: readonly string[]) =>
    request<PlacedImportUndone>('POST', '/service/import/undo', { ids }),
  strikeInspection: (id: string, struck: boolean) =>
    request<Inspection>('POST', `/inspections/${id}/strike`, { struck }),
  sendPhoto: async (photo: Blob) => answered<StoredPhoto>(await sent('/photos', photo)),
  phones: () =>
    request<{ url: string | null; fingerprint: string | null; phones: PairedPhone[] }>('GET', '/phones'),
  journal: () => request<JournalEntry[]>('GET', '/journal?limit=200'),
  pairingCode: () => request<{ code: string; expiresAt: string }>('POST', '/phones/code'),
  withdrawPhone: (id: string) => request<null>('POST', `/phones/${id}/withdrawal`),
  pair: (code: string, name: string) => request<{ paired: string }>('POST', '/pair', { code, name }),
  happened: (next: string | null) => page<ListedHappened>(next ?? '/service/happened?limit=40'),
  happenedToPart: (id: string) => request<Happened | null>('GET', `/placements/${id}/happened`),
  serviceEvidence: (by: Grouping) => request<ServiceEvidence>('GET', `/service/evidence?by=${by}`),
  shape: (partId: string) => request<StoredShape | null>('GET', `/parts/${partId}/shape`),
  shapeFile: (partId: string) => file(`/parts/${partId}/shape/file`),
  keepShape: async (partId: string, name: string, unit: MeshUnit | null, file: Blob) => {
    const query = new URLSearchParams({ name, ...(unit ? { unit } : {}) });
    return answered<StoredShape>(await sent(`/parts/${partId}/shape?${query}`, file, undefined, 'PUT'));
  },
  workshop: () => request<StoredWorkshop>('GET', '/workshop'),
  saveWorkshop: (settings: WorkshopSettings) => request<StoredWorkshop>('PUT', '/workshop', settings),
  health: () => request<Health>('GET', '/health'),
  desk: () => request<DeskState>('GET', '/desk'),
  openDesk: (phrase: string) => request<null>('POST', '/desk/session', { phrase }),
  lockDesk: () => request<null>('DELETE', '/desk/session'),
  setDeskPhrase: (phrase: string | null, old: string) =>
    request<null>('PUT', '/desk/phrase', { phrase, ...(old ? { old } : {}) }),
  backups: () => request<BackupSummary[]>('GET', '/backups'),
  makeBackup: () => long<BackupSummary>('POST', '/backups'),
  restoreBackup: (name: string) => request<object>('POST', `/backups/${encodeURIComponent(name)}/restore`),
  verify: (how?: LongOptions) => long<Verification>('GET', '/backups/verify', how),
  exportArchive: (how: LongOptions) =>
    long<{ id: string; files: number; left: LeftAsIs[] }>('POST', '/archive/exports', how),
  archiveAddress: (id: string) => `/api/archive/exports/${id}`,
  previewArchive: async (file: Blob, how: LongOptions) =>
    followed<ArchivePreview>(await sent('/archive/previews', file, how.signal, 'POST', LATER), how),
  importArchive: (id: string, conflicts: 'keep' | 'replace', how: LongOptions) =>
    long<ArchiveImported>('POST', '/archive/imports', how, { id, conflicts }),
  undoArchive: (id: string) => request<ArchiveUndone>('POST', `/archive/imports/${id}/undo`),
  saveQuote: (partId: string, each: number | null) =>
    request<StoredWorkshop>('PUT', `/workshop/quotes/${partId}`, { each }),
};
