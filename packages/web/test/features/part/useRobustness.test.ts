import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, nextTick, type EffectScope } from 'vue';
import { useRobustness, type LiveRobustness } from '../../../src/features/part/useRobustness';
import { useDraft } from '../../../src/features/part/draft';
import { asked, askedJobs, type AskedJob } from '../../fake-computer';
import { stubPartServer } from '../../part-server';

vi.mock('../../../src/workers/compute', async () => (await import('../../fake-computer')).fakeCompute());

const result = (pFirst: number): object => ({
  draws: 20_000,
  seed: 1,
  school: 'weighted',
  candidates: [
    {
      material: 'pla',
      name: 'PLA',
      family: 'pla',
      pFirst,
      pFits: 1,
      seFirst: 0.003,
      seFits: 0,
      rankAcceptability: [pFirst],
    },
  ],
});
const draws = (): AskedJob[] => asked('robustness');
const last = (): AskedJob => draws().at(-1)!;
let scope: EffectScope;
let live: LiveRobustness;

beforeEach(async () => {
  vi.useFakeTimers();
  askedJobs.length = 0;
  setActivePinia(createPinia());
  stubPartServer({});
  await useDraft().open('p1');
  scope = effectScope();
  live = scope.run(() => useRobustness())!;
  await nextTick();
});
afterEach(() => {
  scope.stop();
  vi.useRealTimers();
});

/** Lets the brief rest for so long, ms. */
async function rest(ms: number): Promise<void> {
  await vi.advanceTimersByTimeAsync(ms);
}

describe('how sure, live', () => {
  it('waits until typing rests, then asks once, with every candidate and 20 000 draws', async () => {
    await rest(300);
    expect(draws()).toHaveLength(0);
    useDraft().set('lifeYears', 8);
    await nextTick();
    await rest(700);
    expect(draws()).toHaveLength(0);
    await rest(400);
    expect(draws()).toHaveLength(1);
    expect(last().question).toMatchObject({ draws: 20_000, seed: 1, brief: { lifeYears: 8 } });
    expect((last().question as { families: object[] }).families).toHaveLength(55);
  });
  it('shows progress, then the result; a changed brief takes the result away and asks again', async () => {
    await rest(1000);
    last().progress(5000, 20_000);
    expect(live.progress.value).toBe(0.25);
    last().answer(result(0.84));
    await rest(0);
    expect(live.result.value?.candidates[0]?.pFirst).toBe(0.84);
    useDraft().set('toleranceMm', 0.1);
    await nextTick();
    expect(live.result.value).toBeNull();
    await rest(1000);
    expect(draws()).toHaveLength(2);
    expect(live.result.value).toBeNull();
    last().answer(result(0.5));
    await rest(0);
    expect(live.result.value?.candidates[0]?.pFirst).toBe(0.5);
  });
  it('is stopped, stays stopped, and begins again when asked or when the brief changes', async () => {
    await rest(1000);
    live.stop();
    expect(last().cancelled).toBe(true);
    expect(live.stopped.value).toBe(true);
    await rest(3000);
    expect(draws()).toHaveLength(1);
    live.run();
    expect(draws()).toHaveLength(2);
    expect(live.stopped.value).toBe(false);
    live.stop();
    useDraft().set('lifeYears', 3);
    await nextTick();
    await rest(1000);
    expect(draws()).toHaveLength(3);
  });
  it('another seed is another question', async () => {
    await rest(1000);
    live.seed.value = 9;
    await nextTick();
    expect(draws()[0]?.cancelled).toBe(true);
    await rest(1000);
    expect(last().question).toMatchObject({ seed: 9 });
  });
});
