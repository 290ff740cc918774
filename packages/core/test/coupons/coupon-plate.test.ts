import { describe, expect, it } from 'vitest';
import { couponPlate, threeMfBytes } from '../../src/coupons/index.js';
import { extent, readMesh } from '../../src/geometry/index.js';

describe('a plate of coupons', () => {
  const wanted = [
    { kind: 'warp-bar', count: 3 },
    { kind: 'hardness-plate', count: 3 },
    { kind: 'drop-disc', count: 2 },
  ];

  it('holds every piece once, apart from the others and inside the plate', async () => {
    const { pieces, coveredMm } = await couponPlate(wanted, [250, 210]);
    expect(pieces).toHaveLength(8);
    const boxes = pieces.map(p => extent(p));
    for (const { lowMm, highMm } of boxes) {
      expect(Math.min(lowMm[0], lowMm[1], lowMm[2])).toBeGreaterThanOrEqual(-1e-4);
      expect(highMm[0]).toBeLessThanOrEqual(coveredMm[0] + 1e-3);
      expect(highMm[1]).toBeLessThanOrEqual(coveredMm[1] + 1e-3);
    }
    expect(coveredMm[0]).toBeLessThanOrEqual(250);
    expect(coveredMm[1]).toBeLessThanOrEqual(210);
    for (const [i, a] of boxes.entries())
      for (const b of boxes.slice(i + 1)) {
        const apart = (k: 0 | 1): number => Math.max(b.lowMm[k] - a.highMm[k], a.lowMm[k] - b.highMm[k]);
        expect(Math.max(apart(0), apart(1))).toBeGreaterThan(4.9);
      }
  });

  it('is turned where it fits a deep plate only, and mirrors nothing', async () => {
    const wide = await couponPlate(wanted, [400, 400]);
    const [x, y] = wide.coveredMm;
    // One way round it fits only turned; whichever that is.
    const tight: [number, number] = x > y ? [y, x] : [x, y];
    const other: [number, number] = [tight[1], tight[0]];
    for (const plate of [tight, other]) {
      const { pieces, coveredMm } = await couponPlate(wanted, plate);
      expect(coveredMm[0]).toBeLessThanOrEqual(plate[0]);
      expect(coveredMm[1]).toBeLessThanOrEqual(plate[1]);
      // A mirrored shape would be inside out: its volume would be below nought.
      for (const p of pieces) expect(extent(p).volumeMm3).toBeGreaterThan(0);
      expect(Math.min(...pieces.map(p => extent(p).lowMm[0]))).toBeCloseTo(0, 3);
    }
  });

  it('says what is wanted where it does not fit, and refuses none or far too many', async () => {
    await expect(couponPlate(wanted, [100, 100])).rejects.toThrow(
      /must fit the plate of 100 × 100 mm: together they want \d+ × \d+ mm/,
    );
    await expect(couponPlate([], [200, 200])).rejects.toThrow(/1 to 120 pieces/);
    await expect(couponPlate([{ kind: 'swatch', count: 121 }], [900, 900])).rejects.toThrow(
      /1 to 120 pieces/,
    );
    await expect(couponPlate([{ kind: 'nothing', count: 1 }], [200, 200])).rejects.toThrow(/must be one of/);
  });

  it('goes into one file, each piece an object of its own', async () => {
    const { pieces } = await couponPlate([{ kind: 'warp-bar', count: 2 }], [200, 200]);
    const read = readMesh('plate.3mf', threeMfBytes(...pieces));
    const whole = pieces.reduce((sum, p) => sum + extent(p).volumeMm3, 0);
    expect(extent(read.positions).volumeMm3).toBeCloseTo(whole, 0);
  });
});
