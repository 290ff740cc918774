import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { FlexFoamResult } from '../../src/models/flex-foam.js';
import { hardnessOfModulus, type FlexInfillResult } from '../../src/models/flex-infill.js';
import { shoreModulusMPa } from '../../src/models/flex-modulus.js';
import type { FlexReadingResult } from '../../src/models/flex-reading.js';
import type { FlexSoakResult } from '../../src/models/flex-soak.js';
import { calculate } from '../../src/registry.js';
import { isotonic, monotoneCurve } from '../../src/lib/monotone.js';

const result = <T>(id: string, inputs: object): T => calculate(id, inputs).result as T;
const warnings = (id: string, inputs: object): string => calculate(id, inputs).warnings.join(' ');

describe('flex.reading', () => {
  const reading = (change: object): FlexReadingResult => result('flex.reading', { scale: 'A', ...change });
  const five = [68, 70, 71, 69, 74].map(hardness => ({ hardness }));
  it('is the median of five on six millimetres, stacked if need be', () => {
    expect(reading({ readings: five })).toMatchObject({
      hardness: 70,
      thicknessMm: 6,
      toTake: 0,
      rejected: [],
    });
    expect(reading({ readings: five, layerMm: 3, layers: 2 }).hardness).toBe(70);
    expect(reading({ readings: five, layerMm: 3 })).toMatchObject({ hardness: null, thicknessMm: 3 });
    expect(warnings('flex.reading', { scale: 'A', readings: five, layerMm: 2.5 })).toContain(
      'Stack 3 layers',
    );
  });
  it('names what breaks a rule and keeps it apart', () => {
    const r = reading({
      readings: [
        ...five,
        { hardness: 40, edgeMm: 5 },
        { hardness: 41, apartMm: 8 },
        { hardness: 42, afterS: 3 },
        { hardness: 43, afterS: 3, edgeMm: 2 },
        { hardness: 72, edgeMm: 12, apartMm: 9, afterS: 15 },
      ],
    });
    expect(r.rejected.map(a => [a.index, a.rules.length])).toEqual([
      [5, 1],
      [6, 1],
      [7, 1],
      [8, 2],
    ]);
    expect(r.rejected[0]!.rules[0]).toBe('5 mm from an edge: at least 12 mm');
    expect(r.accepted).toEqual([68, 70, 71, 69, 74, 72]);
    expect(r.hardness).toBe(70.5);
  });
  it('is read after 15 s on D, and on A as it is set', () => {
    const quick = [{ hardness: 50, afterS: 1 }];
    expect(reading({ readings: quick, readAfterS: 1 }).accepted).toEqual([50]);
    expect(reading({ scale: 'D', readings: quick, readAfterS: 1 }).rejected).toHaveLength(1);
    expect(reading({ readings: quick }).rejected).toHaveLength(1);
  });
  it('tells which scale to use, and how many are still to take', () => {
    expect(reading({ readings: [{ hardness: 94 }] })).toMatchObject({ useScale: 'D', toTake: 4 });
    expect(reading({ scale: 'D', readings: [{ hardness: 15 }] }).useScale).toBe('A');
    expect(reading({ readings: [{ hardness: 90 }] }).useScale).toBe('A');
    expect(reading({ readings: [] })).toMatchObject({ hardness: null, toTake: 5, useScale: 'A' });
    expect(warnings('flex.reading', { scale: 'A', readings: [{ hardness: 12 }] })).toContain('softer than');
  });
});

describe('flex.infill', () => {
  const infill = (change: object): FlexInfillResult =>
    result('flex.infill', { scale: 'A', solidHardness: 85, ...change });
  it('turns a stiffness back into the hardness it came from', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('A' as const, 'D' as const),
        fc.double({ min: 5, max: 95, noNaN: true }),
        (s, h) => {
          expect(hardnessOfModulus(s, shoreModulusMPa(s, h))).toBeCloseTo(h, 6);
        },
      ),
    );
  });
  it('is solid at the top, and inverts itself', () => {
    expect(infill({ infill: 1 }).hardness).toBeCloseTo(85, 6);
    const { hardness } = infill({ infill: 0.5 });
    expect(infill({ wantedHardness: hardness! }).infill).toBeCloseTo(0.5, 6);
    // By hand: E(85 A) = 0.0981·(56 + 648)/(0.137505·(254 − 215.9)) = 13.18 MPa; φ² of it 3.296 MPa → 58 A.
    expect(hardness).toBeCloseTo(57.7, 0);
  });
  it('goes through one’s own readings, in order, and says so', () => {
    const readings = [
      { infill: 0.2, hardness: 45 },
      { infill: 0.4, hardness: 60 },
      { infill: 0.8, hardness: 80 },
    ];
    expect(infill({ infill: 0.4, readings })).toEqual({ hardness: 60, byReadings: true });
    expect(infill({ wantedHardness: 80, readings, volumeCm3: 10, densityGcm3: 1.2 })).toMatchObject({
      massG: expect.closeTo(9.6, 3) as number,
    });
    expect(infill({ wantedHardness: 90, readings }).infill).toBe(1);
    expect(warnings('flex.infill', { scale: 'A', solidHardness: 85, wantedHardness: 95 })).toContain('Solid');
  });
  it('never falls with more infill, whatever was read', () => {
    const point = fc.record({
      infill: fc.double({ min: 0.05, max: 1, noNaN: true }),
      hardness: fc.double({ min: 5, max: 95, noNaN: true }),
    });
    fc.assert(
      fc.property(fc.array(point, { maxLength: 6 }), readings => {
        const at = (x: number): number => infill({ infill: x, readings }).hardness!;
        for (let x = 0.05; x < 1; x += 0.1) expect(at(x + 0.05)).toBeGreaterThanOrEqual(at(x) - 1e-9);
      }),
      { numRuns: 40 },
    );
  });
  it('walls carry beside the core, more on a small pad; from the side upright cells give way', () => {
    const at = (change: object): number => infill({ infill: 0.3, ...change }).hardness!;
    expect(at({ walls: 2 })).toBeGreaterThan(at({}));
    expect(at({ walls: 2, sideMm: 10 })).toBeGreaterThan(at({ walls: 2, sideMm: 40 }));
    expect(at({ pattern: 'grid', pressed: 'from-the-side' })).toBeLessThan(at({ pattern: 'grid' }));
    expect(at({ pressed: 'from-the-side' })).toBe(at({}));
    // By hand: 2 walls of 0.45 mm around 20 mm are 1 − (1 − 0.09)² = 0.1719; with φ² = 0.09 of the rest, 0.2464·E.
    const e = 13.18 * (0.1719 + 0.8281 * 0.09);
    expect(at({ walls: 2, sideMm: 20 })).toBeCloseTo(hardnessOfModulus('A', e), 1);
    const found = infill({ wantedHardness: at({ walls: 2 }), walls: 2, volumeCm3: 10 });
    expect(found.infill).toBeCloseTo(0.3, 6);
    expect(found.massG).toBeGreaterThan(10 * 1.2 * 0.3);
    expect(infill({ wantedHardness: 20, walls: 4, sideMm: 10 }).infill).toBe(0);
    const asked = { scale: 'A', solidHardness: 85, wantedHardness: 20, walls: 4, sideMm: 10 };
    expect(warnings('flex.infill', asked)).toContain('Its walls alone');
  });
  it('says that neither walls nor solid reach a hardness from half a degree on: less is within a reading', () => {
    const solid = infill({ infill: 1 }).hardness!;
    const hollow = infill({ infill: 0, walls: 2 }).hardness!;
    const said = (wantedHardness: number): string =>
      warnings('flex.infill', { scale: 'A', solidHardness: 85, wantedHardness, walls: 2 });
    expect(said(solid + 0.4)).not.toContain('Solid');
    expect(said(solid + 0.6)).toContain('Solid, it reaches no more than');
    expect(said(hollow - 0.4)).not.toContain('Its walls alone');
    expect(said(hollow - 0.6)).toContain('Its walls alone');
  });
  it('wants one of the two, not both', () => {
    expect(() => infill({})).toThrow(/wantedHardness/);
    expect(() => infill({ infill: 0.5, wantedHardness: 50 })).toThrow(/not both/);
  });
});

describe('flex.foam', () => {
  // A filament that foams with heat up to 235 °C and then collapses.
  const factorAt = (t: number): number => (t <= 235 ? 1 + (t - 190) / 45 : 2 - (t - 235) / 20);
  const wallOf = (temperatureC: number, flowPct: number): number =>
    (0.8 * flowPct * factorAt(temperatureC)) / 100;
  const square = (temperatureC: number, flowPct: number, change: object = {}): object => ({
    temperatureC,
    flowPct,
    wallMm: wallOf(temperatureC, flowPct),
    ...change,
  });
  it('gives the next flow, and is done within 2 %', () => {
    const r = result<FlexFoamResult>('flex.foam', {
      targetWallMm: 0.8,
      readings: [square(190, 100), square(220, 100)],
    });
    expect(r.converged).toEqual([true, false]);
    expect(r.foamingFactor[1]).toBeCloseTo(factorAt(220), 9);
    expect(r.nextFlowPct[1]).toBeCloseTo(60, 6);
  });
  it('comes to its target in a few squares, on any filament that foams', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 190, max: 245 }),
        fc.double({ min: 0.9, max: 1.1, noNaN: true }),
        (t, power) => {
          let flow = 100;
          for (let n = 0; n < 6; n++) {
            // Less flow foams a little differently: the loop must bear that.
            const wallMm = wallOf(t, 100) * (flow / 100) ** power;
            const r = result<FlexFoamResult>('flex.foam', {
              targetWallMm: 0.8,
              readings: [{ temperatureC: t, flowPct: flow, wallMm }],
            });
            if (r.converged[0]) return;
            [flow] = r.nextFlowPct as [number];
          }
          throw new Error('did not converge');
        },
      ),
    );
  });
  it('finds the peak, says that it collapses, and chooses a temperature below it', () => {
    const readings = [
      square(190, 100, { hardness: 85, densityGcm3: 1.2 }),
      square(210, 70, { hardness: 72, densityGcm3: 0.85 }),
      square(235, 50, { hardness: 55, densityGcm3: 0.6 }),
      square(250, 70, { hardness: 66, densityGcm3: 0.8 }),
    ];
    const of = (change: object): FlexFoamResult =>
      result('flex.foam', { targetWallMm: 0.8, readings, ...change });
    expect(of({})).toMatchObject({ peakC: 235, collapses: true, temperatureC: null });
    expect(of({}).floats).toEqual([false, true, true, true]);
    const { temperatureC, flowPct } = of({ wantedHardness: 72 });
    expect(temperatureC).toBeCloseTo(210, 3);
    expect(flowPct).toBeCloseTo(100 / factorAt(210), 1);
    const light = of({ wantedDensityGcm3: 0.7 }).temperatureC!;
    expect(light).toBeGreaterThan(210);
    expect(light).toBeLessThan(235);
    expect(warnings('flex.foam', { targetWallMm: 0.8, readings, wantedHardness: 20 })).toContain(
      'No temperature',
    );
  });
});

describe('flex.soak', () => {
  const soak = (change: object): FlexSoakResult =>
    result('flex.soak', { dryG: 6, wetG: 6.1, volumeCm3: 10, ...change });
  it('cells are closed where a twentieth of the room fills, open where two fifths do', () => {
    const voidCm3 = 10 * soak({}).voidShare;
    const filled = (share: number): string => soak({ wetG: 6 + share * voidCm3 * 0.998 }).cells;
    expect([0, 0.04, 0.06, 0.39, 0.41, 0.9].map(filled)).toEqual([
      ...['closed', 'closed', 'partly open', 'partly open', 'open', 'open'],
    ]);
  });
  it('tells closed cells from open ones, and what goes on floating', () => {
    expect(soak({})).toMatchObject({ cells: 'closed', floatsDry: true, floatsWet: true });
    // By hand: half of it is room, 5 cm³; 3 g of water fill 0.601 of it.
    const open = soak({ wetG: 9 });
    expect(open).toMatchObject({ voidShare: 0.5, cells: 'open', floatsWet: true });
    expect(open.filledShare).toBeCloseTo(3 / 0.998 / 5, 9);
    expect(soak({ wetG: 10.6 }).floatsWet).toBe(false);
    expect(warnings('flex.soak', { dryG: 6, wetG: 10.6, volumeCm3: 10 })).toContain('fills and sinks');
    expect(warnings('flex.soak', { dryG: 6, wetG: 5, volumeCm3: 10 })).toContain('exchanged');
  });
});

describe('curves through readings', () => {
  it('pool what runs backwards', () => {
    const points = [
      { x: 3, y: 2 },
      { x: 1, y: 1 },
      { x: 2, y: 4 },
    ];
    expect(isotonic(points).map(p => p.y)).toEqual([1, 3, 3]);
  });
  it('pass through their points and never leave the range between two', () => {
    const points = fc
      .uniqueArray(fc.integer({ min: 0, max: 50 }), { minLength: 2, maxLength: 7 })
      .chain(xs =>
        fc.tuple(
          ...xs.sort((a, b) => a - b).map(x => fc.integer({ min: -20, max: 20 }).map(y => ({ x, y }))),
        ),
      );
    fc.assert(
      fc.property(points, list => {
        const curve = monotoneCurve(list);
        for (const p of list) expect(curve(p.x)).toBeCloseTo(p.y, 9);
        for (const [i, to] of list.slice(1).entries()) {
          const from = list[i]!;
          for (const t of [0.2, 0.5, 0.8]) {
            const y = curve(from.x + t * (to.x - from.x));
            expect(y).toBeGreaterThanOrEqual(Math.min(from.y, to.y) - 1e-9);
            expect(y).toBeLessThanOrEqual(Math.max(from.y, to.y) + 1e-9);
          }
        }
      }),
    );
  });
});
