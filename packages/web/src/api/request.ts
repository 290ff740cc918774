import type { Problem } from '@hornblende/core/input';
import { dayText, momentText } from '../ui/day-text';
import { noteKept } from './as-kept';
import { noteLocked } from './desk-locked';
import { noteLeftOut } from './left-out';

/** What is meant by the fields that are none of a form's. */
const places: Record<string, string> = {
  '(disk)': 'The disk',
  '(database)': 'The workshop’s file',
  '(server)': 'The server',
  '(request)': 'The request',
  '(archive)': 'The archive',
  '(workshop)': 'The workshop',
  '(desk)': 'The desk',
};

/** A day or a moment as the API writes them; not one that shows how a file is to write them. */
const ISO = /(?<!such as )\b\d{4}-\d\d-\d\d(T[\d:.]+(?:Z|[+-]\d\d:\d\d))?(?![\w-])/g;

/** A problem as a sentence without its end: where, and what is the matter, with dates as every page has them. */
export function problemSentence({ field, message }: Problem): string {
  const told = message.replace(ISO, (at, time?: string) => (time ? momentText(at) : dayText(at)));
  return `${places[field] ?? field} ${told}`;
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

/** Asks the API something, with JSON where there is a body. @throws ApiError */
export async function request<T>(
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

/** A page of a list. @throws ApiError */
export async function page<T>(path: string): Promise<ListPage<T>> {
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
export async function whole<T>(path: string): Promise<T[]> {
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
export async function file(path: string): Promise<ArrayBuffer> {
  const response = await fetched(path, { method: 'GET' });
  return response.ok ? response.arrayBuffer() : answered<never>(response);
}

/** An answer's content. @throws ApiError of one that is no success */
export async function answered<T>(response: Response): Promise<T> {
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
  const problems = errors ?? unknown;
  // What is sent to a locked desk waits, as where it cannot be reached: nothing of it is refused.
  throw new ApiError(noteLocked(response.status, problems) ? 0 : response.status, problems, rest);
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
export const LATER = { Prefer: 'respond-async' };

/** Follows long work to its end. @throws ApiError as the work was refused */
export async function followed<T>(begun: Response, { signal, progress }: LongOptions): Promise<T> {
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
export async function long<T>(
  method: string,
  path: string,
  how: LongOptions = {},
  body?: unknown,
): Promise<T> {
  const json = body === undefined ? {} : { body: JSON.stringify(body) };
  const headers = { ...LATER, ...(body === undefined ? {} : { 'Content-Type': 'application/json' }) };
  return followed<T>(await fetched(path, { method, headers, ...json }), how);
}

/** Sends a file as it is. */
export function sent(
  path: string,
  file: Blob,
  signal?: AbortSignal,
  method = 'POST',
  more = {},
): Promise<Response> {
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
    const response = await fetch(`/api${path}`, init);
    noteKept(response.headers);
    return response;
  } catch (e) {
    if (init.signal?.aborted) throw e;
    throw new ApiError(0, [
      { field: 'Hornblende', value: null, message: 'cannot be reached: is it still running?' },
    ]);
  }
}
