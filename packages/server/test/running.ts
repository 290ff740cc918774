import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll } from 'vitest';
import { startServer, type Running } from '../src/index.js';
import { copyDemo } from './sown.js';

/** What the API answers with: an object, or `{ text }` where it is not JSON. */
export type Body = Record<string, unknown> & {
  errors?: { field: string; value: unknown; message: string }[];
};

export interface Answer {
  status: number;
  body: Body;
  headers: Headers;
}

export interface Api {
  /** A directory of its own, gone when the tests of the file are done. */
  dataDir: string;
  /** The server, once the tests run. */
  server: () => Running;
  /** Asks `path`; `body` as JSON, or `raw` as it stands. */
  call: (method: string, path: string, body?: unknown, raw?: string) => Promise<Answer>;
}

/**
 * A server on a database of its own, for as long as the tests of a file run.
 * @param demo whether the demo stands in it
 */
export function runningApi({ demo = false } = {}): Api {
  const dataDir = mkdtempSync(join(tmpdir(), 'hornblende-api-'));
  let server: Running;
  beforeAll(async () => {
    if (demo) await copyDemo(dataDir);
    server = await startServer({ dataDir, port: 0 });
  });
  afterAll(async () => {
    await server.close();
    rmSync(dataDir, { recursive: true, force: true });
  });
  const call: Api['call'] = async (method, path, body, raw) => {
    const response = await fetch(server.url + path, {
      method,
      ...(body === undefined && raw === undefined
        ? {}
        : { headers: { 'Content-Type': 'application/json' }, body: raw ?? JSON.stringify(body) }),
    });
    const text = await response.text();
    return {
      status: response.status,
      body: (text.startsWith('{') || text.startsWith('[') ? JSON.parse(text) : { text }) as Body,
      headers: response.headers,
    };
  };
  return { dataDir, server: () => server, call };
}

/** A brief in its format. */
export const brief = (fields: object = {}): object => ({
  format: 'hornblende-brief',
  version: 1,
  name: 'Bracket',
  ...fields,
});

/** A printer in its format. */
export const printer = (fields: object = {}): object => ({
  format: 'hornblende-printer',
  version: 1,
  name: 'Machine',
  ...fields,
});

/** Warm for an hour a day: a grade's own heat decides. */
export const warm = { heat: { setting: 'near-source', sourceC: 75, hoursADay: 1 } };
