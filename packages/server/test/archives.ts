import { strFromU8, unzipSync, zipSync } from 'fflate';
import { createHash } from 'node:crypto';
import { expect } from 'vitest';
import type { ArchiveUndone } from '@hornblende/core/api';
import { brief, type Api, type Body } from './running.js';

/** What tests of archives ask of a server. */
export interface Archives {
  exported: () => Promise<Uint8Array<ArrayBuffer>>;
  previewed: (zip: Uint8Array<ArrayBuffer>) => Promise<{ status: number; body: Body }>;
  imported: (zip: Uint8Array<ArrayBuffer>, conflicts?: string) => Promise<Body>;
  undone: (id: unknown) => Promise<ArchiveUndone>;
  addPart: (name: string) => Promise<string>;
  savePart: (id: string, name: string) => Promise<{ status: number; body: Body }>;
}

/** The same for one server. */
export function archivesOf(api: Api): Archives {
  const { call } = api;
  const exported = async (): Promise<Uint8Array<ArrayBuffer>> =>
    new Uint8Array(await (await fetch(`${api.server().url}/api/archive`)).arrayBuffer());
  const previewed = async (zip: Uint8Array<ArrayBuffer>): Promise<{ status: number; body: Body }> => {
    const r = await fetch(`${api.server().url}/api/archive/previews`, { method: 'POST', body: zip });
    return { status: r.status, body: (await r.json()) as Body };
  };
  const imported = async (zip: Uint8Array<ArrayBuffer>, conflicts = 'keep'): Promise<Body> => {
    const { status, body } = await previewed(zip);
    expect(status, JSON.stringify(body)).toBe(201);
    const done = await call('POST', '/api/archive/imports', { id: body.id, conflicts });
    expect(done.status, JSON.stringify(done.body)).toBe(200);
    return done.body;
  };
  const undone = async (id: unknown): Promise<ArchiveUndone> =>
    (await call('POST', `/api/archive/imports/${String(id)}/undo`)).body as unknown as ArchiveUndone;
  const addPart = async (name: string): Promise<string> =>
    String((await call('POST', '/api/parts', { brief: brief({ name }) })).body.id);
  const savePart = async (id: string, name: string): Promise<{ status: number; body: Body }> => {
    const { revision } = (await call('GET', `/api/parts/${id}`)).body;
    return call('PUT', `/api/parts/${id}`, { brief: brief({ name }), revision });
  };
  return { exported, previewed, imported, undone, addPart, savePart };
}

/** An archive with one of its files changed, its manifest put right. */
export function changed(
  zip: Uint8Array,
  change: (files: Record<string, Uint8Array>) => void,
): Uint8Array<ArrayBuffer> {
  const files = unzipSync(zip);
  change(files);
  const manifest = JSON.parse(strFromU8(files['manifest.json']!)) as { files: object };
  const entries = Object.entries(files).filter(([path]) => path !== 'manifest.json');
  manifest.files = Object.fromEntries(
    entries.map(([path, bytes]) => [
      path,
      { bytes: bytes.length, sha256: createHash('sha256').update(bytes).digest('hex') },
    ]),
  );
  files['manifest.json'] = Buffer.from(JSON.stringify(manifest));
  return new Uint8Array(zipSync(files));
}
