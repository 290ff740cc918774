import { BufferAttribute, BufferGeometry } from 'three';
import { MeshBVH } from 'three-mesh-bvh';
import { describe, expect, it } from 'vitest';
import { featureEdges } from '../../src/geometry/edges.js';
import { laysOf, layWith } from '../../src/geometry/lays.js';
import { meshReport } from '../../src/geometry/mesh-report.js';
import { facingOut, turnedOver } from '../../src/geometry/outward.js';
import { markedPlaces, type MarkedPlace } from '../../src/geometry/places.js';
import { hullOf, rests } from '../../src/geometry/rests.js';
import { supportUnder, type Support } from '../../src/geometry/support.js';
import { wallPlaces } from '../../src/geometry/walls.js';
import { turnWith } from '../../src/geometry/turn.js';
import { ball, box, heapOf, insideOut, prism, rounded } from './shapes.js';

/** A table: a top of 40 × 40 × 4 mm on one leg of 8 × 8 × 30 mm. */
const table = heapOf([...box(8, 8, 30, [16, 16, 0]), ...box(40, 40, 4, [0, 0, 30])]);

describe('ways to lay a shape', () => {
  it('are the three sides of a box, the longer side along X, and each stays lying', () => {
    const lays = laysOf({ positions: heapOf(box(60, 40, 10)) });
    expect(lays).toHaveLength(3);
    expect(lays.every(l => l.steady)).toBe(true);
    const sizes = lays.map(l => [l.xMm, l.yMm, l.zMm].map(v => Math.round(v)).join(' ')).sort();
    expect(sizes).toEqual(['40 10 60', '60 10 40', '60 40 10']);
    expect(lays[0]).toMatchObject({ up: [0, 0, 1], support: { volumeMm3: 0, scarMm2: 0 } });
    expect(lays[0]!.sharpCorners).toHaveLength(4);
    expect(lays[0]!.footprintMm2).toBeCloseTo(2400, 3);
  });
  it('find a slanted face, and turn the part on the plate to its long side', () => {
    // A wedge, turned by 30° about the upright.
    const turn = turnWith([0, 0, 1], [Math.cos(0.5), Math.sin(0.5), 0]);
    const wedge = heapOf(
      prism(
        [
          [0, 0],
          [50, 0],
          [0, 30],
        ],
        20,
      ),
    ).map((_, i, all) => {
      const p = [all[i - (i % 3)]!, all[i - (i % 3) + 1]!, all[i - (i % 3) + 2]!] as const;
      return turn[0][i % 3]! * p[0] + turn[1][i % 3]! * p[1] + turn[2][i % 3]! * p[2];
    });
    const slanted = laysOf({ positions: wedge }).find(
      l => Math.abs(l.xMm - Math.hypot(50, 30)) < 0.1 && Math.abs(l.yMm - 20) < 0.1,
    );
    expect(slanted?.steady).toBe(true);
    expect(slanted?.zMm).toBeCloseTo((50 * 30) / Math.hypot(50, 30), 2);
  });
  it('call what rests on its leg alone unsteady, and what lies on its top steady', () => {
    const offset = heapOf([...box(8, 8, 30), ...box(60, 8, 4, [0, 0, 30])]);
    const [asFile] = laysOf({ positions: offset });
    expect(asFile!.steady).toBe(false);
    expect(layWith({ positions: offset }, [0, 0, -1]).steady).toBe(true);
    // The hull of it has no face under the leg's far end.
    expect(rests(hullOf(offset)).length).toBeGreaterThan(2);
  });
  it('take the hull of very many points as well', () => {
    const lays = laysOf({ positions: heapOf(ball(20, [0, 0, 0], 64)) });
    expect(lays.length).toBeGreaterThan(0);
    expect(lays[0]!.xMm).toBeCloseTo(40, 0);
  });
});

describe('a shape that is not closed', () => {
  it('has one volume however it is laid, and depths of which nothing is claimed', () => {
    // Five faces of a box: without the last two triangles its volume depends on where it is measured from.
    const open = heapOf(box(60, 40, 10).slice(0, -2));
    const lays = laysOf({ positions: open });
    expect(lays.length).toBeGreaterThan(1);
    expect(new Set(lays.map(l => l.volumeMm3)).size).toBe(1);
    expect(lays.every(l => !l.closed && l.deepShares === null)).toBe(true);
    expect(lays[0]!.volumeMm3).toBe(
      meshReport({ positions: open, format: 'stl', unit: 'millimeter', warnings: [] }).volumeMm3,
    );
  });
});

describe('a shape that is inside out', () => {
  it('lies, hangs over and is marked as the same shape the right way out', () => {
    const [right, wrong] = [table, turnedOver(table)].map(positions => layWith({ positions }, [0, 0, 1]));
    expect(wrong).toEqual(right);
    expect(facingOut(turnedOver(table))).toEqual(table);
    expect(facingOut(table)).toBe(table);
  });
});

describe('a shape with gaps too small to see', () => {
  it('has its outline all the same', () => {
    const gaping = heapOf(box(60, 40, 10)).map((v, i) => v + (i % 7 === 0 ? 5e-6 : 0));
    const lay = layWith({ positions: gaping }, [0, 0, 1]);
    expect(lay.footprintMm2).toBeCloseTo(2400, 0);
    expect(lay.sharpCorners).toHaveLength(4);
    expect(lay.deepShares?.[0]).toBeCloseTo(1, 2);
  });
});

describe('supports', () => {
  const supportsOf = (asRead: Float32Array, up: [number, number, number]): Support => {
    const heap = facingOut(asRead);
    const geometry = new BufferGeometry();
    geometry.setAttribute('position', new BufferAttribute(heap.slice(), 3));
    const low: [number, number, number] = [Infinity, Infinity, Infinity];
    const high: [number, number, number] = [-Infinity, -Infinity, -Infinity];
    const turn = turnWith(up, [1, 0, 0]);
    for (let i = 0; i < heap.length; i += 3)
      for (const k of [0, 1, 2] as const) {
        const v = turn[k][0] * heap[i]! + turn[k][1] * heap[i + 1]! + turn[k][2] * heap[i + 2]!;
        low[k] = Math.min(low[k], v);
        high[k] = Math.max(high[k], v);
      }
    return supportUnder(new MeshBVH(geometry), turn, { lowMm: low, highMm: high });
  };
  const supportOf = (asRead: Float32Array, up: [number, number, number]): number =>
    supportsOf(asRead, up).volumeMm3;
  it('fill the room under a table, and none of it upside down', () => {
    const room = (40 * 40 - 8 * 8) * 30;
    expect(supportOf(table, [0, 0, 1]) / room).toBeCloseTo(1, 1);
    expect(supportOf(table, [0, 0, -1])).toBe(0);
  });
  /** Two walls with a lid over them, so far apart. */
  const gate = (gapMm: number): Float32Array =>
    heapOf([
      ...box(5, 30, 20, [0, 0, 0]),
      ...box(5, 30, 20, [5 + gapMm, 0, 0]),
      ...box(10 + gapMm, 30, 4, [0, 0, 20]),
    ]);
  it('are not wanted under a short bridge from wall to wall, and fill a long one', () => {
    const short = supportsOf(gate(8), [0, 0, 1]);
    expect(short.volumeMm3).toBe(0);
    expect(short.bridgeMm).toBeCloseTo(8, 0);
    const long = supportsOf(gate(30), [0, 0, 1]);
    expect(long.volumeMm3 / (30 * 30 * 20)).toBeCloseTo(1, 1);
    expect(long.bridgeMm).toBe(0);
  });
  it('hold up what rests on one side only, however short it is', () => {
    const shelf = heapOf([...box(5, 30, 20, [0, 0, 0]), ...box(13, 30, 4, [0, 0, 20])]);
    const found = supportsOf(shelf, [0, 0, 1]);
    expect(found.volumeMm3 / (8 * 30 * 20)).toBeCloseTo(1, 1);
    expect(found.bridgeMm).toBe(0);
  });
  it('are the same for a shape that is inside out', () => {
    const triangles = [...box(8, 8, 30, [16, 16, 0]), ...box(40, 40, 4, [0, 0, 30])];
    expect(supportOf(heapOf(insideOut(triangles)), [0, 0, 1])).toBeCloseTo(supportOf(table, [0, 0, 1]), 3);
  });
  it('are not wanted under a slope of less than 45°', () => {
    const roof = (rise: number): Float32Array =>
      heapOf(
        prism(
          [
            [0, 0],
            [20, 0],
            [20 + rise, 20],
            [-rise, 20],
          ],
          10,
        ),
      ).map((v, i, all) =>
        // Stood up: what was Y points up.
        i % 3 === 1 ? all[i + 1]! : i % 3 === 2 ? all[i - 1]! : v,
      );
    expect(supportOf(roof(10), [0, 0, 1])).toBe(0);
    expect(supportsOf(roof(10), [0, 0, 1]).bridgeMm).toBe(0);
    expect(supportOf(roof(40), [0, 0, 1])).toBeGreaterThan(1000);
  });
});

describe('what wants looking at', () => {
  const placesOf = (positions: Float32Array, thinMm: number): MarkedPlace[] =>
    markedPlaces(layWith({ positions }, [0, 0, 1]), positions, wallPlaces(positions), thinMm);
  it('is each corner, each piece that hangs over, and the thinnest walls', () => {
    const places = placesOf(table, 5);
    expect(places.filter(p => p.kind === 'corner')).toHaveLength(4);
    const [hanging, ...others] = places.filter(p => p.kind === 'overhang');
    expect(others).toHaveLength(0);
    expect(hanging?.figure).toBeCloseTo(1600, 0);
    expect(hanging?.atMm[2]).toBeCloseTo(30, 3);
    const thin = places.filter(p => p.kind === 'thin');
    expect(thin[0]?.figure).toBeCloseTo(4, 2);
    expect(placesOf(heapOf(box(20, 20, 20)), 5).map(p => p.kind)).toEqual([
      'corner',
      'corner',
      'corner',
      'corner',
    ]);
  });
  it('is drawn by its edges: twelve of a box, the rims alone of a rounded one', () => {
    expect(featureEdges(heapOf(box(10, 20, 30))).length / 6).toBe(12);
    const outline = rounded(30, 20, 5);
    expect(featureEdges(heapOf(prism(outline, 10))).length / 6).toBe(2 * outline.length);
    // A lone triangle is all rim.
    expect(featureEdges(new Float32Array([0, 0, 0, 1, 0, 0, 0, 1, 0])).length / 6).toBe(3);
  });
});
