import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { usualGaugeSizes } from '../../src/workshop/gauge.js';
import { coupons, engravingFont, makeCoupon, stlBytes, threeMfBytes } from '../../src/coupons/index.js';
import { meshReport } from '../../src/geometry/mesh-report.js';
import { readMesh } from '../../src/geometry/read-mesh.js';

const font = engravingFont(
  readFileSync(
    createRequire(import.meta.url).resolve(
      '@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-latin-700-normal.woff',
    ),
  ),
);

describe('coupons', () => {
  it.each(coupons.map(c => c.id))('%s is closed, in one piece, and the same as STL and 3MF', async id => {
    const positions = await makeCoupon(id);
    const stl = meshReport(readMesh('a.stl', stlBytes(positions)));
    const threeMf = meshReport(readMesh('a.3mf', threeMfBytes(positions)));
    expect(stl).toMatchObject({ watertight: true, shells: 1, warnings: [] });
    expect(threeMf.triangles).toBe(stl.triangles);
    expect(threeMf.volumeMm3).toBeCloseTo(stl.volumeMm3, 0);
  });
  it.each([
    // Volumes by hand, mm³; round ones within a facet's share.
    ['warp-bar', {}, 150 * 15 * 6],
    ['break-bar', { lengthMm: 80, widthMm: 10, thickMm: 4 }, 80 * 10 * 4],
    ['break-bar-upright', {}, 38 * 38 * 4 + 10 * 10 * 60],
    ['hardness-plate', {}, 45 * 45 * 6],
    ['wall-square', { wallMm: 0.8 }, (30 * 30 - 28.4 * 28.4) * 20],
    ['hinge-strip', {}, 60 * 20 * 3 - 1.5 * 20 * 2.4],
    ['sag-strips', {}, (25 * 33.3 + 80 * (1.5 + 3 + 4.8)) * 10],
    ['bridges', {}, 125 * 10 * 10 - 100 * 10 * 8],
    ['drop-disc', {}, Math.PI * 30 * 30 * 3],
    ['tag', {}, 40 * 14 * 2 - Math.PI * 2 * 2 * 2],
    ['swatch', {}, 75 * 30 * 1.2 + 75 * 0.65 * 30 * 1.2 - Math.PI * 2.5 * 2.5 * 1.2],
    [
      'gauge',
      {},
      120 * 24 * 5 + 24 * 24 * 5 + 12 * 24 * 10 + (Math.PI / 4) * (100 * 10 + 25 * 10 - 100 * 5 - 25 * 5),
    ],
  ] as const)('%s %o has the volume of its drawing', async (id, numbers, volumeMm3) => {
    const report = meshReport(readMesh('a.stl', stlBytes(await makeCoupon(id, numbers))));
    expect(report.watertight).toBe(true);
    expect(Math.abs(report.volumeMm3 / volumeMm3 - 1)).toBeLessThan(0.002);
  });
  it('the gauge has the sizes that its sheet asks for', async () => {
    const { boundsMm } = meshReport(readMesh('a.stl', stlBytes(await makeCoupon('gauge'))));
    const of = (id: string): number => usualGaugeSizes.find(s => s.id === id)!.nominalMm;
    expect(boundsMm.x).toBeCloseTo(of('length'), 4);
    expect(boundsMm.y).toBeCloseTo(of('width'), 4);
    expect(boundsMm.z).toBeCloseTo(of('step-high'), 4);
  });
  it.each(coupons.filter(c => 'code' in new c.Input()).map(c => c.id))(
    '%s carries a code, and stays closed and of its size',
    async id => {
      const plain = meshReport(readMesh('a.stl', stlBytes(await makeCoupon(id))));
      const coded = meshReport(readMesh('a.stl', stlBytes(await makeCoupon(id, { code: 'HB-07' }, font))));
      expect(coded).toMatchObject({ watertight: true, shells: 1 });
      expect(coded.boundsMm.x).toBeCloseTo(plain.boundsMm.x, 4);
      expect(coded.boundsMm.z).toBeCloseTo(plain.boundsMm.z, 4);
      expect(coded.volumeMm3).toBeLessThan(plain.volumeMm3 - 0.5);
      expect(coded.volumeMm3).toBeGreaterThan(0.9 * plain.volumeMm3);
    },
  );
  it('have the sizes that are asked for', async () => {
    const report = meshReport(
      readMesh(
        'a.stl',
        stlBytes(await makeCoupon('housing', { lengthMm: 90, widthMm: 50, heightMm: 22, wallMm: 2 })),
      ),
    );
    expect(report.boundsMm.x).toBeCloseTo(90, 4);
    expect(report.boundsMm.y).toBeCloseTo(50, 4);
    expect(report.boundsMm.z).toBeCloseTo(22, 4);
    expect(report.minWallMm).toBeCloseTo(2, 2);
    expect(report.sharpCorners).toHaveLength(4);
  });
  it('stay closed over their range', async () => {
    const size = fc.double({ min: 40, max: 200, noNaN: true });
    await fc.assert(
      fc.asyncProperty(size, fc.double({ min: 10, max: 20, noNaN: true }), async (lengthMm, thickMm) => {
        const report = meshReport(
          readMesh('a.stl', stlBytes(await makeCoupon('latch', { lengthMm, thickMm }))),
        );
        expect(report.watertight).toBe(true);
        expect(report.boundsMm.x).toBeCloseTo(lengthMm, 3);
      }),
      { numRuns: 8 },
    );
  });
  it('refuse an unknown kind and numbers out of reach by name', async () => {
    await expect(makeCoupon('teapot')).rejects.toThrow(/kind: "teapot" must be one of warp-bar/);
    await expect(makeCoupon('latch', { lengthMm: 1 })).rejects.toThrow(
      /lengthMm: 1 must be a number from 30 to 300/,
    );
  });
});
