import type { Provisional } from '@hornblende/core/advice';
import { parseWorkshop } from '@hornblende/core/formats';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, nextTick, type ComputedRef, type EffectScope } from 'vue';
import { useDraft } from '../../../src/features/part/draft';
import { useProvisional } from '../../../src/features/part/useProvisional';
import { useRanking } from '../../../src/features/part/useRanking';
import { useWorkshop } from '../../../src/stores/workshop';
import { asked, askedJobs } from '../../fake-computer';
import { stubPartServer } from '../../part-server';

vi.mock('../../../src/workers/compute', async () => (await import('../../fake-computer')).fakeCompute());

const sun: Provisional = {
  answered: 4,
  of: 5,
  open: [{ id: 'sun', what: 'the sun', changes: { answer: 'in full sun', first: 'ASA' } }],
  provisional: true,
};
const answered = { lifeYears: 3, heat: { setting: 'outdoors' }, water: 'rain', loads: [] };
let scope: EffectScope;

async function begin(
  given: Record<string, unknown>,
  extras: Record<string, unknown> = {},
): Promise<ComputedRef<Provisional | null>> {
  setActivePinia(createPinia());
  stubPartServer(given, extras);
  await useDraft().open('p1');
  scope = effectScope();
  const provisional = scope.run(() => useProvisional())!;
  await rest();
  return provisional;
}
async function rest(): Promise<void> {
  await nextTick();
  await vi.advanceTimersByTimeAsync(400);
}
beforeEach(() => {
  vi.useFakeTimers();
  askedJobs.length = 0;
});
afterEach(() => {
  scope.stop();
  vi.useRealTimers();
});

describe('a provisional verdict', () => {
  it('is told once the worker finds an open question that would change it', async () => {
    const provisional = await begin(answered);
    expect(asked('openQuestions')).toHaveLength(1);
    expect(provisional.value).toBeNull();
    asked('openQuestions')[0]!.answer(sun);
    await rest();
    expect(provisional.value).toEqual(sun);
  });
  it('goes with the answer: nothing is asked any more, and an older answer is not shown', async () => {
    const provisional = await begin(answered);
    asked('openQuestions')[0]!.answer(sun);
    await rest();
    useDraft().set('sun', 'full');
    await rest();
    expect(asked('openQuestions')).toHaveLength(1);
    expect(provisional.value).toBeNull();
  });
  it('is not told where nothing that is open would change it', async () => {
    const provisional = await begin(answered);
    asked('openQuestions')[0]!.answer({ ...sun, provisional: false });
    await rest();
    expect(provisional.value).toBeNull();
  });
  it('is not asked of a brief that says nothing yet, nor of one that says all', async () => {
    await begin({});
    expect(asked('openQuestions')).toHaveLength(0);
    scope.stop();
    await begin({ ...answered, sun: 'none' });
    expect(asked('openQuestions')).toHaveLength(0);
  });
});

describe('who takes part', () => {
  it('are only the filaments that the workshop allows', async () => {
    const settings = parseWorkshop({
      format: 'hornblende-workshop',
      version: 1,
      allowed: [{ material: 'petg' }, { material: 'pla' }],
    });
    await begin(answered, { '/api/workshop': { settings, quotes: {} } });
    const { candidates } = scope.run(() => useRanking())!;
    expect(candidates.value.length).toBeGreaterThan(50);
    await useWorkshop().load();
    expect(candidates.value.map(f => f.key)).toEqual(['pla', 'petg']);
  });
});
