import { familyByKey, type Family } from '@hornblende/core/materials';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { computed, effectScope, ref, shallowRef, type EffectScope } from 'vue';
import { useDraft } from '../../../src/features/part/draft';
import { useOwnPaint } from '../../../src/features/shape/useOwnPaint';
import type { OwnShape } from '../../../src/features/shape/useOwnShape';
import type { LoadFieldAnswer } from '../../../src/workers/jobs/load-field';
import { stubPartServer } from '../../part-server';

// Judged beside: 4 MPa may be carried, the load moves 0.6 mm in this filament, safety is 2.
const judged = {
  ctx: { safety: 2 },
  family: familyByKey('petg'),
  loads: [{ allowableMPa: 4, deflectionMm: 0.6 }],
};
vi.mock('../../../src/features/shape/useLoadsJudged', () => ({ useLoadsJudged: () => ref(judged) }));

const load = {
  ...{ kind: 'short', case: 'cantilever', forceN: 10, lengthMm: 60, widthMm: 12, heightMm: 8 },
  held: [{ atMm: [0, 6, 4] }],
  acts: [{ atMm: [60, 6, 4], forceN: [0, 0, -10] }],
};
/** Two faces: one that bears nothing, one that bears 1 MPa along its layers, and moves 0.3 mm down as worked out. */
const skin = {
  positions: new Float32Array(36).fill(5),
  moves: Float32Array.from({ length: 36 }, (_, i) => (i >= 18 && i % 3 === 2 ? -0.3 : 0)),
  along: Float32Array.of(0, 1),
  between: Float32Array.of(0, 0),
};
const found = shallowRef<LoadFieldAnswer | null>(null);
const family = computed<Family | null>(() => familyByKey('petg') ?? null);
let scope: EffectScope;
let paint: ReturnType<typeof useOwnPaint>;

beforeEach(async () => {
  setActivePinia(createPinia());
  stubPartServer({ loads: [load] });
  await useDraft().open('p1');
  found.value = { load: 0, skin, result: { acts: [{ deflectionMm: 0.3 }] } } as LoadFieldAnswer;
  scope = effectScope();
  paint = scope.run(() => useOwnPaint({ found } as unknown as OwnShape, family))!;
});
afterEach(() => {
  scope.stop();
  vi.unstubAllGlobals();
});

describe('what each place bears, painted', () => {
  it('is nothing until it is asked for, and nothing once the brief has moved on', () => {
    expect(paint.paint.value).toBeNull();
    paint.painted.value = true;
    expect(paint.paint.value).not.toBeNull();
    found.value = null;
    expect(paint.paint.value).toBeNull();
  });
  it('is a share of what the filament may, with its safety: 1 MPa × 2 of 4', () => {
    paint.painted.value = true;
    expect([...paint.paint.value!.shares]).toEqual([0, 0.5]);
  });
  it('grows with the force that the brief says by now', () => {
    paint.painted.value = true;
    useDraft().set('loads.0.forceN', 30);
    expect(paint.paint.value!.shares[1]).toBeCloseTo(1.5, 6);
    // More than it may bear is more than the full colour stands for.
    expect(paint.full.value).toBeLessThanOrEqual(1);
  });
  it('stands where the part stands until it is to be drawn bent', () => {
    paint.painted.value = true;
    expect(paint.paint.value!.positions).toBe(skin.positions);
  });
  it('bends as far as this filament lets it, so many times: 0.6 mm where the worked one moves 0.3', () => {
    paint.painted.value = true;
    for (const [times, down] of [
      [1, 0.6],
      [5, 3],
      [20, 12],
    ] as const) {
      paint.bent.value = times;
      const { positions } = paint.paint.value!;
      expect(positions[2]).toBe(5);
      expect(positions[20]).toBeCloseTo(5 - down, 4);
      expect(positions[18]).toBe(5);
    }
  });
});
