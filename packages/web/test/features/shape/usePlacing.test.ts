import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { useDraft } from '../../../src/features/part/draft';
import { usePlacing } from '../../../src/features/shape/usePlacing';
import { stubPartServer } from '../../part-server';

const arm = { kind: 'short', case: 'cantilever', forceN: 12, lengthMm: 60, widthMm: 12, heightMm: 8 };

beforeEach(async () => {
  setActivePinia(createPinia());
  stubPartServer({ loads: [arm] });
  await useDraft().open('p1');
});
afterEach(() => vi.unstubAllGlobals());

const load = (): { heldAtMm: unknown; held: unknown[]; acts: { forceN: unknown }[]; acrossLayers: boolean } =>
  useDraft().brief!.loads[0]!;

describe('the places of a load on the part', () => {
  it('wait to be pointed at, one at a time, and not any more when asked again', () => {
    const { pointing, point } = usePlacing();
    point({ load: 0, end: 'held', index: 0 });
    expect(pointing.value).toEqual({ load: 0, end: 'held', index: 0 });
    point({ load: 0, end: 'acts', index: 0 });
    expect(pointing.value?.end).toBe('acts');
    point({ load: 0, end: 'acts', index: 0 });
    expect(pointing.value).toBeNull();
  });
  it('are picked into the brief, to a hundredth; a load that pulls upright is across its layers', async () => {
    const { point, pick, pointing } = usePlacing();
    point({ load: 0, end: 'held', index: 0 });
    pick([0.004, 6, 0]);
    expect(pointing.value).toBeNull();
    point({ load: 0, end: 'acts', index: 0 });
    pick([0, 6, 80.0049]);
    await nextTick();
    expect(load().heldAtMm).toEqual([0, 6, 0]);
    expect(load().acts).toMatchObject([{ atMm: [0, 6, 80], forceN: [0, 0, -12] }]);
    expect(load().acrossLayers).toBe(true);
  });
  it('may be several: a further one joins, and taking the first away leaves it', async () => {
    const { setPlaces, point, pick } = usePlacing();
    setPlaces(0, 'held', [[0, 6, 4]]);
    setPlaces(0, 'acts', [[60, 6, 4]]);
    point({ load: 0, end: 'held', index: 1 });
    pick([30, 12, 4]);
    await nextTick();
    expect(load().held).toEqual([{ atMm: [0, 6, 4] }, { atMm: [30, 12, 4] }]);
    setPlaces(0, 'held', [[30, 12, 4]]);
    expect(load().held).toEqual([{ atMm: [30, 12, 4] }]);
    setPlaces(0, 'held', []);
    expect(load()).toMatchObject({ heldAtMm: null, held: [], acts: [] });
  });
  it('say nothing of a load that is not there', () => {
    const { setPlaces, pick } = usePlacing();
    setPlaces(7, 'held', [[0, 0, 0]]);
    pick([1, 2, 3]);
    expect(load().heldAtMm).toBeNull();
  });
});
