import type { Refusal } from '../lib/errors.js';

/** What a job gives back to be sent: bytes that go out as they are. */
export interface JobAnswer {
  status: number;
  type: string;
  body: Uint8Array;
  headers?: Record<string, string>;
}

/** How a thread reports: with what the job gave, or with why it was refused. */
export type Report<Output> = { output: Output } | { refused: Refusal };

/** How far a job is, as its thread says it now and then. */
export interface JobProgress {
  done: number;
  total: number;
}

/** An answer as JSON, written where the work was done. */
export function json(value: unknown, headers: Record<string, string> = {}, status = 200): JobAnswer {
  return { status, type: 'application/json', body: bytes(JSON.stringify(value)), headers };
}

/** Text as the bytes that go out. */
export function bytes(text: string): Uint8Array {
  return new TextEncoder().encode(text);
}
