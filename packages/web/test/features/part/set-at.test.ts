import { describe, expect, it } from 'vitest';
import { setAt } from '../../../src/features/part/set-at';
import { failedLayer } from '../../../src/features/rank/failed-layer';
import { loadOf } from '@hornblende/core/brief';
import { loadCases, newBrief, parseBrief } from '@hornblende/core/brief';
import { gateLabel, rank } from '@hornblende/core/score';

describe('setAt', () => {
  it('replaces one value, sharing the rest', () => {
    const before = { heat: { max: 30, min: 1 }, loads: [{ forceN: 1 }, { forceN: 2 }], name: 'x' };
    const after = setAt(before, 'loads.1.forceN', 5);
    expect(after).toEqual({ heat: { max: 30, min: 1 }, loads: [{ forceN: 1 }, { forceN: 5 }], name: 'x' });
    expect(before.loads[1]?.forceN).toBe(2);
    expect(after.heat).toBe(before.heat);
    expect(after.loads[0]).toBe(before.loads[0]);
  });
});

describe('a load to start from', () => {
  it.each(loadCases)('%s makes a valid brief at once', c => {
    expect(() => parseBrief({ ...newBrief('x'), loads: [loadOf(c, 'short')] })).not.toThrow();
  });
  it('keeps what the new case still uses', () => {
    const arm = { ...loadOf('cantilever', 'sustained'), forceN: 77, acrossLayers: true };
    expect(loadOf('simply-supported', 'short', arm)).toMatchObject({
      forceN: 77,
      acrossLayers: true,
      kind: 'short',
    });
    expect(loadOf('direct-stress', 'short', arm)).toMatchObject({ forceN: null, stressMPa: 3 });
  });
});

describe('gates on the chart', () => {
  it('every gate that can arise has a name of its own and a place to crack', () => {
    const brief = parseBrief({
      ...newBrief('x'),
      heat: { setting: 'outdoors' },
      sun: 'full',
      water: 'rain',
      mustFloat: true,
      looks: { clear: true },
      contact: { chemicals: ['acetone'] },
      maxMassG: 1,
      maxCostEach: 1,
      loads: loadCases.map(c => loadOf(c, 'sustained')),
    });
    for (const g of rank(brief).candidates.flatMap(c => c.gates)) {
      expect(gateLabel(g.id)).not.toBe(g.id);
      expect([null, 'string']).toContain(failedLayer(g.id) === null ? null : typeof failedLayer(g.id));
    }
    expect(failedLayer('printability.nozzle')).toBe('printability');
    expect(failedLayer('limit.warp')).toBe('warp');
    expect(failedLayer('looks')).toBeNull();
    expect(failedLayer('chemicals')).toBe('chemicals');
    expect(failedLayer('water')).toBe('moisture');
  });
});
