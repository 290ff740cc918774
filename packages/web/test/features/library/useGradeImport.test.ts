import type { Grade } from '@hornblende/core/formats';
import { parseGrade } from '@hornblende/core/materials';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, nextTick } from 'vue';
import { asked, askedJobs } from '../../fake-computer';

vi.mock('../../../src/workers/compute', async () => (await import('../../fake-computer')).fakeCompute());
const { useGradeImport } = await import('../../../src/features/library/useGradeImport');
type GradeImport = ReturnType<typeof useGradeImport>;

const grade = (key: string): Grade =>
  parseGrade({ format: 'hornblende-grade', version: 1, key, name: key, family: 'pla' });
const row = (line: number, verdict: string, of: Grade | null): object => ({
  line,
  verdict,
  grade: of,
  problems: [],
});
const answer = (rows: object[], problems: object[] = []): object => ({
  rows,
  problems,
  notes: ['a column left out'],
});
const file = {
  name: 'makers.csv',
  arrayBuffer: () => Promise.resolve(new ArrayBuffer(3)),
} as unknown as File;

let sent: { path: string; body: { grades?: { grade: Grade; revision: number | null }[] } | null }[];
let refuse: boolean;
let left: { what: string; why: string }[];

beforeEach(() => {
  setActivePinia(createPinia());
  askedJobs.length = 0;
  sent = [];
  refuse = false;
  left = [];
  vi.stubGlobal('fetch', (path: string, init?: RequestInit): Promise<Response> => {
    if (init?.signal?.aborted) return Promise.reject(new DOMException('aborted', 'AbortError'));
    if (init?.method !== 'POST') return Promise.resolve(Response.json([]));
    sent.push({ path, body: init.body ? (JSON.parse(String(init.body)) as (typeof sent)[0]['body']) : null });
    if (refuse)
      return Promise.resolve(
        Response.json(
          { errors: [{ field: 'grades[0].key', value: 'x', message: 'is taken' }] },
          { status: 409 },
        ),
      );
    return Promise.resolve(
      Response.json(path.endsWith('/undo') ? { left } : { id: 'i1', added: 1, changed: 1 }),
    );
  });
});

async function reading(): Promise<GradeImport> {
  const live = effectScope().run(() => useGradeImport())!;
  await live.read(file);
  expect(live.stage.value).toBe('reading');
  return live;
}
async function settled(): Promise<void> {
  await Promise.resolve();
  await nextTick();
  await nextTick();
}

describe('a table of grades on its way in', () => {
  it('is shown row by row first; only what is new or changed is written, and can be taken back', async () => {
    const live = await reading();
    asked('grades')[0]!.answer(
      answer([
        row(2, 'add', grade('new-one')),
        row(3, 'change', grade('known-one')),
        row(4, 'same', grade('same-one')),
        row(5, 'reject', null),
      ]),
    );
    await settled();
    expect(live.stage.value).toBe('preview');
    expect(live.counts.value).toEqual({ add: 1, change: 1, same: 1, reject: 1 });
    expect(live.notes.value).toEqual(['a column left out']);
    expect(sent).toEqual([]);
    await live.write();
    expect(live.stage.value).toBe('done');
    expect(sent[0]!.body!.grades!.map(g => g.grade.key)).toEqual(['new-one', 'known-one']);
    expect(await live.undo()).toBe('The import is taken back.');
    left = ['a', 'b', 'c', 'd'].map(what => ({ what, why: 'it is on a spool' }));
    expect(await live.undo()).toBe(
      'Taken back, but for what has been changed since: a (it is on a spool), b (it is on a spool), ' +
        'c (it is on a spool), and 1 more.',
    );
  });

  it('that is no table says why, by the name of its file', async () => {
    const live = await reading();
    asked('grades')[0]!.answer(answer([], [{ field: '(file)', value: null, message: 'holds no row' }]));
    await settled();
    expect(live.problems.value).toEqual(['makers.csv holds no row']);
    live.restart();
    expect(live.stage.value).toBe('choose');
    expect(live.rows.value).toEqual([]);
  });

  it('that cannot be read at all says so', async () => {
    const live = await reading();
    asked('grades')[0]!.fail('it is cut short');
    await settled();
    expect(live.problems.value).toEqual(['makers.csv could not be read: it is cut short']);
  });

  it('that the server refuses goes back to the preview, with the field', async () => {
    const live = await reading();
    asked('grades')[0]!.answer(answer([row(2, 'add', grade('new-one'))]));
    await settled();
    refuse = true;
    await live.write();
    expect(live.stage.value).toBe('preview');
    expect(live.problems.value.join()).toContain('is taken');
    expect(live.result.value).toBeNull();
  });

  it('read anew forgets the one before', async () => {
    const live = await reading();
    await live.read(file);
    expect(asked('grades')[0]!.cancelled).toBe(true);
    expect(asked('grades')).toHaveLength(2);
  });
});
