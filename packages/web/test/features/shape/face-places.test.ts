import fc from 'fast-check';
import { newBrief, parseBrief, type BriefLoad } from '@hornblende/core/brief';
import { describe, expect, it } from 'vitest';
import { faceNames, faceOf, placeOn, type FaceName } from '../../../src/features/shape/face-places';
import { loadName } from '../../../src/features/shape/load-name';

describe('places on a part by its faces', () => {
  it('are the middles of the faces of its box', () => {
    expect(placeOn('x0', [0, 0, 0], [60, 40, 20])).toEqual([0, 20, 10]);
    expect(placeOn('z1', [-5, 0, 0], [5, 40, 20])).toEqual([0, 20, 20]);
  });
  it('are known again as the faces that they are of, in any box', () => {
    const corner = fc.integer({ min: -100, max: 100 });
    const size = fc.integer({ min: 1, max: 200 });
    fc.assert(
      fc.property(corner, corner, corner, size, size, size, (x, y, z, a, b, c) => {
        const low = [x, y, z] as const;
        const high = [x + a, y + b, z + c] as const;
        for (const face of Object.keys(faceNames) as FaceName[])
          expect(faceOf(placeOn(face, low, high), low, high)).toBe(face);
      }),
    );
  });
  it('are no face’s where they are pointed at elsewhere', () => {
    expect(faceOf([3, 3, 3], [0, 0, 0], [60, 40, 20])).toBeNull();
  });
});

describe('a load in a few words', () => {
  const load = (fields: object): BriefLoad =>
    parseBrief({ ...JSON.parse(JSON.stringify(newBrief('x'))), loads: [{ kind: 'short', ...fields }] })
      .loads[0]!;
  it('says how much and how', () => {
    expect(loadName(load({ case: 'tension', forceN: 40, widthMm: 5, heightMm: 5 }))).toBe('40 N, a pull');
    expect(loadName(load({ case: 'direct-stress', stressMPa: 3 }))).toBe('3 MPa, a stress');
    expect(loadName(load({ case: 'drop', massKg: 0.3, heightM: 1, widthMm: 5, heightMm: 5 }))).toBe(
      '0.3 kg, a knock',
    );
    expect(loadName(load({ case: 'snap-fit', thicknessMm: 2, lengthMm: 12, undercutMm: 1 }))).toBe('a snap');
  });
});
