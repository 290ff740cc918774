import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { depthMm, everyday } from '../../../src/features/bench/everyday';
import { useBenchSheet } from '../../../src/features/bench/useBenchSheet';
import { stubPartServer } from '../../part-server';

stubPartServer({});

describe('a sheet of the bench', () => {
  it('begins as it is given, keeps what is put, and is cleared', () => {
    const empty = { scale: 'A', readings: [] as number[] };
    const one = useBenchSheet('test', empty);
    expect(one.sheet.value).toEqual(empty);
    one.put({ readings: [84, 85] });
    expect(one.sheet.value).toEqual({ scale: 'A', readings: [84, 85] });
    // Opened anew it is as it was left; another sheet is another.
    expect(useBenchSheet('test', empty).sheet.value.readings).toEqual([84, 85]);
    expect(useBenchSheet('other', empty).sheet.value).toEqual(empty);
    one.clear();
    expect(one.sheet.value).toEqual(empty);
    expect(useBenchSheet('test', empty).sheet.value).toEqual(empty);
  });
});

describe('hardness as a depth', () => {
  it('is 2.5 mm at nought, nothing at a hundred, and falls evenly', () => {
    expect(depthMm(0)).toBe(2.5);
    expect(depthMm(100)).toBe(0);
    expect(depthMm(70)).toBeCloseTo(0.75, 12);
    fc.assert(
      fc.property(fc.double({ min: 0, max: 99, noNaN: true }), h => {
        expect(depthMm(h)).toBeGreaterThan(depthMm(h + 1));
      }),
    );
  });
  it('has things everybody knows over both scales, in order', () => {
    for (const scale of ['A', 'D'] as const) {
      const list = everyday.filter(e => e.scale === scale).map(e => e.hardness);
      expect(list.length).toBeGreaterThan(1);
      expect([...list].sort((a, b) => a - b)).toEqual(list);
    }
  });
});
