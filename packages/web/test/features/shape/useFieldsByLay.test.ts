import type { ShapeLay } from '@hornblende/core/advice';
import { fieldKey, type LoadField } from '@hornblende/core/brief';
import type { Brief } from '@hornblende/core/formats';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, nextTick, ref, shallowRef, type EffectScope } from 'vue';
import { asked, askedJobs } from '../../fake-computer';
import { useDraft } from '../../../src/features/part/draft';
import { useFieldsByLay, type FieldsByLay } from '../../../src/features/shape/useFieldsByLay';
import { stubPartServer } from '../../part-server';

vi.mock('../../../src/workers/compute', async () => (await import('../../fake-computer')).fakeCompute());
const shape = shallowRef({ positions: new Float32Array(9) });
vi.mock('../../../src/features/shape/useShape', () => ({ useShape: () => ({ shape, report: ref(null) }) }));

const arm = { kind: 'short', case: 'cantilever', forceN: 10, lengthMm: 60, widthMm: 12, heightMm: 8 };
const placed = { ...arm, held: [{ atMm: [0, 6, 4] }], acts: [{ atMm: [60, 6, 4], forceN: [0, 0, -10] }] };
const lay = (up: [number, number, number]): ShapeLay => ({
  ...{ up, xMm: 60, yMm: 12, zMm: 8, volumeMm3: 5760, sharpCorners: [], support: null },
  ...{ deepShares: null, footFill: null, steady: true, look: null },
});
const lays = [lay([0, 0, 1]), lay([0, 1, 0]), lay([1, 0, 0])];
let scope: EffectScope;
let fields: FieldsByLay;
const settled = async (): Promise<void> => {
  for (let i = 0; i < 6; i++) {
    await Promise.resolve();
    await nextTick();
  }
};
/** The worker answers what it was asked last. */
async function answered(): Promise<Brief> {
  const job = asked('loadField').at(-1)!;
  const { brief } = job.question as { brief: Brief };
  const of = fieldKey(brief, brief.loads[0]!);
  const field: Partial<LoadField> = { of, alongMPa: 2, betweenMPa: 1, deflectionTimesModulus: 900 };
  job.answer({ load: 0, cells: 60_000, field });
  await settled();
  return brief;
}
async function opened(loads: object[]): Promise<void> {
  stubPartServer({ loads, geometry: { file: 'arm.stl' } });
  scope = effectScope();
  await useDraft().open('p1');
  fields = scope.run(() => useFieldsByLay(() => lays))!;
}

beforeEach(() => {
  setActivePinia(createPinia());
  askedJobs.length = 0;
});
afterEach(() => {
  scope.stop();
  vi.unstubAllGlobals();
});

describe('the loads for each way to lay a part', () => {
  it('are nothing to ask for where no load names its places', async () => {
    await opened([arm]);
    expect(fields.known.value).toBeNull();
  });
  it('are worked out one way after the other, each counting as it comes', async () => {
    await opened([placed]);
    expect(fields.known.value).toEqual({ ways: 0, of: 3 });
    fields.work();
    expect(asked('loadField')).toHaveLength(1);
    const ups = [await answered(), await answered(), await answered()].map(b => b.geometry.up);
    expect(ups).toEqual(lays.map(l => l.up));
    expect(fields.known.value).toEqual({ ways: 3, of: 3 });
    expect(fields.progress.value).toBeNull();
    expect(asked('loadField')).toHaveLength(3);
  });
  it('are stopped between two ways, and what is known stays', async () => {
    await opened([placed]);
    fields.work();
    await answered();
    expect(fields.progress.value).toBeCloseTo(1 / 3, 6);
    fields.stop();
    expect(asked('loadField').at(-1)!.cancelled).toBe(true);
    expect(fields.known.value).toEqual({ ways: 1, of: 3 });
    fields.work();
    await answered();
    expect(fields.known.value).toEqual({ ways: 2, of: 3 });
  });
  it('end where the brief asks for something else', async () => {
    await opened([placed]);
    fields.work();
    useDraft().set('print.walls', 7);
    await settled();
    expect(fields.progress.value).toBeNull();
    expect(asked('loadField')[0]!.cancelled).toBe(true);
  });
  it('say why they cannot be worked out', async () => {
    await opened([placed]);
    fields.work();
    asked('loadField')[0]!.fail('held: names no place');
    await settled();
    expect(fields.failed.value).toContain('names no place');
  });
});
