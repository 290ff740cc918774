import fc from 'fast-check';
import { zipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import { meshReport, readMesh, type MeshReport, type MeshUnit } from '../../src/geometry/index.js';
import { ball, binaryStl, box, insideOut, obj, prism, rounded, textStl, type Triangle } from './shapes.js';

const measured = (bytes: Uint8Array, name = 'part.stl', unit?: MeshUnit): MeshReport =>
  meshReport(readMesh(name, bytes, unit ? { unit } : {}));
const ofStl = (triangles: Triangle[]): MeshReport => measured(binaryStl(triangles));

describe('a shape measured', () => {
  it('a box is its sides’ product, with four sharp corners on the plate', () => {
    const r = ofStl(box(40, 30, 20, [100, -50, 3]));
    expect(r).toMatchObject({
      format: 'stl',
      triangles: 12,
      watertight: true,
      shells: 1,
      units: 'millimeter',
      warnings: [],
    });
    expect(r.volumeMm3).toBeCloseTo(24_000, 2);
    expect(r.surfaceMm2).toBeCloseTo(5200, 3);
    expect(r.boundsMm).toEqual({ x: 40, y: 30, z: 20 });
    expect(r.footprintMm2).toBeCloseTo(1200, 3);
    expect(r.overhangMm2).toBe(0);
    expect(r.sharpCorners.map(c => [c.xMm, c.yMm]).sort()).toEqual([
      [100, -20],
      [100, -50],
      [140, -20],
      [140, -50],
    ]);
    for (const c of r.sharpCorners) expect(c.angleDeg).toBeCloseTo(90, 6);
    // 46 % of its surface lie 20 mm from the other side, 31 % 30 mm.
    expect(r.medianWallMm).toBeCloseTo(30, 3);
    expect(r.minWallMm).toBeCloseTo(20, 3);
  });

  it('a ball of 10 mm has 4188.8 mm³ and 1256.6 mm², hangs over below, and touches the plate in a spot', () => {
    const r = ofStl(ball(10, [0, 0, 10]));
    // Chords of 3.75° lose about a thousandth.
    expect(r.volumeMm3 / ((4 / 3) * Math.PI * 1000)).toBeCloseTo(0.998, 3);
    expect(r.surfaceMm2 / (400 * Math.PI)).toBeCloseTo(0.999, 3);
    expect(r.watertight).toBe(true);
    // The cap below 45°: 2πr²(1 − cos 45°).
    expect(r.overhangMm2 / (200 * Math.PI * (1 - Math.SQRT1_2))).toBeCloseTo(1, 1);
    // A tenth of a millimetre up: π(2rh − h²).
    expect(r.footprintMm2 / (Math.PI * 1.99)).toBeCloseTo(1, 1);
    expect(r.sharpCorners).toEqual([]);
    expect(r.medianWallMm).toBeCloseTo(20, 1);
  });

  it('roundings of a millimetre and more are no sharp corners; smaller ones and chamfers are', () => {
    const corners = (radius: number, chords?: number): number =>
      ofStl(prism(rounded(40, 30, radius, chords), 10)).sharpCorners.length;
    expect(corners(3)).toBe(0);
    expect(corners(1.05)).toBe(0);
    expect(corners(0.95)).toBe(4);
    expect(corners(0.6)).toBe(4);
    expect(corners(0.2, 3)).toBe(4);
    // One chord: a chamfer. Of 45° corners none is under 120°, so only how short it is decides.
    expect(corners(5, 1)).toBe(0);
    expect(corners(0.5, 1)).toBe(4);
    const hexagon = Array.from({ length: 6 }, (_, k): [number, number] => [
      20 * Math.cos((k * Math.PI) / 3),
      20 * Math.sin((k * Math.PI) / 3),
    ]);
    expect(ofStl(prism(hexagon, 5)).sharpCorners).toEqual([]);
  });

  it('a notch’s corner inwards is not convex; a hole has none; a thin wall has its two ends', () => {
    const hole = [...box(40, 40, 5), ...insideOut(box(10, 10, 5, [15, 15, 0]))];
    // Two boxes, one inside out and flush: the outline has a hole whose corners point into the material.
    expect(ofStl(hole).footprintMm2).toBeCloseTo(1500, 2);
    expect(ofStl(hole).sharpCorners).toHaveLength(4);
    expect(ofStl(box(40, 2, 10)).sharpCorners).toHaveLength(4);
    expect(ofStl(box(40, 0.8, 10)).minWallMm).toBeCloseTo(0.8, 3);
  });

  it('pieces that do not touch are counted, a bridge hangs over', () => {
    expect(ofStl([...box(5, 5, 5), ...box(5, 5, 5, [20, 0, 0])]).shells).toBe(2);
    const gate = [...box(10, 10, 10), ...box(10, 10, 10, [30, 0, 0]), ...box(40, 10, 5, [0, 0, 10.2])];
    expect(ofStl(gate).overhangMm2).toBeCloseTo(400, 1);
  });

  it('volume and surface do not depend on where a part lies, and grow with the cube and the square', () => {
    fc.assert(
      fc.property(
        fc.tuple(...Array.from({ length: 3 }, () => fc.integer({ min: 1, max: 80 }))),
        fc.tuple(...Array.from({ length: 3 }, () => fc.integer({ min: -200, max: 200 }))),
        ([x, y, z], at) => {
          const r = ofStl(box(x!, y!, z!, at as [number, number, number]));
          expect(r.volumeMm3).toBeCloseTo(x! * y! * z!, 2);
          expect(r.surfaceMm2).toBeCloseTo(2 * (x! * y! + y! * z! + z! * x!), 2);
          expect(r.watertight).toBe(true);
          expect(r.sharpCorners).toHaveLength(4);
        },
      ),
      { numRuns: 25 },
    );
  });
});

describe('files of shapes', () => {
  const cube = box(10, 10, 10);
  it('binary, text, OBJ and 3MF say the same', () => {
    const plain = measured(binaryStl(cube));
    for (const [name, bytes] of [
      ['solid.stl', binaryStl(cube, 'solid but binary')],
      ['text.stl', textStl(cube)],
      ['a.obj', obj(cube)],
      ['b.obj', obj(cube, true)],
      ['c.3mf', threeMf(cube)],
    ] as const) {
      const r = measured(bytes, name);
      expect({ ...r, format: '', units: '' }, name).toEqual({ ...plain, format: '', units: '' });
    }
  });

  it('3MF: its unit, the place of its items, and components count', () => {
    expect(measured(threeMf(cube, 'inch'), 'a.3mf').boundsMm.x).toBeCloseTo(254, 3);
    const moved = measured(threeMf(cube, 'millimeter', '2 0 0 0 1 0 0 0 1 5 0 0'), 'a.3mf');
    expect(moved.boundsMm).toEqual({ x: 20, y: 10, z: 10 });
    const twice = measured(threeMf(cube, 'millimeter', undefined, true), 'a.3mf');
    expect(twice).toMatchObject({ shells: 2, triangles: 24, watertight: true });
    expect(() => measured(threeMf(cube, 'furlong'), 'a.3mf')).toThrow('no unit of a 3MF');
    expect(() => measured(zipSync({ 'readme.txt': new Uint8Array(3) }), 'a.3mf')).toThrow(
      'without a 3D model',
    );
    expect(() => measured(zipSync({ '3D/a.model': new TextEncoder().encode('<model><') }), 'a.3mf')).toThrow(
      'not XML',
    );
  });

  it('3MF: components that hold each other tenfold, twelve deep, or in a circle, are refused at once', () => {
    const holding = (objects: string, item = '0'): Uint8Array =>
      zipSync({
        '3D/a.model': new TextEncoder().encode(
          `<model><resources>${objects}</resources><build><item objectid="${item}"/></build></model>`,
        ),
      });
    const held = (id: number, by: number): string =>
      `<object id="${by}"><components>${`<component objectid="${id}"/>`.repeat(10)}</components></object>`;
    const nested = Array.from({ length: 12 }, (_, i) => held(i + 1, i)).join('');
    const triangle =
      '<object id="12"><mesh><vertices><vertex x="0" y="0" z="0"/><vertex x="1" y="0" z="0"/>' +
      '<vertex x="0" y="1" z="0"/></vertices><triangles><triangle v1="0" v2="1" v3="2"/></triangles></mesh></object>';
    expect(() => measured(holding(nested + triangle), 'a.3mf')).toThrow('1.00e+12 triangles');
    expect(() => measured(holding(`${nested}<object id="12"/>`), 'a.3mf')).toThrow('pieces');
    expect(() => measured(holding(held(1, 0) + held(0, 1)), 'a.3mf')).toThrow('without end');
    expect(() => measured(holding(held(7, 0)), 'a.3mf')).toThrow('which it does not hold');
  });

  it('what is broken is said, and what can still be said is', () => {
    const cut = measured(binaryStl(ball(10, [0, 0, 10])).subarray(0, 5000));
    expect(cut.warnings[0]).toMatch(/^is cut short: its head promises \d+ triangles, 98 are there$/);
    expect(cut.watertight).toBe(false);
    const open = ofStl(cube.slice(2));
    expect(open).toMatchObject({ watertight: false });
    expect(open.warnings[0]).toContain('is open along 6 edges');
    const inverted = ofStl(insideOut(cube));
    expect(inverted.volumeMm3).toBeCloseTo(1000, 3);
    expect(inverted.warnings).toEqual(['is inside out: it is taken as if it were not']);
    expect(inverted.sharpCorners).toHaveLength(4);
    expect(inverted.minWallMm).toBeCloseTo(10, 3);
    const flat: Triangle = [
      [0, 0, 0],
      [0, 0, 0],
      [1, 0, 0],
    ];
    expect(ofStl([...cube, flat]).warnings).toContain('has 1 triangle without area');
    const nowhere: Triangle = [
      [NaN, 0, 0],
      [0, Infinity, 0],
      [1, 0, 0],
    ];
    expect(ofStl([...cube, nowhere]).warnings[0]).toContain('1 triangle whose corners are not numbers');
  });

  it('a part of a few millimetres is asked about, and inches can be said', () => {
    const small = box(2, 1, 1);
    expect(ofStl(small).warnings[0]).toContain('was it drawn in inches? Then it is 50.8 mm');
    expect(measured(binaryStl(small), 'a.stl', 'inch')).toMatchObject({ units: 'inch', warnings: [] });
    expect(measured(binaryStl(small), 'a.stl', 'inch').boundsMm.x).toBeCloseTo(50.8, 4);
  });

  it('nothing, nonsense and other files are refused in words', () => {
    expect(() => measured(new Uint8Array())).toThrow('is empty');
    expect(() => measured(new Uint8Array(84), 'a.stl')).toThrow('holds no triangle');
    expect(() => measured(new TextEncoder().encode('solid x\nendsolid x'), 'a.stl')).toThrow(
      'holds no triangle',
    );
    expect(() => measured(new TextEncoder().encode('v 1 2 3'), 'a.obj')).toThrow('holds no face');
    expect(() => measured(new Uint8Array(10), 'a.step')).toThrow('must be an STL, an OBJ or a 3MF');
    fc.assert(
      fc.property(
        fc.uint8Array({ maxLength: 400 }),
        fc.constantFrom('a.stl', 'a.obj', 'a.3mf'),
        (bytes, name) => {
          try {
            measured(bytes, name);
          } catch (e) {
            expect((e as Error).name).toBe('InputError');
          }
        },
      ),
      { numRuns: 200 },
    );
  });

  it('can be ended in the middle', () => {
    const stop = (): never => {
      throw new Error('enough');
    };
    expect(() => readMesh('a.stl', binaryStl(cube), { progress: stop })).toThrow('enough');
  });
});

/** A 3MF package of one object; twice: held by another as two components, apart. */
function threeMf(triangles: Triangle[], unit = 'millimeter', transform?: string, twice = false): Uint8Array {
  const points = triangles.flat();
  const vertices = points.map(([x, y, z]) => `<vertex x="${x}" y="${y}" z="${z}"/>`).join('');
  const corners = triangles
    .map((_, t) => `<triangle v1="${3 * t}" v2="${3 * t + 1}" v3="${3 * t + 2}"/>`)
    .join('');
  const held = `<object id="2"><components><component objectid="1"/>
    <component objectid="1" transform="1 0 0 0 1 0 0 0 1 50 0 0"/></components></object>`;
  const xml = `<?xml version="1.0"?><model unit="${unit}" xmlns="urn:test"><resources><object id="1"><mesh>
    <vertices>${vertices}</vertices><triangles>${corners}</triangles></mesh></object>${twice ? held : ''}</resources>
    <build><item objectid="${twice ? 2 : 1}"${transform ? ` transform="${transform}"` : ''}/></build></model>`;
  return zipSync({ '3D/part.model': new TextEncoder().encode(xml), '[Content_Types].xml': new Uint8Array() });
}
