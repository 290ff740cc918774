import type {
  Brief,
  DecisionInput,
  DecisionRecord,
  Grade,
  Printer,
  Problem,
  RecordDrift,
  Spool,
  Weather,
  WorkshopSettings,
} from '@hornblende/core';

/** A part as the server gives it: the brief as said (`given`), and with every default. */
export interface Part {
  id: string;
  name: string;
  brief: Brief;
  given: object;
  printerId: string | null;
  weatherId: string | null;
  revision: number;
  createdAt: string;
  updatedAt: string;
  archivedAt: string | null;
}
/** A part in the list, with its newest decision. */
export interface ListedPart extends Part {
  decision: { firstChoice: string; secondChoice: string | null; decidedAt: string } | null;
}
/** A brief as it stood after a save. */
export interface PartVersion {
  revision: number;
  brief: Brief;
  printerId: string | null;
  savedAt: string;
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
export interface StoredPrinter {
  id: string;
  profile: Printer;
  isDefault: boolean;
  revision: number;
  updatedAt: string;
}
/** A grade of the library, by its key. */
export interface StoredGrade {
  grade: Grade;
  revision: number;
  updatedAt: string;
}
/** What an import of grades did; `id` takes it back. */
export interface ImportResult {
  id: string;
  added: number;
  changed: number;
}
export interface StoredSpool {
  id: string;
  spool: Spool;
  revision: number;
  updatedAt: string;
}
/** What holds for the whole workshop; quotes by part. */
export interface StoredWorkshop {
  settings: WorkshopSettings;
  quotes: Record<string, number>;
}
/** A decision with its record, less the families and the weather's hours that it rests on: the export has those. */
export interface Decision {
  id: string;
  partId: string;
  record: Omit<DecisionRecord, 'premises'> & {
    premises: Omit<DecisionRecord['premises'], 'families' | 'weather'> & { weather: { name: string } | null };
  };
}

/** An answer of the server that is not a success. Status 0: it could not be reached. */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    readonly problems: Problem[],
    readonly body: Record<string, unknown> = {},
  ) {
    super(problems.map(p => `${p.field} ${p.message}`).join('; '));
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
  let response: Response;
  try {
    response = await fetch(`/api${path}`, {
      method,
      ...options,
      ...(body === undefined
        ? {}
        : { headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) }),
    });
  } catch (e) {
    if (options.signal?.aborted) throw e;
    throw new ApiError(0, [
      { field: 'Hornblende', value: null, message: 'cannot be reached: is it still running?' },
    ]);
  }
  const text = await response.text();
  let data: unknown = null;
  try {
    data = text ? JSON.parse(text) : null;
  } catch {
    /* not ours: told by its status below */
  }
  if (!response.ok) {
    const { errors, ...rest } = (data ?? {}) as { errors?: Problem[] };
    throw new ApiError(
      response.status,
      errors ?? [{ field: '(server)', value: null, message: `answered ${response.status}` }],
      rest,
    );
  }
  return data as T;
}

/** What may be saved of a part. */
export interface PartChange {
  brief: object;
  printerId: string | null;
  weatherId?: string | null;
  archived?: boolean;
  revision?: number;
}

/** The server's API, one function a route. */
export const api = {
  parts: (archived = false) => request<ListedPart[]>('GET', `/parts${archived ? '?archived=true' : ''}`),
  part: (id: string) => request<Part>('GET', `/parts/${id}`),
  createPart: (change: PartChange) => request<Part>('POST', '/parts', change),
  savePart: (id: string, change: PartChange, keepalive = false) =>
    request<Part>('PUT', `/parts/${id}`, change, { keepalive }),
  versions: (id: string) => request<PartVersion[]>('GET', `/parts/${id}/versions`),
  weathers: () => request<WeatherSummary[]>('GET', '/weathers'),
  weather: (id: string) => request<Weather>('GET', `/weathers/${id}`),
  addWeather: (weather: Weather) => request<{ id: string; name: string }>('POST', '/weathers', weather),
  decisions: (id: string) => request<Decision[]>('GET', `/parts/${id}/decisions`),
  decide: (id: string, input: DecisionInput) => request<Decision>('POST', `/parts/${id}/decisions`, input),
  drift: (partId: string, id: string) =>
    request<RecordDrift>('GET', `/parts/${partId}/decisions/${id}/drift`),
  printers: () => request<StoredPrinter[]>('GET', '/printers'),
  createPrinter: (profile: Printer, isDefault: boolean) =>
    request<StoredPrinter>('POST', '/printers', { profile, isDefault }),
  savePrinter: (p: StoredPrinter) =>
    request<StoredPrinter>('PUT', `/printers/${p.id}`, {
      profile: p.profile,
      isDefault: p.isDefault,
      revision: p.revision,
    }),
  grades: () => request<StoredGrade[]>('GET', '/grades'),
  addGrade: (grade: Grade) => request<StoredGrade>('POST', '/grades', { grade }),
  saveGrade: (key: string, grade: Grade, revision: number) =>
    request<StoredGrade>('PUT', `/grades/${key}`, { grade, revision }),
  importGrades: (grades: { grade: Grade; revision: number | null }[], signal: AbortSignal) =>
    request<ImportResult>('POST', '/grades/import', { grades }, { signal }),
  undoImport: (id: string) =>
    request<{ restored: number; left: string[] }>('POST', `/grades/imports/${id}/undo`),
  spools: () => request<StoredSpool[]>('GET', '/spools'),
  addSpool: (spool: Spool) => request<StoredSpool>('POST', '/spools', { spool }),
  saveSpool: (id: string, spool: Spool, revision: number) =>
    request<StoredSpool>('PUT', `/spools/${id}`, { spool, revision }),
  removeSpool: (id: string) => request<null>('DELETE', `/spools/${id}`),
  workshop: () => request<StoredWorkshop>('GET', '/workshop'),
  saveWorkshop: (settings: WorkshopSettings) => request<StoredWorkshop>('PUT', '/workshop', settings),
  saveQuote: (partId: string, each: number | null) =>
    request<StoredWorkshop>('PUT', `/workshop/quotes/${partId}`, { each }),
  removePrinter: (id: string) => request<null>('DELETE', `/printers/${id}`),
};
