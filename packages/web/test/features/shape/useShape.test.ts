import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, nextTick, type EffectScope } from 'vue';
import { useDraft } from '../../../src/features/part/draft';
import { asked, askedJobs, fakeCompute } from '../../fake-computer';
import { stubPartServer } from '../../part-server';

vi.mock('../../../src/workers/compute', () => fakeCompute());

const shape = {
  positions: [],
  edges: [],
  lowMm: [0, 0, 0],
  highMm: [60, 40, 10],
  triangles: 12,
  warnings: [],
};
const lay = (up: number[], z: number): object => ({
  up,
  turn: [
    [1, 0, 0],
    [0, 1, 0],
    [0, 0, 1],
  ],
  lowMm: [0, 0, 0],
  xMm: 60,
  yMm: 40,
  zMm: z,
  volumeMm3: 24000,
  sharpCorners: [{}, {}, {}, {}],
  support: { volumeMm3: 0, bridgeMm: 0, scarMm2: 0 },
  deepShares: Array.from({ length: 48 }, () => 0.5),
  look: { surfaceMm2: 1, steppedMm2: 0, scarMm2: 0 },
  steady: true,
  places: [],
});
const measured = {
  report: { medianWallMm: 3.2, warnings: [] },
  lays: [lay([0, 0, 1], 10), lay([1, 0, 0], 60)],
};
const file = (name: string): File => new File([new Uint8Array([1, 2, 3])], name);
const settled = async (): Promise<void> => {
  for (let i = 0; i < 6; i++) {
    await Promise.resolve();
    await nextTick();
  }
};

let scope: EffectScope;
let sent: { path: string; method: string }[];
/** What the server answers about a shape, by its path. */
let answers: Record<string, () => Response>;

beforeEach(() => {
  setActivePinia(createPinia());
  askedJobs.length = 0;
  sent = [];
  answers = {};
  stubPartServer({ geometry: { xMm: 20 } });
  const inner = globalThis.fetch as unknown as (path: string, init?: RequestInit) => Promise<Response>;
  vi.stubGlobal('fetch', (path: string, init?: RequestInit) => {
    if (path.includes('/shape')) sent.push({ path, method: init?.method ?? 'GET' });
    const own = Object.entries(answers).find(([p]) => path.startsWith(p));
    if (own) return Promise.resolve(own[1]());
    return path.includes('/shape') && init?.method === 'PUT'
      ? Promise.resolve(Response.json({}))
      : inner(path, init);
  });
  scope = effectScope();
});
afterEach(() => scope.stop());

async function opened(): Promise<{
  draft: ReturnType<typeof useDraft>;
  it: ReturnType<typeof import('../../../src/features/shape/useShape').useShape>;
}> {
  const { useShape } = await import('../../../src/features/shape/useShape');
  const draft = useDraft();
  await draft.open('p1');
  return { draft, it: scope.run(() => useShape())! };
}

describe('the shape of the part being worked on', () => {
  it('is shown once it is read, measured, kept, and enters the brief in one step', async () => {
    const { draft, it: part } = await opened();
    await part.take(file('lid.stl'));
    expect(part.state.value).toBe('reading');
    // Nothing is sent before it is known to be a shape.
    expect(sent).toEqual([]);
    asked('shape')[0]!.answer(shape);
    await settled();
    expect(part.state.value).toBe('ready');
    expect(sent).toEqual([{ path: '/api/parts/p1/shape?name=lid.stl', method: 'PUT' }]);
    expect(draft.brief?.geometry.xMm).toBe(20);
    asked('lays')[0]!.answer(measured);
    await settled();
    expect(draft.brief?.geometry).toMatchObject({
      xMm: 60,
      zMm: 10,
      wallMm: 3.2,
      file: 'lid.stl',
      up: [0, 0, 1],
    });
    expect(draft.brief?.geometry.fromFile).toContain('wallMm');
    draft.undo();
    expect(draft.brief?.geometry).toMatchObject({ xMm: 20, file: null });
  });
  it('changes nothing, and keeps the file that was there, where a file is no shape', async () => {
    const { draft, it: part } = await opened();
    const before = draft.brief;
    await part.take(file('notes.stl'));
    asked('shape')[0]!.fail('(file): null holds no triangle');
    await settled();
    expect(part.state.value).toBe('failed');
    expect(part.failed.value).toContain('holds no triangle');
    expect(sent).toEqual([]);
    expect(draft.brief).toBe(before);
  });
  it('says why a file is not kept, and works with it all the same', async () => {
    answers['/api/parts/p1/shape?'] = () =>
      Response.json({ errors: [{ field: '(file)', value: null, message: 'is too large' }] }, { status: 413 });
    const { it: part } = await opened();
    await part.take(file('big.stl'));
    asked('shape')[0]!.answer(shape);
    await settled();
    expect(part.notKept.value).toContain('is too large');
    expect(part.state.value).toBe('ready');
  });
  it('asks again in inches', async () => {
    const { it: part } = await opened();
    await part.take(file('lid.stl'));
    asked('shape')[0]!.answer({ ...shape, warnings: ['is 2 mm across at most: was it drawn in inches?'] });
    await settled();
    expect(part.doubtsInches.value).toBe(true);
    await part.asInches();
    expect(asked('shape')[1]!.question).toMatchObject({ name: 'lid.stl', unit: 'inch' });
    asked('shape')[1]!.answer(shape);
    await settled();
    expect(sent.at(-1)?.path).toContain('unit=inch');
  });
  it('is laid another way by one step', async () => {
    const { draft, it: part } = await opened();
    await part.take(file('lid.stl'));
    asked('shape')[0]!.answer(shape);
    await settled();
    asked('lays')[0]!.answer(measured);
    await settled();
    part.layIt(part.lays.value[1]!);
    expect(draft.brief?.geometry).toMatchObject({ zMm: 60, up: [1, 0, 0], file: 'lid.stl' });
    draft.undo();
    expect(draft.brief?.geometry.up).toEqual([0, 0, 1]);
  });
  it('is fetched with the part without changing its brief', async () => {
    answers['/api/parts/p1/shape/file'] = () => new Response(new Uint8Array([9, 9]));
    answers['/api/parts/p1/shape'] = () => Response.json({ partId: 'p1', name: 'kept.3mf', unit: 'inch' });
    const { draft, it: part } = await opened();
    const before = draft.brief;
    await part.fetch();
    expect(asked('shape')[0]!.question).toMatchObject({ name: 'kept.3mf', unit: 'inch' });
    asked('shape')[0]!.answer(shape);
    await settled();
    asked('lays')[0]!.answer(measured);
    await settled();
    expect(draft.brief).toBe(before);
    expect(sent.every(s => s.method === 'GET')).toBe(true);
    await part.fetch();
    expect(asked('shape')).toHaveLength(1);
  });
  it('is none where the part has no file', async () => {
    answers['/api/parts/p1/shape'] = () => Response.json(null);
    const { it: part } = await opened();
    await part.fetch();
    expect(part.state.value).toBe('none');
  });
  it('can be stopped while it is read', async () => {
    const { it: part } = await opened();
    await part.take(file('lid.stl'));
    part.cancel();
    expect(asked('shape')[0]!.cancelled).toBe(true);
    expect(part.state.value).toBe('none');
    expect(sent).toEqual([]);
  });
});
