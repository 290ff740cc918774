import { fieldKey, type BriefLoad } from '@hornblende/core/brief';
import type { Brief } from '@hornblende/core/formats';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, nextTick, ref, shallowRef, type EffectScope } from 'vue';
import { asked, askedJobs } from '../../fake-computer';
import { useDraft } from '../../../src/features/part/draft';
import { FINE_CELLS, FIRST_CELLS, useOwnShape, type OwnShape } from '../../../src/features/shape/useOwnShape';
import { stubPartServer } from '../../part-server';

vi.mock('../../../src/workers/compute', async () => (await import('../../fake-computer')).fakeCompute());
const shape = shallowRef({ positions: new Float32Array(9) });
vi.mock('../../../src/features/shape/useShape', () => ({ useShape: () => ({ shape, report: ref(null) }) }));

const arm = { kind: 'short', case: 'cantilever', forceN: 10, lengthMm: 60, widthMm: 12, heightMm: 8 };
const ends = { heldAtMm: [0, 6, 4], actsAtMm: [60, 6, 4] };
const settled = async (): Promise<void> => {
  for (let i = 0; i < 6; i++) {
    await Promise.resolve();
    await nextTick();
  }
};
let scope: EffectScope;
let own: OwnShape;
const load = (): BriefLoad => useDraft().brief!.loads[0]!;
/** What the worker finds for the brief that it was asked about. */
function found(cells: number): object {
  const { brief } = asked('loadField').at(-1)!.question as { brief: Brief };
  const field = { of: fieldKey(brief, brief.loads[0]!), alongMPa: cells / 1000, betweenMPa: 1 };
  return {
    ...{ load: 0, cells, result: { cells, cellMm: 1, warnings: [] } },
    field: { ...field, deflectionTimesModulus: 900, alongAtMm: [1, 2, 3], betweenAtMm: null },
  };
}

beforeEach(async () => {
  setActivePinia(createPinia());
  askedJobs.length = 0;
  stubPartServer({ loads: [{ ...arm, ...ends }] });
  scope = effectScope();
  await useDraft().open('p1');
  own = scope.run(() => useOwnShape())!;
});
afterEach(() => {
  scope.stop();
  vi.unstubAllGlobals();
});

describe('a load on the part’s own shape', () => {
  it('is ready once it is known where it is held, where it acts and how hard', () => {
    expect(own.ready(load())).toBe(true);
    expect(own.ready({ ...load(), heldAtMm: null })).toBe(false);
    expect(own.ready({ ...load(), forceN: null })).toBe(false);
  });
  it('is asked with its places and a force downwards, first with few cells, then with many', async () => {
    own.work(0);
    await settled();
    expect(load().held).toEqual([{ atMm: [0, 6, 4] }]);
    expect(load().acts[0]).toMatchObject({ atMm: [60, 6, 4], forceN: [0, 0, -10] });
    expect(asked('loadField')).toHaveLength(1);
    expect(own.busy.value).toMatchObject({ load: 0, fine: false });
    asked('loadField')[0]!.answer(found(FIRST_CELLS));
    await settled();
    expect(load().field?.alongMPa).toBe(FIRST_CELLS / 1000);
    expect(own.busy.value).toMatchObject({ fine: true });
    asked('loadField')[1]!.answer(found(FINE_CELLS));
    await settled();
    expect(load().field?.alongMPa).toBe(FINE_CELLS / 1000);
    expect(own.busy.value).toBeNull();
    expect(own.found.value?.cells).toBe(FINE_CELLS);
  });
  it('pulls the way that is chosen', async () => {
    own.place(0, { way: 'left' });
    await settled();
    expect(load().acts[0]!.forceN).toEqual([-10, 0, 0]);
  });
  it('keeps the first answer where the fine one is stopped', async () => {
    own.work(0);
    await settled();
    asked('loadField')[0]!.answer(found(FIRST_CELLS));
    await settled();
    own.cancel();
    await settled();
    expect(asked('loadField')[1]!.cancelled).toBe(true);
    expect(own.busy.value).toBeNull();
    expect(own.found.value?.cells).toBe(FIRST_CELLS);
    expect(load().field?.alongMPa).toBe(FIRST_CELLS / 1000);
  });
  it('is found no more once the brief has moved on', async () => {
    own.work(0);
    await settled();
    asked('loadField')[0]!.answer(found(FIRST_CELLS));
    await settled();
    useDraft().set('print.walls', 7);
    await settled();
    expect(own.found.value).toBeNull();
  });
  it('says why it cannot be worked out, and leaves the brief without a field', async () => {
    own.work(0);
    await settled();
    asked('loadField')[0]!.fail('held: leaves a piece of the part free');
    await settled();
    expect(own.failed.value).toContain('a piece of the part free');
    expect(load().field).toBeNull();
  });
});
