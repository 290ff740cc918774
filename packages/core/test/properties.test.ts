import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { families } from '../src/materials/library.js';
import { creepEquivalentC } from '../src/models/creep-strain.js';
import { allowableTemperatureC } from '../src/models/heat-allowable.js';
import { surfaceTemperatureC } from '../src/models/heat-surface.js';
import { vehicleSunlitC } from '../src/models/heat-vehicle.js';
import { beam } from '../src/models/load-beam.js';
import { strengthAllowable } from '../src/models/strength-allowable.js';
import { uvRetainedShare } from '../src/models/uv-retained.js';
import { warpBowOf } from '../src/models/warp-bow.js';
import { desirability } from '../src/score/desirability.js';
import { rank } from '../src/score/rank.js';
import { weightedMean } from '../src/score/score.js';
import { parseQuantity, formatQuantity, dimensions, type DimensionKey } from '../src/units.js';
import { brief, enclosedPrinter } from './cases.js';

const num = (min: number, max: number): fc.Arbitrary<number> => fc.double({ min, max, noNaN: true });

describe('physics only goes one way', () => {
  it('more sun, or a darker colour, is never cooler', () =>
    fc.assert(
      fc.property(num(-20, 45), num(0, 1100), num(0, 200), num(0.1, 0.8), (ambientC, g, more, a) => {
        const at = (irradianceWm2: number, absorptivity: number): number =>
          surfaceTemperatureC({
            ambientC,
            irradianceWm2,
            absorptivity,
            emissivity: 0.9,
            windMs: 1,
            exposedSides: 2,
            skyView: 1,
          });
        expect(at(g + more, a)).toBeGreaterThanOrEqual(at(g, a) - 1e-9);
        expect(at(g, a + 0.1)).toBeGreaterThanOrEqual(at(g, a) - 1e-9);
      }),
    ));

  it('the surface balance closes', () =>
    fc.assert(
      fc.property(num(-20, 45), num(0, 1100), num(0.1, 1), num(0, 10), (ambientC, g, a, v) => {
        const ta = ambientC + 273.15;
        const ts =
          surfaceTemperatureC({
            ambientC,
            irradianceWm2: g,
            absorptivity: a,
            emissivity: 0.9,
            windMs: v,
            exposedSides: 2,
            skyView: 1,
          }) + 273.15;
        const sky = 0.0552 * ta ** 1.5;
        const lost =
          (2.8 + 3 * v) * 2 * (ts - ta) + 0.9 * 5.670374419e-8 * (ts ** 4 - sky ** 4 + ts ** 4 - ta ** 4);
        expect(lost).toBeCloseTo(a * g, 4);
      }),
    ));

  it('a sunlit part in a vehicle is at least as hot as the cabin', () =>
    fc.assert(
      fc.property(num(0, 45), num(0, 1000), num(0, 1), (ambientC, irradianceWm2, absorptivity) => {
        expect(
          vehicleSunlitC({ ambientC, irradianceWm2, absorptivity, cabinRiseK: 25, glassTransmission: 0.45 }),
        ).toBeGreaterThanOrEqual(ambientC + 25 * Math.min(1, irradianceWm2 / 1000) - 1e-6);
      }),
    ));

  it('more stress never bears more heat', () =>
    fc.assert(
      fc.property(num(0, 20), num(0, 20), (s, d) => {
        const at = (stressMPa: number): number =>
          allowableTemperatureC({
            structure: 'amorphous',
            unloadedC: 98,
            hdt045C: 93,
            hdt18C: 85,
            stressMPa,
            sustainedHours: 0,
            creepAllowanceK: 10,
          });
        expect(at(s + d)).toBeLessThanOrEqual(at(s) + 1e-9);
      }),
    ));

  it('a thicker section is never more stressed, in any case', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(
          'cantilever',
          'simply-supported',
          'simply-supported-uniform',
          'fixed-fixed',
          'tension',
          'compression',
          'torsion',
        ),
        num(1, 500),
        num(10, 200),
        num(2, 20),
        num(2, 20),
        num(0, 10),
        (c, forceN, lengthMm, widthMm, heightMm, more) => {
          const at = (h: number): { stressMPa: number; deflectionMm: number } =>
            beam({ case: c, forceN, lengthMm, widthMm, heightMm: h, modulusMPa: 2000, poisson: 0.36 });
          expect(at(heightMm + more).stressMPa).toBeLessThanOrEqual(at(heightMm).stressMPa * (1 + 1e-9));
          expect(at(heightMm + more).deflectionMm).toBeLessThanOrEqual(
            at(heightMm).deflectionMm * (1 + 1e-9),
          );
        },
      ),
    ));

  it('hotter, longer, wetter, sunnier never carries more', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...families),
        num(-30, 120),
        num(0, 60),
        num(0, 1e5),
        num(0, 3000),
        (f, t, dt, hours, dose) => {
          const base = {
            temperatureC: t,
            acrossLayers: false,
            hours,
            cycles: 1,
            uvDoseMJm2: dose,
            wet: false,
            colour: 'mid' as const,
            wallMm: 3,
            sectionFactor: 1,
          };
          const at = strengthAllowable(f, base).allowableMPa + 1e-9;
          expect(strengthAllowable(f, { ...base, temperatureC: t + dt }).allowableMPa).toBeLessThanOrEqual(
            at,
          );
          expect(strengthAllowable(f, { ...base, hours: hours + 1000 }).allowableMPa).toBeLessThanOrEqual(at);
          expect(strengthAllowable(f, { ...base, wet: true }).allowableMPa).toBeLessThanOrEqual(at);
          expect(strengthAllowable(f, { ...base, uvDoseMJm2: dose + 500 }).allowableMPa).toBeLessThanOrEqual(
            at,
          );
          expect(strengthAllowable(f, { ...base, acrossLayers: true }).allowableMPa).toBeLessThanOrEqual(at);
        },
      ),
    ));

  it('ultraviolet light only takes away', () =>
    fc.assert(
      fc.property(num(0, 1e4), num(0, 1e4), num(100, 5000), (d, more, h) => {
        expect(uvRetainedShare(d + more, h, 'mid')).toBeLessThanOrEqual(uvRetainedShare(d, h, 'mid') + 1e-12);
      }),
    ));

  it('bow grows with the square of length', () =>
    fc.assert(
      fc.property(num(50, 300), num(1.1, 3), (lengthMm, times) => {
        const at = (l: number): number =>
          warpBowOf({
            alphaPerK: 90e-6,
            solidificationC: 105,
            bedC: 100,
            chamberC: 30,
            heightMm: 10,
            lengthMm: l,
            crystallisationStrain: 0,
            solidFraction: 0.3,
            scale: 1,
            solidExponent: 0.3,
          }).bowMm;
        expect(at(lengthMm * times) / at(lengthMm)).toBeCloseTo(times ** 2, 6);
      }),
    ));

  it('the equivalent creep temperature lies between mean and maximum', () =>
    fc.assert(
      fc.property(num(-20, 30), num(0, 60), num(0.001, 0.12), (low, swing, k) => {
        const t = creepEquivalentC(low, low + swing, k);
        expect(t).toBeGreaterThanOrEqual(low + swing / 2 - 1e-6);
        expect(t).toBeLessThanOrEqual(low + swing + 1e-6);
      }),
    ));

  it('desirability is monotone, 0 to 1, whichever way round', () =>
    fc.assert(
      fc.property(num(-100, 100), num(0, 50), num(-50, 50), num(1, 50), (x, dx, x0, span) => {
        expect(desirability(x + dx, x0, x0 + span)).toBeGreaterThanOrEqual(desirability(x, x0, x0 + span));
        expect(desirability(x + dx, x0, x0 - span)).toBeLessThanOrEqual(desirability(x, x0, x0 - span));
        expect(desirability(x, x0, x0 + span)).toBeGreaterThanOrEqual(0);
        expect(desirability(x, x0, x0 + span)).toBeLessThanOrEqual(1);
      }),
    ));
});

describe('ranking', () => {
  const b = brief({
    heat: { setting: 'outdoors' },
    sun: 'full',
    water: 'rain',
    loads: [{ kind: 'sustained', case: 'cantilever', forceN: 6, lengthMm: 60, widthMm: 20, heightMm: 8 }],
  });

  it.each(['weighted', 'step-up', 'weakest-link'] as const)(
    '%s does not depend on the order of the families',
    school => {
      const expected = JSON.stringify(rank(b, { printer: enclosedPrinter, school }));
      fc.assert(
        fc.property(fc.shuffledSubarray([...families], { minLength: families.length }), shuffled => {
          expect(JSON.stringify(rank(b, { printer: enclosedPrinter, school, families: shuffled }))).toBe(
            expected,
          );
        }),
        { numRuns: 20 },
      );
    },
  );

  it('a bad candidate more never reorders the rest', () =>
    fc.assert(
      fc.property(fc.subarray([...families], { minLength: 2 }), some => {
        const order = (list: readonly (typeof families)[number][]): string[] =>
          rank(b, { printer: enclosedPrinter, families: list })
            .candidates.filter(c => some.some(f => f.key === c.material))
            .map(c => c.material);
        const pva = families.find(f => f.key === 'pva');
        expect(order(pva ? [...some.filter(f => f !== pva), pva] : some)).toEqual(order(some));
      }),
      { numRuns: 20 },
    ));

  it('higher desirability never lowers a weighted mean', () =>
    fc.assert(
      fc.property(
        fc.array(fc.record({ weight: num(0, 5), desirability: num(0, 0.9) }), { minLength: 1 }),
        num(0, 0.1),
        (list, d) => {
          const raised = list.map((c, i) => (i === 0 ? { ...c, desirability: c.desirability + d } : c));
          expect(weightedMean(raised)).toBeGreaterThanOrEqual(weightedMean(list) - 1e-12);
        },
      ),
    ));

  it('a hotter day never lets a family in by heat', () =>
    fc.assert(
      fc.property(num(0, 55), num(0, 5), (t, dt) => {
        const margin = (ambientMaxC: number): number[] =>
          rank(brief({ heat: { setting: 'outdoors', ambientMaxC, ambientMinC: -10 }, sun: 'full' }))
            .candidates.sort((x, y) => (x.material < y.material ? -1 : 1))
            .map(c => c.criteria.find(k => k.id === 'heat')?.value ?? NaN);
        const cool = margin(t);
        const hot = margin(t + dt);
        hot.forEach((m, i) => expect(m).toBeLessThanOrEqual((cool[i] ?? NaN) + 1e-9));
      }),
      { numRuns: 30 },
    ));
});

describe('units', () => {
  const keys = Object.keys(dimensions) as DimensionKey[];
  it('what is shown can be typed back, in both systems', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...keys),
        fc.constantFrom('metric' as const, 'us' as const),
        num(-40, 5000),
        (key, system, value) => {
          const again = parseQuantity(formatQuantity(value, key, system, 6), key, system).value;
          expect(Math.abs(again - value)).toBeLessThanOrEqual(1e-4 * Math.max(1, Math.abs(value)));
        },
      ),
    ));
  it('never throws anything but its own error', () =>
    fc.assert(
      fc.property(fc.string(), text => {
        try {
          expect(Number.isFinite(parseQuantity(text, 'length').value)).toBe(true);
        } catch (e) {
          expect((e as Error).name).toBe('QuantityError');
        }
      }),
    ));
});
