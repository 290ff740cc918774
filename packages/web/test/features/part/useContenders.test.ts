import { parseGrade } from '@hornblende/core/materials';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, nextTick, type EffectScope } from 'vue';
import { useDraft } from '../../../src/features/part/draft';
import { useContenders, type Contenders } from '../../../src/features/part/useContenders';
import { useLibrary } from '../../../src/stores/library';
import { asked, askedJobs } from '../../fake-computer';
import { stubPartServer } from '../../part-server';

vi.mock('../../../src/workers/compute', async () => (await import('../../fake-computer')).fakeCompute());

const grades = (count: number): object[] =>
  Array.from({ length: count }, (_, i) => ({
    revision: 1,
    grade: parseGrade({
      format: 'hornblende-grade',
      version: 1,
      key: `g-${i}`,
      name: `Grade ${i}`,
      family: 'pla',
    }),
  }));
let scope: EffectScope;

async function begin(count: number): Promise<Contenders> {
  setActivePinia(createPinia());
  stubPartServer({}, { '/api/grades': grades(count) });
  await useLibrary().load();
  await useDraft().open('p1');
  scope = effectScope();
  const contenders = scope.run(() => useContenders())!;
  await nextTick();
  await vi.advanceTimersByTimeAsync(200);
  return contenders;
}
beforeEach(() => {
  vi.useFakeTimers();
  askedJobs.length = 0;
});
afterEach(() => {
  scope.stop();
  vi.useRealTimers();
});

describe('which grades take part', () => {
  it('a few all do, and no worker is asked', async () => {
    const { grades: taking, left } = await begin(3);
    expect(taking.value).toHaveLength(3);
    expect(left.value).toBe(0);
    expect(asked('contenders')).toHaveLength(0);
  });
  it('of very many those that the worker picks do; until it answers, none', async () => {
    const { grades: taking, left, picking } = await begin(400);
    expect(asked('contenders')).toHaveLength(1);
    expect(picking.value).toBe(true);
    expect(taking.value).toHaveLength(0);
    asked('contenders')[0]!.answer(['g-7', 'g-12']);
    await vi.advanceTimersByTimeAsync(0);
    expect(taking.value.map(f => f.key)).toEqual(['g-7', 'g-12']);
    expect(left.value).toBe(398);
    expect(picking.value).toBe(false);
  });
  it('a worker that fails leaves what was picked, and nothing busy', async () => {
    const { grades: taking, picking } = await begin(400);
    asked('contenders')[0]!.answer(['g-7']);
    await vi.advanceTimersByTimeAsync(0);
    useDraft().set('lifeYears', 9);
    await nextTick();
    await vi.advanceTimersByTimeAsync(200);
    expect(picking.value).toBe(true);
    asked('contenders')[1]!.fail('out of memory');
    await vi.advanceTimersByTimeAsync(0);
    expect(picking.value).toBe(false);
    expect(taking.value.map(f => f.key)).toEqual(['g-7']);
  });
});
