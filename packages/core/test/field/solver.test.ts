import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { brick } from '../../src/field/brick.js';
import { stiffnessOf } from '../../src/field/elasticity.js';
import { fillGrid, nodeCount } from '../../src/field/grid.js';
import { hadamard, hadamardBack } from '../../src/field/hadamard.js';
import { coarserLevel } from '../../src/field/coarse.js';
import { solve } from '../../src/field/conjugate-gradients.js';
import { levelOf, type Level } from '../../src/field/level.js';
import { multigridOf } from '../../src/field/multigrid.js';
import { withoutRigid } from '../../src/field/rigid.js';
import { patchAt, surfaceOf } from '../../src/field/patch.js';
import { piecesOf } from '../../src/field/pieces.js';
import { extent } from '../../src/geometry/index.js';
import { box, prism } from '../geometry/shapes.js';
import { plateWithHole, shape } from './solid-shapes.js';

const plastic = stiffnessOf({ modulusMPa: 2000, poisson: 0.36, layerRatio: 0.8 });
const counts = [4, 3, 5] as const;
const size = [1.3, 0.9, 1.1] as const;
const level: Level = levelOf(
  counts,
  size,
  plastic,
  new Float64Array(60).fill(1),
  new Uint8Array(nodeCount(counts)),
);
const places = Array.from({ length: nodeCount(counts) }, (_, n) => {
  const at = [n % 5, Math.floor(n / 5) % 4, Math.floor(n / 20)];
  return at.map((i, k) => i * size[k]!) as [number, number, number];
});
/** The forces that a displacement asks, when it is a function of the place. */
function forcesOf(u: (p: [number, number, number]) => readonly number[]): Float64Array {
  const out = new Float64Array(3 * places.length);
  level.apply(Float64Array.from(places.flatMap(p => [...u(p)])), out);
  return out;
}
const isInner = (n: number): boolean =>
  places[n]!.every((x, k) => x > 1e-9 && x < counts[k]! * size[k]! - 1e-9);

describe('the stiffness of layered plastic', () => {
  it('is Hooke’s where it is alike in every direction', () => {
    const c = stiffnessOf({ modulusMPa: 2000, poisson: 0.25, layerRatio: 1 });
    // λ = μ = E/2.5 at ν 0.25.
    expect(c[0]![0]).toBeCloseTo(2400, 6);
    expect(c[0]![1]).toBeCloseTo(800, 6);
    expect(c[3]![3]).toBeCloseTo(800, 6);
  });
  it('a pull across the layers stretches by 1/(r·E), and one along them by 1/E', () => {
    // Strains under a unit of stress, by solving the upper 3 × 3 for it by hand: C·ε = σ.
    const r = 0.8;
    const across = [-0.36 / 2000, -0.36 / 2000, 1 / (r * 2000)];
    const stress = [0, 1, 2].map(i => [0, 1, 2].reduce((s, j) => s + plastic[i]![j]! * across[j]!, 0));
    expect(stress[0]).toBeCloseTo(0, 9);
    expect(stress[2]).toBeCloseTo(1, 9);
  });
});

describe('the brick', () => {
  it('transforms there and back to eight times itself', () =>
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -5, max: 5, noNaN: true }), { minLength: 8, maxLength: 8 }),
        list => {
          const v = Float64Array.from(list);
          hadamard(v, 0);
          hadamardBack(v, 0);
          list.forEach((x, i) => expect(v[i]! / 8).toBeCloseTo(x, 9));
        },
      ),
    ));
  it('is symmetric and never pushes back the wrong way', () => {
    const { blocks } = brick([1, 2, 0.7], plastic);
    for (let b = 0; b < 72; b += 9)
      for (const [i, j] of [
        [0, 1],
        [0, 2],
        [1, 2],
      ] as const)
        expect(blocks[b + 3 * i + j]!).toBeCloseTo(blocks[b + 3 * j + i]!, 9);
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -1, max: 1, noNaN: true }), { minLength: 24, maxLength: 24 }),
        list => {
          const one = levelOf([1, 1, 1], [1, 2, 0.7], plastic, Float64Array.of(1), new Uint8Array(8));
          const u = Float64Array.from(list);
          const f = new Float64Array(24);
          one.apply(u, f);
          expect(u.reduce((s, x, i) => s + x * f[i]!, 0)).toBeGreaterThanOrEqual(-1e-9);
          // No assembly of bricks has a larger eigenvalue over its diagonal than is said.
          const energy = u.reduce((s, x, i) => s + x * f[i]!, 0);
          const scaled = u.reduce((s, x, i) => s + (x * x) / one.inverseDiagonal[i]!, 0);
          expect(energy).toBeLessThanOrEqual(one.largestRatio * scaled * (1 + 1e-9));
        },
      ),
    );
  });
  it('asks no force of a body that only moves or turns', () => {
    const motions = [
      () => [1, 2, 3],
      ([x, y]: [number, number, number]) => [-y, x, 0],
      ([x, , z]: [number, number, number]) => [z, 0, -x],
    ];
    for (const u of motions) for (const f of forcesOf(u)) expect(Math.abs(f)).toBeLessThan(1e-9);
  });
  it('passes the patch test: a strain that is alike everywhere leaves inner nodes without a force', () =>
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -1, max: 1, noNaN: true }), { minLength: 9, maxLength: 9 }),
        g => {
          const f = forcesOf(([x, y, z]) =>
            [0, 1, 2].map(k => g[3 * k]! * x + g[3 * k + 1]! * y + g[3 * k + 2]! * z),
          );
          // The forces of a strain of 1, which outer nodes bear.
          const largest = 1000;
          for (let n = 0; n < places.length; n++)
            if (isInner(n))
              for (let k = 0; k < 3; k++) expect(Math.abs(f[3 * n + k]!)).toBeLessThanOrEqual(1e-9 * largest);
        },
      ),
    ));
  it('bends as a beam does: one brick high, under a moment, without locking', () => {
    // Pure bending: u = −κ·x·z, w = κ·x²/2 − ν κ (…): its energy is E·I·κ²·L/2 for a beam of ν 0.
    const soft = stiffnessOf({ modulusMPa: 1000, poisson: 0, layerRatio: 1 });
    const one = levelOf([1, 1, 1], [10, 1, 1], soft, Float64Array.of(1), new Uint8Array(8));
    const u = new Float64Array(24);
    for (let a = 0; a < 8; a++) u[3 * a] = ((a & 1 ? 1 : -1) * (a & 4 ? 1 : -1)) / 1000;
    const f = new Float64Array(24);
    one.apply(u, f);
    const energy = u.reduce((s, x, i) => s + x * f[i]!, 0) / 2;
    // Ends turn by 2·u/h = 0.004 against each other over 10 mm: κ = 4e-4, E·I = 1000/12.
    expect(energy).toBeCloseTo(((1000 / 12) * 4e-4 ** 2 * 10) / 2, 9);
  });
});

describe('a coarser level', () => {
  const next = level.lines.map(l =>
    l.filter((_, i) => i % 2 === 0 || i === l.length - 1),
  ) as unknown as Level['lines'];
  const coarse = coarserLevel(level, next);
  const [nx, ny] = coarse.counts;
  /** A displacement that is linear in the place, on the nodes of either grid. */
  const linear = (lines: Level['lines'], nodes: number, across: number, down: number): Float64Array =>
    Float64Array.from({ length: 3 * nodes }, (_, i) => {
      const n = Math.floor(i / 3);
      const at = [n % across, Math.floor(n / across) % down, Math.floor(n / (across * down))];
      const [x, y, z] = at.map((p, k) => lines[k]![p]!) as [number, number, number];
      return [0.3 * x - 0.2 * y, 0.1 * z + 0.4 * y, 0.5 * x - 0.1 * z][i % 3]!;
    });
  const energy = (on: { apply: Level['apply'] }, u: Float64Array): number => {
    const f = new Float64Array(u.length);
    on.apply(u, f);
    return u.reduce((s, x, i) => s + x * f[i]!, 0) / 2;
  };
  it('stores in a strain that both can follow what the finer one does, an odd cell left over or not', () => {
    const fine = energy(level, linear(level.lines, level.nodes, 5, 4));
    expect(coarse.counts).toEqual([2, 2, 3]);
    expect(energy(coarse, linear(coarse.lines, coarse.nodes, nx + 1, ny + 1)) / fine).toBeCloseTo(1, 5);
  });
  it('has no eigenvalue over its diagonal beyond what is said', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), seed => {
        const u = Float64Array.from({ length: 3 * coarse.nodes }, (_, i) => Math.sin(seed + 7.1 * i));
        const scaled = u.reduce((s, x, i) => s + (x * x) / coarse.inverseDiagonal[i]!, 0);
        expect(2 * energy(coarse, u)).toBeLessThanOrEqual(coarse.largestRatio * scaled);
      }),
      { numRuns: 40 },
    ));
});

describe('the solution', () => {
  const held = new Uint8Array(nodeCount(counts)).map((_, n) => Number(places[n]![0] === 0));
  const clamped = levelOf(counts, size, plastic, new Float64Array(60).fill(1), held);
  const f = Float64Array.from(places.flatMap(([x]) => [0, 0, x > 5 ? -1 : 0]));
  it('leaves no force, and does not move what is held', () => {
    const told: number[] = [];
    const { u, residual } = solve(multigridOf(clamped), f, { progress: done => told.push(done) });
    const left = new Float64Array(u.length);
    clamped.apply(u, left);
    left.forEach((x, i) => expect(x).toBeCloseTo(held[Math.floor(i / 3)] ? 0 : f[i]!, 4));
    held.forEach((h, n) => h && expect(Math.hypot(u[3 * n]!, u[3 * n + 1]!, u[3 * n + 2]!)).toBe(0));
    expect(residual).toBeLessThanOrEqual(1e-6);
    expect(told.every(t => t >= 0 && t <= 1)).toBe(true);
    expect(told.at(-1)).toBe(1);
  });
  it('is nothing where nothing acts', () => {
    expect(solve(multigridOf(clamped), new Float64Array(f.length))).toMatchObject({
      iterations: 0,
      residual: 0,
    });
  });
  it('is refused rather than told where it does not come', () => {
    expect(() => solve(multigridOf(clamped), f, { most: 1, tolerance: 1e-12 })).toThrow(
      'brought no solution',
    );
    const broken = f.map((x, i) => (i === 200 ? NaN : x));
    expect(() => solve(multigridOf(clamped), broken)).toThrow('brought no solution');
  });
});

describe('the motions of a rigid body', () => {
  it('are taken out, and nothing else', () => {
    const takeOut = withoutRigid(level);
    const moved = Float64Array.from(
      places.flatMap(([x, y, z]) => [1 - 0.2 * y, 2 + 0.2 * x + 0.1 * z, -0.1 * y]),
    );
    takeOut(moved);
    for (const x of moved) expect(Math.abs(x)).toBeLessThan(1e-9);
    const stretched = Float64Array.from(places.flatMap(([x]) => [0.01 * x, 0, 0]));
    const before = new Float64Array(stretched.length);
    level.apply(stretched, before);
    takeOut(stretched);
    const after = new Float64Array(stretched.length);
    level.apply(stretched, after);
    after.forEach((f, i) => expect(f).toBeCloseTo(before[i]!, 6));
  });
});

describe('a grid of cells', () => {
  it('fills a box wholly, whatever its size', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 3, max: 40 }),
        fc.integer({ min: 3, max: 40 }),
        fc.integer({ min: 3, max: 40 }),
        (x, y, z) => {
          const grid = fillGrid(shape(box(x, y, z)).positions, 1.7);
          expect(grid.filled.every(s => s === 1)).toBe(true);
          grid.counts.forEach((n, k) => expect(n * grid.size[k]!).toBeCloseTo([x, y, z][k]!, 4));
        },
      ),
      { numRuns: 30 },
    ));
  it('holds the volume of a round bar within a per cent, and less of a cell where the surface cuts it', () => {
    const outline = Array.from({ length: 80 }, (_, i): [number, number] => [
      10 * Math.cos((2 * Math.PI * i) / 80),
      10 * Math.sin((2 * Math.PI * i) / 80),
    ]);
    const round = shape(prism(outline, 12));
    const grid = fillGrid(round.positions, 1);
    const cell = grid.size[0] * grid.size[1] * grid.size[2];
    const volume = grid.filled.reduce((s, x) => s + x * cell, 0);
    expect(Math.abs(volume / extent(round.positions).volumeMm3 - 1)).toBeLessThan(0.01);
    expect(grid.filled.some(s => s > 0 && s < 1)).toBe(true);
  });
  it('leaves a hole open, and knows two bodies from one', () => {
    const holed = fillGrid(plateWithHole(40, 30, 4, 6).positions, 1);
    const middle = 20 + holed.counts[0] * 15;
    expect(holed.filled[middle]).toBe(0);
    expect(piecesOf(holed).count).toBe(1);
    const two = shape([...box(5, 5, 5), ...box(5, 5, 5, [9, 0, 0])]);
    expect(piecesOf(fillGrid(two.positions, 1)).count).toBe(2);
  });
});

describe('a patch of the surface', () => {
  it('is a whole face of a box, with its area and the way it faces', () => {
    const patch = patchAt(surfaceOf(shape(box(30, 20, 10)).positions), [30, 4, 4]);
    expect(patch.kind).toBe('face');
    expect(patch.areaMm2).toBeCloseTo(200, 3);
    expect(patch.facing[0]).toBeCloseTo(1, 9);
    expect(patch.middleMm[1]).toBeCloseTo(10, 5);
  });
  it('is the inside of a hole all around, with its axis', () => {
    const patch = patchAt(surfaceOf(plateWithHole(40, 30, 4, 6).positions), [26, 15, 2]);
    expect(patch.kind).toBe('hole');
    expect(patch.areaMm2).toBeGreaterThan(0.99 * 2 * Math.PI * 6 * 4);
    expect(Math.abs(patch.facing[2])).toBeCloseTo(1, 6);
  });
});
