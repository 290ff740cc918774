import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FlexMountInput, flexMount, flexMountModel } from '../../src/models/flex-mount.js';
import { FlexStripInput, flexStrip, flexStripModel, stripForceN } from '../../src/models/flex-strip.js';
import { calculate } from '../../src/registry.js';

const strip = (fields: Partial<FlexStripInput> = {}): FlexStripInput =>
  Object.assign(
    new FlexStripInput(),
    { modulusMPa: 60, lengthMm: 40, widthMm: 10, forceN: 5, bendMm: 4 },
    fields,
  );
const mount = (fields: Partial<FlexMountInput> = {}): FlexMountInput =>
  Object.assign(
    new FlexMountInput(),
    { massKg: 10, mounts: 4, modulusMPa: 5, sideMm: 20, heightMm: 20, shakenHz: 50 },
    fields,
  );

describe('flex.strip', () => {
  it('by hand: 5 N bend 40 × 10 mm of 60 MPa by 4 mm where it is 8.1 mm thick', () => {
    // t³ = 12·5·64,000/(3·60·10·4) = 533.3
    const r = flexStrip(strip());
    expect(r.thicknessMm).toBeCloseTo(Math.cbrt(533.333), 3);
    expect(r.strainPct).toBeCloseTo((100 * 1.5 * 8.1096 * 4) / 1600, 2);
    const { result, steps } = calculate('flex.strip', { ...strip() });
    expect(result).toEqual(r);
    expect(steps[0]!.value).toBe(r.thicknessMm);
  });
  it('twice as thick is eight times as stiff, twice as long an eighth; held at both ends 64 times', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.4, max: 20, noNaN: true }), t => {
        const f = stripForceN(strip(), t);
        expect(stripForceN(strip(), 2 * t) / f).toBeCloseTo(8, 9);
        expect(stripForceN(strip({ lengthMm: 80 }), t) / f).toBeCloseTo(1 / 8, 9);
        expect(stripForceN(strip({ held: 'both-ends' }), t) / f).toBeCloseTo(64, 9);
      }),
    );
  });
  it('is one line at least, however little bends it', () => {
    const { thicknessMm, walls } = flexStrip(strip({ forceN: 0.0001 }));
    expect(thicknessMm).toBeLessThan(new FlexStripInput().lineMm);
    expect(walls.map(w => w.lines)).toEqual([1, 2]);
  });
  it('offers whole lines on either side, and says where it bends too far to be told', () => {
    const { walls, thicknessMm } = flexStrip(strip());
    expect(walls[0]!.thicknessMm).toBeLessThanOrEqual(thicknessMm);
    expect(walls[1]!.thicknessMm).toBeGreaterThan(thicknessMm);
    expect(walls[0]!.forceN).toBeLessThanOrEqual(5);
    expect(walls[1]!.forceN).toBeGreaterThan(5);
    expect(flexStripModel.compute(strip()).warnings).toEqual([]);
    expect(flexStripModel.compute(strip({ bendMm: 4.1 })).warnings[0]).toContain('more than a tenth');
  });
});

describe('flex.mount', () => {
  it('by hand: 10 kg on four 20 mm cubes of 5 MPa', () => {
    // S = 1/4, E_c = 5.625 MPa, k = 4·5.625·400/20 = 450 N/mm; shaken 630: f = √(630,000/10)/2π = 39.95 Hz.
    const r = flexMount(mount());
    expect(r.naturalHz).toBeCloseTo(Math.sqrt(63_000) / (2 * Math.PI), 9);
    expect(r.sagMm).toBeCloseTo((10 * 9.80665) / 450, 9);
    expect(r.helpsFromHz / r.naturalHz).toBeCloseTo(Math.SQRT2, 12);
    const r2 = (50 / r.naturalHz) ** 2;
    expect(r.passes).toBeCloseTo(Math.sqrt((1 + 0.0225) / ((1 - r2) ** 2 + 0.0225)), 12);
    expect(flexMountModel.compute(mount()).warnings.join(' ')).toContain('makes the shaking worse');
  });
  it('lets through less the softer it is, once it isolates; at √2 of its own frequency as much as comes in', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 2, noNaN: true }), modulusMPa => {
        const asked = mount({ modulusMPa, shakenHz: 200 });
        const r = flexMount(asked);
        expect(r.passes).toBeLessThan(1);
        expect(flexMount({ ...asked, modulusMPa: modulusMPa * 0.8 }).passes).toBeLessThan(r.passes);
        expect(flexMount({ ...asked, shakenHz: r.helpsFromHz }).passes).toBeCloseTo(1, 6);
      }),
    );
    expect(flexMountModel.compute(mount({ modulusMPa: 0.05 })).warnings.join(' ')).toContain(
      'goes on sinking',
    );
  });
});
