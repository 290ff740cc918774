import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { extent } from '../../src/geometry/extent.js';
import { holdDownDiscs, prism } from '../../src/geometry/prisms.js';
import { readMesh } from '../../src/geometry/read-mesh.js';
import { stlBytes } from '../../src/geometry/stl-out.js';
import { threeMfBytes } from '../../src/geometry/three-mf-out.js';

/** A box with a corner at the origin. */
const boxOf = (x: number, y: number, z: number): Float32Array =>
  prism(
    [
      [0, 0],
      [x, 0],
      [x, y],
      [0, y],
    ],
    0,
    z,
  );

const size = fc.double({ min: 1, max: 300, noNaN: true });

describe('shapes written', () => {
  it('come back as they went, as STL to the last bit and as 3MF within a figure', () => {
    fc.assert(
      fc.property(size, size, size, (x, y, z) => {
        const mesh = boxOf(x, y, z);
        expect(readMesh('a.stl', stlBytes(mesh)).positions).toEqual(mesh);
        const back = readMesh('a.3mf', threeMfBytes(mesh));
        expect(back.unit).toBe('millimeter');
        expect(extent(back.positions).volumeMm3 / extent(mesh).volumeMm3).toBeCloseTo(1, 5);
      }),
      { numRuns: 25 },
    );
  });
  it('are the same bytes each time they are written', () => {
    const mesh = boxOf(100, 15, 6);
    expect(threeMfBytes(mesh)).toEqual(threeMfBytes(mesh));
    expect(stlBytes(mesh)).toEqual(stlBytes(mesh));
  });
  it('carry the normals of their faces', () => {
    const bytes = stlBytes(
      prism(
        [
          [0, 0],
          [4, 0],
          [0, 4],
        ],
        0,
        2,
      ),
    );
    const view = new DataView(bytes.buffer);
    // The first triangle is the underside.
    expect([0, 4, 8].map(k => view.getFloat32(84 + k, true))).toEqual([0, 0, -1]);
    expect(view.getUint32(80, true)).toBe(8);
  });
  it('hold what a prism of their outline holds', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 6 }), size, (n, high) => {
        const places = Array.from({ length: n }, (_, i): [number, number] => [40 * i, 10]);
        const volume = extent(holdDownDiscs(places, 8, high)).volumeMm3;
        // A regular polygon of 48 sides in the circle.
        const area = 24 * 64 * Math.sin((2 * Math.PI) / 48);
        expect(volume / (n * area * high)).toBeCloseTo(1, 4);
      }),
      { numRuns: 20 },
    );
  });
});
