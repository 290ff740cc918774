import { describe, expect, it } from 'vitest';
import { stressField, StressFieldInput, type FieldShape } from '../../src/field/index.js';
import type { StressField } from '../../src/field/stress-field.js';
import { InputError } from '../../src/input/input-error.js';
import { parseInput } from '../../src/input/parse.js';
import { box } from '../geometry/shapes.js';
import { angle, bar, plateWithHole, shape } from './solid-shapes.js';

type Plain = Record<string, unknown>;
/** Plastic of 2000 MPa, alike in every direction and solid, unless said otherwise. */
const field = (on: FieldShape, more: Plain): StressField =>
  stressField(on, parseInput(StressFieldInput, { modulusMPa: 2000, layerRatio: 1, solid: true, ...more }));
const moves = (on: FieldShape, more: Plain): number => field(on, more).acts[0]!.deflectionMm;
const arm = bar(60, 12, 8);
const hung = { held: [{ atMm: [0, 6, 4] }], acts: [{ atMm: [60, 6, 4], forceN: [0, 0, -10] }] };

describe('stress.field against known answers', () => {
  it('a cantilever of 60 × 12 × 8: 0.699 mm under 10 N, near Timoshenko’s 0.713', () => {
    const found = field(arm, { ...hung, cellMm: 1 });
    expect(found.cells).toBe(5760);
    expect(found.acts[0]!.deflectionMm).toBeGreaterThan(0.98 * 0.699);
    expect(found.acts[0]!.deflectionMm).toBeLessThan(1.02 * 0.699);
    // F·L/W = 600/128 = 4.69 MPa at the root.
    expect(found.along.MPa).toBeCloseTo(4.69, 1);
    expect(found.along.atMm[0]).toBeLessThan(2);
    expect(found.iterations).toBeLessThanOrEqual(40);
  });
  it('is the same to 1e-9 turned by a right angle', () => {
    const turnedBar = bar(12, 60, 8);
    const turned = { held: [{ atMm: [6, 0, 4] }], acts: [{ atMm: [6, 60, 4], forceN: [0, 0, -10] }] };
    expect(moves(turnedBar, { ...turned, cellMm: 2 })).toBeCloseTo(moves(arm, { ...hung, cellMm: 2 }), 9);
    const standing = { held: [{ atMm: [4, 6, 0] }], acts: [{ atMm: [4, 6, 60], forceN: [10, 0, 0] }] };
    expect(moves(bar(8, 12, 60), { ...standing, cellMm: 2 })).toBeCloseTo(
      moves(arm, { ...hung, cellMm: 2 }),
      9,
    );
  });
  it('comes to the same as it lies by another direction that is up', () => {
    const up = { ...hung, cellMm: 2, up: [0, 0, -1] };
    expect(moves(arm, up)).toBeCloseTo(moves(arm, { ...hung, cellMm: 2 }), 9);
  });
  it('an angle with its wall clamped: 0.1806 mm under 20 N, worst at its inner corner', () => {
    const found = field(angle, {
      held: [{ atMm: [0, 10, 30] }],
      acts: [{ atMm: [40, 10, 4], forceN: [0, 0, -20] }],
      cellMm: 1,
    });
    expect(Math.abs(found.acts[0]!.deflectionMm / 0.1806 - 1)).toBeLessThan(0.03);
    expect(Math.hypot(found.across.atMm[0] - 8, found.across.atMm[2] - 8)).toBeLessThan(1.5);
  });
  it('a square bar turns by T·L/(0.1406·G·a⁴)', () => {
    const twist = { held: [{ atMm: [0, 5, 5] }], acts: [{ atMm: [120, 5, 5], torqueNmm: 1000 }] };
    const theory = (1000 * 120) / (0.1406 * (2000 / 2.72) * 10 ** 4);
    const found = field(bar(120, 10, 10), { ...twist, cellMm: 1.25 }).acts[0]!;
    expect(Math.abs(found.rotationRad! / theory - 1)).toBeLessThan(0.03);
  });
  it('a plate with a hole bears three times as much at its edge, less by Heywood’s finite width', () => {
    const [x, y, t, r] = [50, 36, 1.5, 6] as const;
    const found = field(plateWithHole(x, y, t, r), {
      held: [{ atMm: [0, y / 2, t / 2] }],
      acts: [{ atMm: [x, y / 2, t / 2], forceN: [y * t, 0, 0] }],
      cellMm: r / 12,
    });
    const share = 1 - (2 * r) / y;
    const heywood = (2 + share ** 3) / share;
    expect(Math.abs(found.along.worstMPa / heywood - 1)).toBeLessThan(0.1);
    expect(Math.abs(found.along.atMm[1] - y / 2)).toBeGreaterThan(0.9 * r);
  });
  it('hangs under its own weight as a beam does: w·L⁴/(8·E·I) and a little shear', () => {
    const weighs = {
      held: [{ atMm: [0, 6, 4] }],
      acts: [{ atMm: [60, 6, 4], forceN: [0, 0, -10], throughout: true }],
    };
    const found = field(arm, { ...weighs, cellMm: 2 });
    // Σ w = 10 N over 60 mm: 10·60³/(8·2000·512) = 0.2637 mm of bending, 10·60/(2·0.85·735·96) = 0.005 of shear.
    expect(Math.abs(found.acts[0]!.deflectionMm / 0.2687 - 1)).toBeLessThan(0.04);
    // The moment at the root is half that of the same force at the tip.
    const tip = field(arm, { ...hung, cellMm: 2 });
    expect(found.along.MPa / tip.along.MPa).toBeCloseTo(0.5, 1);
  });
  it('joins tension on the layers and shear between them where they meet, not each at its worst', () => {
    const standing = { held: [{ atMm: [4, 6, 0] }], acts: [{ atMm: [4, 6, 40], forceN: [10, 0, 0] }] };
    const { across, shear, between } = field(bar(8, 12, 40), { ...standing, cellMm: 2 });
    expect(between.MPa).toBeGreaterThanOrEqual(across.MPa * (1 - 1e-6));
    expect(between.MPa).toBeGreaterThanOrEqual((shear.MPa / 0.6) * (1 - 1e-6));
    expect(between.MPa).toBeLessThan(Math.hypot(across.MPa, shear.MPa / 0.6));
  });
  it('settles as the cells get finer', () => {
    const [coarse, middle, fine] = [4, 2, 1].map(cellMm => moves(arm, { ...hung, cellMm })) as [
      number,
      number,
      number,
    ];
    expect(Math.abs(fine - middle)).toBeLessThan(0.5 * Math.abs(middle - coarse) + 1e-4);
    expect(Math.abs(coarse / fine - 1)).toBeLessThan(0.05);
  });
  it('a pressure pushes as the force that it amounts to does', () => {
    const pushed = { held: [{ atMm: [0, 6, 4] }], acts: [{ atMm: [30, 6, 8], pressureMPa: 0.02 }] };
    const forced = {
      held: [{ atMm: [0, 6, 4] }],
      acts: [{ atMm: [30, 6, 8], forceN: [0, 0, -0.02 * 60 * 12] }],
    };
    expect(moves(arm, { ...pushed, cellMm: 2 })).toBeCloseTo(moves(arm, { ...forced, cellMm: 2 }), 6);
  });
});

describe('stress.field and printing', () => {
  const printed = (print: object, more: Plain = {}): StressField =>
    field(arm, { ...hung, solid: false, print, cellMm: 1, ...more });
  it('bends more the less is printed, and never less for one wall more', () => {
    const by = (walls: number): number => printed({ walls, infill: 0.15 }).acts[0]!.deflectionMm;
    const [one, two, four] = [by(1), by(2), by(4)] as const;
    expect(one).toBeGreaterThan(two);
    expect(two).toBeGreaterThan(four);
    expect(four).toBeGreaterThan(0.99 * moves(arm, { ...hung, cellMm: 1 }));
  });
  it('a solid pattern is the solid part', () => {
    expect(printed({ pattern: 'solid' }).acts[0]!.deflectionMm).toBeCloseTo(
      moves(arm, { ...hung, cellMm: 1 }),
      9,
    );
  });
  it('weaker layers bend a standing bar more, and hardly a lying one', () => {
    const standing = { held: [{ atMm: [4, 6, 0] }], acts: [{ atMm: [4, 6, 60], forceN: [10, 0, 0] }] };
    const up = bar(8, 12, 60);
    const soft = moves(up, { ...standing, layerRatio: 0.7, cellMm: 2 });
    expect(soft / moves(up, { ...standing, cellMm: 2 })).toBeGreaterThan(1.3);
    expect(
      moves(arm, { ...hung, layerRatio: 0.7, cellMm: 2 }) / moves(arm, { ...hung, cellMm: 2 }),
    ).toBeLessThan(1.03);
  });
});

describe('stress.field refuses what it cannot tell', () => {
  const problems = (on: FieldShape, more: Plain): string[] => {
    try {
      field(on, { cellMm: 2, ...more });
    } catch (e) {
      if (e instanceof InputError) return e.problems.map(p => `${p.field} ${p.message}`);
      throw e;
    }
    return [];
  };
  it('nothing held, nothing that acts, two kinds of load at once, a force of nothing', () => {
    expect(problems(arm, { ...hung, held: [] })).toEqual(['held names no place: the part would fly off']);
    expect(problems(arm, { ...hung, acts: [] })).toEqual(['acts names no load']);
    expect(
      problems(arm, { ...hung, acts: [{ atMm: [60, 6, 4], forceN: [0, 0, 1], pressureMPa: 1 }] })[0],
    ).toContain('exactly one of');
    expect(problems(arm, { ...hung, acts: [{ atMm: [60, 6, 4], forceN: [0, 0, 0] }] })[0]).toContain(
      'must not be nothing',
    );
  });
  it('a load on what is held', () => {
    const same = { held: [{ atMm: [0, 6, 4] }], acts: [{ atMm: [0, 6, 4], forceN: [0, 0, -10] }] };
    expect(problems(arm, same)[0]).toContain('lies on what is held');
  });
  it('an open shape', () => {
    const open = shape(box(60, 12, 8).slice(1));
    expect(problems(open, hung)[0]).toContain('is not closed');
  });
  it('a piece that nothing holds, and says which', () => {
    const two = shape([...box(60, 12, 8), ...box(10, 10, 10, [80, 0, 0])]);
    expect(problems(two, hung)[0]).toMatch(/leaves a piece of the part free: the one at 8\d/);
  });
  it('cells too many to hold', () => {
    expect(problems(bar(300, 300, 300), { ...hung, cellMm: 1 })[0]).toContain(
      'makes too many cells: at least 4.07 mm',
    );
  });
  it('and warns of a wall that is thinner than two cells', () => {
    const thin = { ...arm, minWallMm: 2 };
    expect(field(thin, { ...hung, cellMm: 2 }).warnings[0]).toContain('fewer than two cells');
  });
  it('ends where its progress is told to', () => {
    expect(() =>
      stressField(arm, parseInput(StressFieldInput, { modulusMPa: 2000, ...hung, cellMm: 2 }), () => {
        throw new Error('enough');
      }),
    ).toThrow('enough');
  });
});
