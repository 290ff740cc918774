import type { Grade } from '@hornblende/core/formats';
import { familyByKey, parseGrade } from '@hornblende/core/materials';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { StoredGrade } from '@hornblende/core/api';
import { ApiError } from '../../src/api/request';
import { useLibrary } from '../../src/stores/library';

const grade = (fields: object = {}): Grade =>
  parseGrade({
    format: 'hornblende-grade',
    version: 1,
    key: 'fell-pla',
    name: 'Fell PLA',
    family: 'pla',
    ...fields,
  });

/** Grades in memory, as the server keeps them. */
class FakeServer {
  grades = new Map<string, StoredGrade>();
  away = false;
  readonly fetch = (asked: string, init?: RequestInit): Promise<Response> => {
    const path = asked.replace(/\?.*/, '');
    if (init?.signal?.aborted) return Promise.reject(new DOMException('aborted', 'AbortError'));
    if (this.away) return Promise.reject(new TypeError('fetch failed'));
    const body = init?.body
      ? (JSON.parse(String(init.body)) as {
          grade: Grade;
          revision: number;
          grades: { grade: Grade; revision: number | null }[];
        })
      : null;
    const fail = (status: number, field: string, message: string): Promise<Response> =>
      Promise.resolve(Response.json({ errors: [{ field, value: null, message }] }, { status }));
    if (path === '/api/grades' && !body) return Promise.resolve(Response.json([...this.grades.values()]));
    if (path === '/api/grades' && body)
      return this.grades.has(body.grade.key)
        ? fail(409, 'key', 'is taken')
        : Promise.resolve(Response.json(this.put(body.grade, 1), { status: 201 }));
    if (path === '/api/grades/import' && body) {
      for (const g of body.grades) this.put(g.grade, (g.revision ?? 0) + 1);
      return Promise.resolve(
        Response.json({
          id: 'i1',
          added: body.grades.filter(g => g.revision === null).length,
          changed: body.grades.filter(g => g.revision !== null).length,
        }),
      );
    }
    const known = this.grades.get(path.split('/').at(-1) ?? '');
    if (known && body)
      return known.revision === body.revision
        ? Promise.resolve(Response.json(this.put(body.grade, known.revision + 1)))
        : fail(409, 'revision', 'was saved from elsewhere');
    return fail(404, 'path', 'does not exist');
  };
  put(g: Grade, revision: number): StoredGrade {
    const stored = { grade: g, revision, updatedAt: '' };
    this.grades.set(g.key, stored);
    return stored;
  }
}

let server: FakeServer;
beforeEach(() => {
  setActivePinia(createPinia());
  server = new FakeServer();
  vi.stubGlobal('fetch', server.fetch);
});

describe('the library', () => {
  it('holds families and the grades in use, and finds both by key', async () => {
    server.put(grade(), 3);
    server.put(grade({ key: 'old', name: 'Old', archived: true }), 1);
    const library = useLibrary();
    expect(library.state).toBe('loading');
    await library.load();
    expect(library.state).toBe('ready');
    expect(library.active.map(f => f.key)).toEqual(['fell-pla']);
    expect(library.everything.map(f => f.key)).toEqual(expect.arrayContaining(['pla', 'fell-pla']));
    expect(library.find('pla')).toBe(familyByKey('pla'));
    expect(library.find('old')?.grade?.family).toBe('pla');
    expect(library.find('nothing')).toBeUndefined();
    expect(library.nameOf('fell-pla')).toBe('Fell PLA');
    expect(library.nameOf('nothing')).toBe('nothing');
  });
  it('makes a grade into a family once, and again only when it changed', async () => {
    server.put(grade(), 1);
    const library = useLibrary();
    await library.load();
    const before = library.find('fell-pla');
    expect(library.find('fell-pla')).toBe(before);
    await library.save(grade({ sheet: { hdt045C: 60 } }), 1);
    expect(library.find('fell-pla')).not.toBe(before);
    expect(library.find('fell-pla')?.properties.hdt045C?.typical).toBe(60);
  });
  it('adds, saves by revision, and leaves what it holds when a save is refused', async () => {
    const library = useLibrary();
    await library.load();
    await library.save(grade(), null);
    expect(library.grades.get('fell-pla')?.revision).toBe(1);
    await library.save(grade({ note: 'two' }), 1);
    expect(library.grades.get('fell-pla')).toMatchObject({ revision: 2, grade: { note: 'two' } });
    await expect(library.save(grade({ note: 'stale' }), 1)).rejects.toBeInstanceOf(ApiError);
    await expect(library.save(grade(), null)).rejects.toThrow('key is taken');
    expect(library.grades.get('fell-pla')?.grade.note).toBe('two');
  });
  it('imports with the revisions that were previewed, and not at all when it is given up', async () => {
    server.put(grade(), 4);
    const library = useLibrary();
    await library.load();
    const result = await library.importAll(
      [grade({ note: 'new' }), grade({ key: 'b', name: 'B' })],
      new AbortController().signal,
    );
    expect(result).toEqual({ id: 'i1', added: 1, changed: 1 });
    expect(library.grades.get('fell-pla')).toMatchObject({ revision: 5, grade: { note: 'new' } });
    const given = new AbortController();
    given.abort();
    await expect(library.importAll([grade({ key: 'c', name: 'C' })], given.signal)).rejects.toThrow(
      'aborted',
    );
    expect(library.grades.has('c')).toBe(false);
  });
  it('says so when the server is away, and keeps the families', async () => {
    server.away = true;
    const library = useLibrary();
    await expect(library.load()).rejects.toThrow('cannot be reached');
    expect(library.state).toBe('failed');
    expect(library.everything.length).toBe(55);
  });
});
