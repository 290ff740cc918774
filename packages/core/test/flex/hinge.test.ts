import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FlexHingeInput, flexHinge, flexHingeModel } from '../../src/models/flex-hinge.js';
import { calculate } from '../../src/registry.js';

const hinge = (fields: Partial<FlexHingeInput> = {}): FlexHingeInput =>
  Object.assign(
    new FlexHingeInput(),
    { modulusMPa: 1200, strainPct: 5, angleDeg: 90, lengthMm: 10, widthMm: 30 },
    fields,
  );

describe('flex.hinge', () => {
  it('by hand: 10 mm of what bears 5 % fold by a right angle where they are 0.64 mm thick', () => {
    // t = 2·10·0.05/(π/2) = 0.6366
    const r = flexHinge(hinge());
    expect(r.thickestMm).toBeCloseTo(0.6366, 4);
    expect(r).toMatchObject({ layers: 3, thicknessMm: expect.closeTo(0.6, 9) as number });
    expect(r.strainsPct).toBeCloseTo((100 * 0.6 * (Math.PI / 2)) / 20, 9);
    expect(r.momentNmm).toBeCloseTo((1200 * 30 * 0.6 ** 3 * (Math.PI / 2)) / 120, 9);
    expect(calculate('flex.hinge', { ...hinge() }).result).toEqual(r);
  });
  it('never strains more than it may where two layers fit, and says how long it has to be where they do not', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 100, noNaN: true }),
        fc.double({ min: 1, max: 200, noNaN: true }),
        fc.double({ min: 5, max: 180, noNaN: true }),
        (strainPct, lengthMm, angleDeg) => {
          const input = hinge({ strainPct, lengthMm, angleDeg });
          const { layers, strainsPct, lengthForTwoMm } = flexHinge(input);
          const { warnings } = flexHingeModel.compute(input);
          expect(warnings.length).toBe(layers < 2 ? 1 : 0);
          if (layers >= 2) expect(strainsPct).toBeLessThanOrEqual(strainPct * (1 + 1e-9));
          expect(flexHinge(hinge({ strainPct, angleDeg, lengthMm: lengthForTwoMm * 1.0001 })).layers).toBe(2);
        },
      ),
    );
  });
  it('twice as long may be twice as thick, and a layer less folds far more easily', () => {
    expect(flexHinge(hinge({ lengthMm: 20 })).thickestMm).toBeCloseTo(2 * flexHinge(hinge()).thickestMm, 9);
    expect(flexHinge(hinge({ strainPct: 3.5 })).momentNmm).toBeLessThan(0.4 * flexHinge(hinge()).momentNmm);
  });
});
