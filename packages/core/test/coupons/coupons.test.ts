import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { coupons, makeCoupon, stlBytes, threeMfBytes } from '../../src/coupons/index.js';
import { meshReport } from '../../src/geometry/mesh-report.js';
import { readMesh } from '../../src/geometry/read-mesh.js';

describe('coupons', () => {
  it.each(coupons.map(c => c.id))('%s is closed, in one piece, and the same as STL and 3MF', async id => {
    const positions = await makeCoupon(id);
    const stl = meshReport(readMesh('a.stl', stlBytes(positions)));
    const threeMf = meshReport(readMesh('a.3mf', threeMfBytes(positions)));
    expect(stl).toMatchObject({ watertight: true, shells: 1, warnings: [] });
    expect(threeMf.triangles).toBe(stl.triangles);
    expect(threeMf.volumeMm3).toBeCloseTo(stl.volumeMm3, 0);
  });
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
    await expect(makeCoupon('teapot')).rejects.toThrow(/kind: "teapot" must be one of latch/);
    await expect(makeCoupon('latch', { lengthMm: 1 })).rejects.toThrow(
      /lengthMm: 1 must be a number from 30 to 300/,
    );
  });
});
