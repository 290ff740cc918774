import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bornByCell, cellsOfShape, cutPlan } from '../../src/field/cuts.js';
import { stressField } from '../../src/field/stress-field.js';
import { StressFieldInput } from '../../src/field/stress-input.js';
import { joinHolds, joinIds, joinsOf } from '../../src/print/joins.js';
import { families, familyByKey } from '../../src/materials/library.js';
import { box, heapOf, prism } from '../geometry/shapes.js';

/** A bar along X with a narrow waist at 60 to 70 mm of its 150. */
const waisted = heapOf(
  prism(
    [
      [0, 0],
      [150, 0],
      [150, 20],
      [70, 20],
      [70, 8],
      [60, 8],
      [60, 20],
      [0, 20],
    ],
    20,
  ),
);
const bar = heapOf(box(150, 20, 20, [0, 0, 0]));

describe('where to cut a part', () => {
  it('without loads through the smallest face that there is room for', () => {
    const plan = cutPlan(cellsOfShape(waisted, null), null, 0, 100)!;
    expect(plan.cuts).toHaveLength(1);
    expect(plan.cuts[0]!.atMm).toBeGreaterThanOrEqual(60);
    expect(plan.cuts[0]!.atMm).toBeLessThanOrEqual(70);
    expect(plan.cuts[0]!.areaMm2).toBeCloseTo(160, -1);
    expect(plan.cuts[0]!.bearsMPa).toBeNull();
  });
  it('of a finger where it bends least: near its free end', () => {
    const input = Object.assign(new StressFieldInput(), {
      ...{ modulusMPa: 2000, cells: 8000, solid: true, held: [{ atMm: [0, 10, 10] }] },
      acts: [
        { atMm: [150, 10, 10], forceN: [0, 0, -20], pressureMPa: null, torqueNmm: null, throughout: false },
      ],
    });
    const field = stressField({ positions: bar, minWallMm: null }, input);
    const plan = cutPlan(field.grid, bornByCell([field]), 0, 100)!;
    // A piece may be 100 mm long: the cut lies as far out as it can.
    expect(plan.cuts).toHaveLength(1);
    expect(plan.cuts[0]!.atMm).toBeGreaterThan(95);
    expect(plan.cuts[0]!.atMm).toBeLessThanOrEqual(100);
    // M·c/I with 20 N at 50 mm and more: 20·50·10/13 333 = 0.75 MPa.
    expect(plan.cuts[0]!.bearsMPa!).toBeGreaterThan(0.5);
    expect(plan.cuts[0]!.bearsMPa!).toBeLessThan(1.1);
  });
  it('never leaves a piece that is too long, and takes as few as can be', () => {
    const grid = cellsOfShape(bar, null);
    fc.assert(
      fc.property(fc.double({ min: 12, max: 200, noNaN: true }), roomMm => {
        const { cuts, lengthMm } = cutPlan(grid, null, 0, roomMm)!;
        const ends = [0, ...cuts.map(c => c.atMm), lengthMm];
        const pieces = ends.slice(1).map((to, i) => to - ends[i]!);
        expect(Math.max(...pieces)).toBeLessThanOrEqual(roomMm + 1e-6);
        // A cell of leeway: cuts lie between cells.
        expect(pieces.length).toBeLessThanOrEqual(Math.ceil(150 / (roomMm - grid.size[0])) + 1);
        expect(pieces.length).toBeGreaterThanOrEqual(Math.ceil(150 / roomMm - 1e-6));
      }),
      { numRuns: 40 },
    );
    expect(cutPlan(grid, null, 0, 200)!.cuts).toEqual([]);
    expect(cutPlan(grid, null, 0, 200, 2)!.cuts).toHaveLength(1);
  });
});

describe('what joins two pieces', () => {
  const joins = (key: string, areaMm2 = 1000): Map<string, ReturnType<typeof joinsOf>[number]> =>
    new Map(joinsOf(familyByKey(key)!, areaMm2, 2).map(j => [j.id, j]));
  it('is what practice reaches for: acetone for ABS, nothing that sticks to PP, screws and pins', () => {
    expect(joins('abs').get('solvent')?.name).toBe('welded with acetone');
    expect(joins('pp').has('solvent')).toBe(false);
    expect(joins('pp').get('glue')!.carriesN).toBeLessThan(0.2 * joins('pla').get('glue')!.carriesN);
    expect(joins('pp').get('glue')!.how).toContain('Hardly anything holds on it');
    expect(joins('tpu-95a').has('screws')).toBe(false);
    expect(joins('tpu-95a').get('glue')!.name).toContain('flexible');
    expect(joins('pla', 100).has('screws')).toBe(false);
    expect(joins('pla').get('pins')).toMatchObject({ breaksN: null, carriesN: 0 });
  });
  it('is never stronger than the part across its layers, and twice the face carries twice as much', () => {
    for (const f of families) {
      const across = f.properties.yieldMPa!.typical * f.properties.zRatio!.typical;
      for (const j of joinsOf(f, 1000, 2)) {
        expect(joinIds).toContain(j.id);
        if (j.id === 'screws' || !j.breaksN) continue;
        expect(j.breaksN.high, `${f.key} ${j.id}`).toBeLessThanOrEqual(across * 1000 + 1e-6);
        const twice = joinsOf(f, 2000, 2).find(x => x.id === j.id)!;
        expect(twice.carriesN).toBeCloseTo(2 * j.carriesN, 6);
      }
    }
  });
  it('holds where it carries what the worst of the face bears', () => {
    const glue = joins('pla').get('glue')!;
    expect(joinHolds(glue, 1000, glue.carriesN / 1000)).toBe(true);
    expect(joinHolds(glue, 1000, (glue.carriesN / 1000) * 1.01)).toBe(false);
  });
});
