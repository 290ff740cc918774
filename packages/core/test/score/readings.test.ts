import { describe, expect, it } from 'vitest';
import { strainShare } from '../../src/score/assess-load.js';
import { expectedDeviationMm } from '../../src/score/deviation.js';
import { hingeFolds } from '../../src/score/flexibility.js';
import { solidAround } from '../../src/models/load-insert.js';
import { calculate } from '../../src/registry.js';

const still = {
  ...{ waterUptakePct: 0, alphaPerK: 0, solidificationC: 100, crystallisationStrain: 0, bowMm: 0 },
  ...{ lengthMm: 100, water: 'dry' as const, bakedPct: 0, gauge: null },
};

describe('the deviation of a size', () => {
  it('is 0.12 mm where nothing shrinks, swells or bows', () => {
    expect(expectedDeviationMm(still)).toBeCloseTo(0.12, 12);
  });
  it('adds each error in squares, worked by hand', () => {
    const alone = (change: object): number =>
      Math.sqrt(expectedDeviationMm({ ...still, ...change }) ** 2 - 0.12 ** 2);
    // 100e-6 · (123 − 23) · 100 mm · 0.15
    expect(alone({ alphaPerK: 100e-6, solidificationC: 123 })).toBeCloseTo(0.15, 9);
    // 1 % · ¼ · 100 mm, of which all under water, half in the rain, 40 of 100 in damp air, 15 of 100 dry
    expect(alone({ waterUptakePct: 1, water: 'immersed' })).toBeCloseTo(0.25, 9);
    expect(alone({ waterUptakePct: 1, water: 'rain' })).toBeCloseTo(0.125, 9);
    expect(alone({ waterUptakePct: 1, water: 'humid' })).toBeCloseTo(0.1, 9);
    expect(alone({ waterUptakePct: 1 })).toBeCloseTo(0.0375, 9);
    expect(alone({ bowMm: 0.4 })).toBeCloseTo(0.2, 9);
    expect(alone({ bakedPct: 1 })).toBeCloseTo(0.5, 9);
  });
  it('goes by gauges of the same machine where there are any', () => {
    const gauge = { sizeMm: 0.03, perMm: 0.0004 };
    expect(expectedDeviationMm({ ...still, alphaPerK: 100e-6, gauge })).toBeCloseTo(0.05, 12);
  });
});

describe('what is left of an allowable strain', () => {
  it('is all of it along the layers in the warm', () => {
    expect(strainShare(0.6, false, 0.5, 23)).toBe(1);
  });
  it('is the share across the layers, never more than along them', () => {
    expect(strainShare(0.6, true, 1, 23)).toBeCloseTo(0.6, 12);
    expect(strainShare(1.3, true, 1, 23)).toBe(1);
  });
  it('falls to the family’s own share at −30 °C, straight from 23 °C', () => {
    expect(strainShare(1, false, 0.5, -30)).toBeCloseTo(0.5, 12);
    expect(strainShare(1, false, 0.5, -3.5)).toBeCloseTo(0.75, 12);
    expect(strainShare(0.6, true, 0.5, -30)).toBeCloseTo(0.3, 12);
  });
});

describe('other readings', () => {
  it('a web that folds for good counts as a million folds, one whose leaves are floppy as a hundred', () => {
    expect(['no', 'short', 'lasting'].map(h => hingeFolds(h as 'no', false))).toEqual([0, 3.5, 6]);
    expect(hingeFolds('lasting', true)).toBe(2);
  });
  it('around an insert two walls of 0.45 mm are three quarters of what is sheared, infill counts for the rest', () => {
    const around = (walls: number, infill: number): number =>
      solidAround({ walls, lineMm: 0.45, infill } as Parameters<typeof solidAround>[0]);
    expect(around(2, 0)).toBeCloseTo(0.75, 9);
    expect(around(2, 0.2)).toBeCloseTo(0.8, 9);
    expect(around(6, 0)).toBe(1);
    expect(around(0, 1)).toBe(1);
  });
  it('the working of a bow tells the bed’s warmth at the top: chamber + (bed − chamber)·e^(−z/λ)', () => {
    const inputs = {
      alphaPerK: 9e-5,
      solidificationC: 105,
      bedC: 100,
      chamberC: 40,
      heightMm: 20,
      lengthMm: 100,
    };
    const { steps } = calculate('warp.bow', inputs);
    const top = steps.find(s => s.symbol === 'T_sub(z)')!;
    const lambda = Number(/e\^\(−z\/([\d.]+)\)/.exec(top.substituted)![1]);
    expect(top.value).toBeCloseTo(40 + 60 * Math.exp(-20 / lambda), 9);
  });
  it('the working of a held load begins with what the same load bears that is not held', () => {
    const inputs = { structure: 'amorphous', unloadedC: 97, hdt045C: 95, hdt18C: 85, stressMPa: 0.8 };
    const at = (sustainedHours: number): ReturnType<typeof calculate> =>
      calculate('heat.allowable', { ...inputs, sustainedHours });
    const { allowableC } = at(0).result as { allowableC: number };
    const held = at(50_000);
    expect(held.steps[0]!.value).toBeCloseTo(allowableC, 9);
    expect((held.result as { allowableC: number }).allowableC).toBeCloseTo(allowableC - 10, 9);
  });
});
