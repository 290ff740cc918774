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
  Health,
  ImportItem,
  ImportResult,
  ImportUndone,
  LeftAsIs,
  ListedPart,
  ListedPlacement,
  Part,
  PartChange,
  PartVersion,
  JournalEntry,
  PairedPhone,
  ServiceEvidence,
  StoredFault,
  StoredGrade,
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
  Placement,
  Printer,
  PrintEntry,
  Spool,
  Trial,
  TrialReading,
  WorkshopSettings,
} from '@hornblende/core/formats';
import type { MeshUnit } from '@hornblende/core/geometry';
import type { Problem, FieldInfo } from '@hornblende/core/input';
import type { DecisionInput, RecordDrift } from '@hornblende/core/records';
import type { Grouping } from '@hornblende/core/service';
import type { OpenTrial } from '@hornblende/core/trials';

import { noteLeftOut } from './left-out';

/** What is meant by the fields that are none of a form's. */
const places: Record<string, string> = {
  '(disk)': 'The disk',
  '(database)': 'The workshop’s file',
  '(server)': 'The server',
  '(request)': 'The request',
  '(archive)': 'The archive',
  '(workshop)': 'The workshop',
};

/** A problem as a sentence without its end: where, and what is the matter. */
export function problemSentence({ field, message }: Problem): string {
  return `${places[field] ?? field} ${message}`;
}

/** An answer of the server that is not a success. Status 0: it could not be reached. */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    readonly problems: Problem[],
    readonly body: Record<string, unknown> = {},
  ) {
    super(problems.map(problemSentence).join('; '));
    this.name = 'ApiError';
  }
}

interface RequestOptions {
  keepalive?: boolean;
  signal?: AbortSignal;
}

async function request<T>(
  method: string,
  path: string,
  body?: unknown,
  options: RequestOptions = {},
): Promise<T> {
  return answered<T>(await reached(method, path, body, options));
}

/** A page of a list. */
export interface ListPage<T> {
  items: T[];
  /** Asks for the page after; null at the end. */
  next: string | null;
  /** Rows of it that are damaged: they are left out. */
  unreadable: number;
}

async function page<T>(path: string): Promise<ListPage<T>> {
  const response = await reached('GET', path, undefined, {});
  const items = await answered<T[]>(response);
  const unreadable = Number(response.headers.get('Unreadable-Rows') ?? 0);
  noteLeftOut(path, unreadable);
  return { items, next: nextOf(response.headers.get('Link')), unreadable };
}

/** The next page's path as the header `Link` has it (RFC 8288). */
function nextOf(link: string | null): string | null {
  return /<\/api([^>]+)>; rel="next"/.exec(link ?? '')?.[1] ?? null;
}

/** Every page of a list, one after the other. */
async function whole<T>(path: string): Promise<T[]> {
  const items: T[] = [];
  let unreadable = 0;
  for (let next: string | null = `${path}?limit=${LONGEST_PAGE}`; next !== null;) {
    const got: ListPage<T> = await page<T>(next);
    for (const item of got.items) items.push(item);
    unreadable += got.unreadable;
    next = got.next;
  }
  noteLeftOut(path, unreadable);
  return items;
}

/** Rows that the server gives at once at most. */
const LONGEST_PAGE = 1000;

/** A file that the server makes or keeps. */
async function file(path: string): Promise<ArrayBuffer> {
  const response = await fetched(path, { method: 'GET' });
  return response.ok ? response.arrayBuffer() : answered<never>(response);
}

async function answered<T>(response: Response): Promise<T> {
  const text = await response.text();
  let data: unknown = null;
  try {
    data = text ? JSON.parse(text) : null;
  } catch {
    /* not ours: told by its status below */
  }
  if (response.ok) return data as T;
  const { errors, ...rest } = (data ?? {}) as { errors?: Problem[] };
  const unknown = [{ field: '(server)', value: null, message: `answered ${response.status}` }];
  throw new ApiError(response.status, errors ?? unknown, rest);
}

/** How long work is followed. */
export interface LongOptions {
  /** Ends it. */
  signal?: AbortSignal;
  /** Is told how far it is, from 0 to 1. */
  progress?: (share: number) => void;
}

/** How often it is asked how far long work is, ms. */
const ASK_MS = 250;
/** Asks for work that takes longer than a request should (RFC 7240). */
const LATER = { Prefer: 'respond-async' };

/** Follows long work to its end. @throws ApiError as the work was refused */
async function followed<T>(begun: Response, { signal, progress }: LongOptions): Promise<T> {
  if (begun.status !== 202) return answered<T>(begun);
  const { id } = await answered<{ id: string }>(begun);
  for (;;) {
    if (signal?.aborted) {
      await request('DELETE', `/jobs/${id}`).catch(() => undefined);
      signal.throwIfAborted();
    }
    const job = await request<LongJobState<T>>('GET', `/jobs/${id}`);
    if (job.state === 'done') return job.result;
    if (job.state === 'failed') throw new ApiError(job.status, job.errors);
    progress?.(job.total ? job.done / job.total : 0);
    await new Promise(resolve => setTimeout(resolve, ASK_MS));
  }
}

type LongJobState<T> =
  | { state: 'running'; done: number; total: number }
  | { state: 'done'; result: T }
  | { state: 'failed'; status: number; errors: Problem[] };

/** Begins long work with JSON, and follows it. */
async function long<T>(method: string, path: string, how: LongOptions = {}, body?: unknown): Promise<T> {
  const json = body === undefined ? {} : { body: JSON.stringify(body) };
  const headers = { ...LATER, ...(body === undefined ? {} : { 'Content-Type': 'application/json' }) };
  return followed<T>(await fetched(path, { method, headers, ...json }), how);
}

/** Sends a file as it is. */
function sent(path: string, file: Blob, signal?: AbortSignal, method = 'POST', more = {}): Promise<Response> {
  const headers = { 'Content-Type': 'application/octet-stream', ...more };
  return fetched(path, { method, headers, body: file, ...(signal ? { signal } : {}) });
}

function reached(method: string, path: string, body: unknown, options: RequestOptions): Promise<Response> {
  const json =
    body === undefined ? {} : { headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) };
  return fetched(path, { method, ...options, ...json });
}

async function fetched(path: string, init: RequestInit): Promise<Response> {
  try {
    return await fetch(`/api${path}`, init);
  } catch (e) {
    if (init.signal?.aborted) throw e;
    throw new ApiError(0, [
      { field: 'Hornblende', value: null, message: 'cannot be reached: is it still running?' },
    ]);
  }
}

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
  parts: (next: string | null, archived = false) =>
    page<ListedPart>(next ?? `/parts${archived ? '?archived=true' : ''}`),
  part: (id: string) => request<Part>('GET', `/parts/${id}`),
  findParts: (words: string, most: number) =>
    page<ListedPart>(`/parts?limit=${most}&search=${encodeURIComponent(words)}`),
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
