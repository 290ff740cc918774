import { fieldKey } from '@hornblende/core/brief';
import type { Brief } from '@hornblende/core/formats';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, nextTick, ref, shallowRef, type EffectScope } from 'vue';
import { asked, askedJobs } from '../../fake-computer';
import { useDraft } from '../../../src/features/part/draft';
import { useFilletTry, type FilletTry } from '../../../src/features/shape/useFilletTry';
import { stubPartServer } from '../../part-server';

vi.mock('../../../src/workers/compute', async () => (await import('../../fake-computer')).fakeCompute());
const shape = shallowRef({ positions: new Float32Array(9) });
vi.mock('../../../src/features/shape/useShape', () => ({ useShape: () => ({ shape, report: ref(null) }) }));

const arm = { kind: 'short', case: 'cantilever', forceN: 10, lengthMm: 60, widthMm: 12, heightMm: 8 };
const places = { held: [{ atMm: [0, 6, 4] }], acts: [{ atMm: [60, 6, 4], forceN: [0, 0, -10] }] };
const fillet = { atMm: [8, 6, 8] as [number, number, number], radiusMm: 3 };
const taken = vi.fn();
let scope: EffectScope;
let fillets: FilletTry;
const settled = async (): Promise<void> => {
  for (let i = 0; i < 6; i++) {
    await Promise.resolve();
    await nextTick();
  }
};
const answered = async (): Promise<void> => {
  const job = asked('loadField').at(-1)!;
  const { brief } = job.question as { brief: Brief };
  const field = {
    of: fieldKey(brief, brief.loads[0]!),
    alongMPa: 2,
    betweenMPa: 1,
    deflectionTimesModulus: 900,
  };
  job.answer({ load: 0, cells: 60_000, field });
  await settled();
};

beforeEach(async () => {
  setActivePinia(createPinia());
  askedJobs.length = 0;
  taken.mockClear();
  stubPartServer({ loads: [{ ...arm, ...places }] });
  scope = effectScope();
  await useDraft().open('p1');
  fillets = scope.run(() => useFilletTry(60_000, taken))!;
});
afterEach(() => {
  scope.stop();
  vi.unstubAllGlobals();
});

describe('a radius in an inner corner', () => {
  it('is tried beside the brief, which stays as it is', async () => {
    fillets.attempt(0, fillet);
    expect((asked('loadField')[0]!.question as { brief: Brief }).brief.geometry.fillets).toEqual([fillet]);
    await answered();
    expect(fillets.tried.value).toMatchObject({ load: 0, fillet });
    expect(fillets.tried.value?.brief.loads[0]?.field?.alongMPa).toBe(2);
    expect(useDraft().brief?.geometry.fillets).toEqual([]);
  });
  it('enters the brief with what was found, as one step that undo takes back', async () => {
    fillets.attempt(0, fillet);
    await answered();
    fillets.take();
    expect(useDraft().brief?.geometry.fillets).toEqual([fillet]);
    expect(useDraft().brief?.loads[0]?.field?.alongMPa).toBe(2);
    expect(taken).toHaveBeenCalledOnce();
    expect(fillets.tried.value).toBeNull();
    useDraft().undo();
    expect(useDraft().brief?.geometry.fillets).toEqual([]);
    expect(useDraft().brief?.loads[0]?.field).toBeNull();
  });
  it('is no answer any more once the load has moved', async () => {
    fillets.attempt(0, fillet);
    await answered();
    useDraft().set('print.walls', 7);
    expect(fillets.tried.value).toBeNull();
    fillets.take();
    expect(useDraft().brief?.geometry.fillets).toEqual([]);
  });
  it('is taken back by its place in the list', async () => {
    fillets.attempt(0, fillet);
    await answered();
    fillets.take();
    fillets.drop(0);
    expect(useDraft().brief?.geometry.fillets).toEqual([]);
  });
  it('says why it cannot be worked out', async () => {
    fillets.attempt(0, fillet);
    asked('loadField')[0]!.fail('fillets.0.atMm: is not at an inner edge');
    await settled();
    expect(fillets.failed.value).toContain('inner edge');
    expect(fillets.tried.value).toBeNull();
  });
});
