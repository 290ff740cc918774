import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, nextTick, type EffectScope } from 'vue';
import { useRobustness, type LiveRobustness } from '../src/features/part/useRobustness';
import { useDraft } from '../src/features/part/draft';
import { stubPartServer } from './part-server';

const workers = vi.hoisted(() => ({
  all: [] as {
    asked: { draws: number; seed: number; families: { key: string }[]; brief: { lifeYears: number } } | null;
    ended: boolean;
    onmessage: ((e: { data: unknown }) => void) | null;
  }[],
}));
vi.mock('../src/workers/robustness.worker?worker', () => ({
  default: class {
    asked: unknown = null;
    ended = false;
    onmessage: ((e: { data: unknown }) => void) | null = null;
    constructor() {
      workers.all.push(this as never);
    }
    postMessage(m: unknown): void {
      this.asked = m;
    }
    terminate(): void {
      this.ended = true;
    }
  },
}));
vi.mock('../src/workers/contenders.worker?worker', () => ({
  default: class {
    postMessage(): void {
      /* few grades: never asked */
    }
    terminate(): void {
      /* nothing runs */
    }
  },
}));
vi.mock('../src/workers/year.worker?worker', () => ({
  default: class {
    postMessage(): void {
      /* no climate: never asked */
    }
    terminate(): void {
      /* nothing runs */
    }
  },
}));

const result = (pFirst: number): object => ({
  result: {
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
  },
});
const last = (): (typeof workers.all)[number] => workers.all.at(-1)!;
let scope: EffectScope;
let live: LiveRobustness;

beforeEach(async () => {
  vi.useFakeTimers();
  workers.all.length = 0;
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
    expect(workers.all).toHaveLength(0);
    useDraft().set('lifeYears', 8);
    await nextTick();
    await rest(700);
    expect(workers.all).toHaveLength(0);
    await rest(400);
    expect(workers.all).toHaveLength(1);
    expect(last().asked).toMatchObject({ draws: 20_000, seed: 1, brief: { lifeYears: 8 } });
    expect(last().asked?.families).toHaveLength(37);
  });
  it('shows progress, then the result; a changed brief takes the result away and asks again', async () => {
    await rest(1000);
    last().onmessage?.({ data: { done: 5000, total: 20_000 } });
    expect(live.progress.value).toBe(0.25);
    last().onmessage?.({ data: result(0.84) });
    await nextTick();
    expect(live.result.value?.candidates[0]?.pFirst).toBe(0.84);
    useDraft().set('toleranceMm', 0.1);
    await nextTick();
    expect(live.result.value).toBeNull();
    await rest(1000);
    expect(workers.all).toHaveLength(2);
    expect(live.result.value).toBeNull();
    last().onmessage?.({ data: result(0.5) });
    await nextTick();
    expect(live.result.value?.candidates[0]?.pFirst).toBe(0.5);
  });
  it('is stopped, stays stopped, and begins again when asked or when the brief changes', async () => {
    await rest(1000);
    live.stop();
    expect(last().ended).toBe(true);
    expect(live.stopped.value).toBe(true);
    await rest(3000);
    expect(workers.all).toHaveLength(1);
    live.run();
    expect(workers.all).toHaveLength(2);
    expect(live.stopped.value).toBe(false);
    live.stop();
    useDraft().set('lifeYears', 3);
    await nextTick();
    await rest(1000);
    expect(workers.all).toHaveLength(3);
  });
  it('another seed is another question', async () => {
    await rest(1000);
    live.seed.value = 9;
    await nextTick();
    expect(workers.all[0]?.ended).toBe(true);
    await rest(1000);
    expect(last().asked?.seed).toBe(9);
  });
});
