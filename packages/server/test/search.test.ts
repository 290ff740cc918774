import type { SearchHit } from '@hornblende/core/api';
import Driver from 'better-sqlite3';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startServer, verify } from '../src/index.js';
import { brief, runningApi } from './running.js';

const api = runningApi();
const call = (method: string, path: string, body?: object): ReturnType<typeof api.call> =>
  api.call(method, `/api${path}`, body);
const made = async (path: string, body: object): Promise<string> => {
  const answer = await call('POST', path, body);
  expect(answer.status, JSON.stringify(answer.body)).toBe(201);
  return answer.body.id as string;
};
const part = (name: string): Promise<string> => made('/parts', { brief: brief({ name }) });
const inService = (fields: object = {}): object => ({
  format: 'hornblende-service',
  version: 1,
  name: 'Hinge',
  since: '2025-04-01',
  materials: [{ material: 'petg' }],
  place: { where: 'North gate', heat: 'outdoors', sun: 'full' },
  ...fields,
});
const placed = (fields: object = {}): Promise<string> =>
  made('/placements', { placement: inService(fields) });
const hits = async (words: string, more = ''): Promise<SearchHit[]> => {
  const { status, body } = await call('GET', `/search?words=${encodeURIComponent(words)}${more}`);
  expect(status, JSON.stringify(body)).toBe(200);
  return body as unknown as SearchHit[];
};
const titles = async (words: string, more = ''): Promise<string[]> =>
  (await hits(words, more)).map(h => h.title);

let crank = '';
let hinge = '';
beforeAll(async () => {
  crank = await part('Extractor crank knob');
  await part('Café table foot');
  await part('100 % sure_thing "quoted"');
  hinge = await placed({ code: 'KX41', note: 'Squeaks when the wind is from the east.' });
  await placed({ name: 'Bracket of the knob', place: { where: 'Orchard', heat: 'outdoors', sun: 'part' } });
});

describe('a search', () => {
  it('finds what holds every word, by any piece of a word, in any case, with or without accents', async () => {
    expect(await titles('knob CRANK')).toEqual(['Extractor crank knob']);
    expect(await titles('tract')).toEqual(['Extractor crank knob']);
    expect(await titles('cafe')).toEqual(['Café table foot']);
    expect(await titles('knob foot')).toEqual([]);
  });
  it('finds words of fewer than three letters, and signs as they stand', async () => {
    expect(await titles('kn')).toEqual(
      expect.arrayContaining(['Extractor crank knob', 'Bracket of the knob']),
    );
    expect(await titles('% sure_')).toEqual(['100 % sure_thing "quoted"']);
    expect(await titles('"quoted"')).toEqual(['100 % sure_thing "quoted"']);
    expect(await titles('sureXthing')).toEqual([]);
    expect(await titles('sure* OR crank')).toEqual([]);
  });
  it('finds a part in service by its place, its code, what it is made of and what is noted of it', async () => {
    for (const words of ['north gate', 'kx41', 'petg hinge', 'squeaks wind'])
      expect(await hits(words), words).toContainEqual({
        kind: 'placements',
        id: hinge,
        title: 'Hinge',
        place: 'North gate',
        away: false,
      });
  });
  it('puts what is called so before what merely says so, and keeps to the kinds and the number asked for', async () => {
    await placed({ name: 'Gutter clip', note: 'Stands where the bracket stood.' });
    expect(await titles('bracket')).toEqual(['Bracket of the knob', 'Gutter clip']);
    expect(await titles('knob', '&kinds=parts')).toEqual(['Extractor crank knob']);
    expect(await titles('knob', '&kinds=placements,parts')).toHaveLength(2);
    expect(await titles('', '&limit=2')).toHaveLength(2);
    expect((await hits('', '&kinds=parts'))[0]?.title).toBe('100 % sure_thing "quoted"');
    const { revision } = (await call('GET', `/parts/${crank}`)).body;
    await call('PUT', `/parts/${crank}`, {
      brief: brief({ name: 'Extractor crank knob', sun: 'full' }),
      revision,
    });
    expect((await hits('', '&kinds=parts'))[0]?.title).toBe('Extractor crank knob');
  });
  it('follows a change, a name of another part, what is put away and what goes', async () => {
    const change = async (fields: object): Promise<void> => {
      const { revision } = (await call('GET', `/parts/${crank}`)).body;
      const saved = await call('PUT', `/parts/${crank}`, { ...fields, revision });
      expect(saved.status).toBe(200);
    };
    await change({ brief: brief({ name: 'Extractor handle' }) });
    expect(await titles('crank')).toEqual([]);
    expect(await titles('extractor')).toEqual(['Extractor handle']);
    await change({ brief: brief({ name: 'Extractor handle' }), archived: true });
    expect(await titles('extractor')).toEqual([]);
    expect(await hits('extractor', '&away=true')).toMatchObject([{ title: 'Extractor handle', away: true }]);
    expect((await call('DELETE', `/parts/${crank}`)).status).toBe(204);
    expect(await titles('extractor', '&away=true')).toEqual([]);
  });
  it('says which field of a question is wrong', async () => {
    const problem = async (query: string): Promise<string | undefined> =>
      (await call('GET', `/search?${query}`)).body.errors?.[0]?.field;
    expect(await problem('kinds=spools')).toBe('kinds');
    expect(await problem('kinds=')).toBe('kinds');
    expect(await problem('limit=0')).toBe('limit');
    expect(await problem(`words=${'x'.repeat(200)}`)).toBe('words');
    expect(await problem('words=a&words=b')).toBe('words');
  });
});

describe('the words of a search', () => {
  const folder = mkdtempSync(join(tmpdir(), 'hornblende-search-'));
  afterAll(() => rmSync(folder, { recursive: true, force: true }));
  const found = async (words: string): Promise<SearchHit[]> => {
    const server = await startServer({ dataDir: folder, port: 0 });
    try {
      return (await (await fetch(`${server.url}/api/search?words=${words}`)).json()) as SearchHit[];
    } finally {
      await server.close();
    }
  };

  it.each([
    ['are missing', "delete from search_entries where kind = 'parts'"],
    ['say something else', "update search_entries set title = 'Anything'"],
    ['say that it was touched at another time', "update search_entries set touched = ''"],
    ['say more than is so', "update search_entries set more = 'Anything'"],
    ['are of what is gone', "insert into search_entries values (99, 'parts', 'x', 'Lever', '', '', 0, '')"],
  ])('are made anew when the workshop is opened where they %s', async (_how, damage) => {
    const first = await startServer({ dataDir: folder, port: 0 });
    const send = (name: string): Promise<Response> =>
      fetch(`${first.url}/api/parts`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({ brief: brief({ name }) }),
      });
    await send('Lever of the press');
    await first.close();
    const db = new Driver(join(folder, 'hornblende.db'));
    const kept = db.prepare('select count(*) from parts').pluck().get();
    db.exec(damage);
    db.close();
    expect(await found('lever')).toHaveLength(Number(kept));
    expect(await found('anything')).toEqual([]);
    expect((await verify(null, folder)).problems).toEqual([]);
  });
});
