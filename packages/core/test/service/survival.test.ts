import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { chance } from '../../src/lib/random.js';
import { calculate } from '../../src/registry.js';
import { serviceSurvival, ServiceSurvivalInput, type ServiceRecord } from '../../src/service/survival.js';

const records = (list: readonly Partial<ServiceRecord>[]): ServiceRecord[] =>
  list.map(r => ({ years: 0, ended: false, mode: null, soundYears: null, weight: 1, ...r }));
const survival = (
  list: readonly Partial<ServiceRecord>[],
  atYears: number | null = null,
): ReturnType<typeof serviceSurvival> =>
  serviceSurvival(Object.assign(new ServiceSurvivalInput(), { records: records(list), atYears }));

// Worked out with SciPy 1.17: scipy.stats.ecdf (Greenwood, linear), weibull_min.fit on CensoredData, and the profile
// of the likelihood by scipy.optimize.
const failed = [1.2, 2.5, 3.1, 4, 5.5];
const standing = [6, 6, 2, 6, 4.5, 6, 6];
const twelve = [
  ...failed.map(years => ({ years, ended: true, mode: 'cracked' })),
  ...standing.map(years => ({ years })),
];

describe('service.survival', () => {
  it('steps as Kaplan and Meier, with Greenwood’s interval', () => {
    const at = (years: number): number[] => {
      const s = survival(twelve).curve.find(c => c.years === years)!;
      return [s.survival, s.low, s.high];
    };
    const close = (years: number, expected: number[]): void => {
      for (const [n, value] of at(years).entries()) expect(value).toBeCloseTo(expected[n]!, 6);
    };
    close(1.2, [0.916666667, 0.76028978, 1]);
    close(3.1, [0.733333333, 0.473917319, 0.992749348]);
    close(6, [0.534722222, 0.231395395, 0.838049049]);
  });

  it('fits a Weibull with right-censored times, and its profile intervals', () => {
    const { weibull: w } = survival(twelve);
    expect(w!.shape).toBeCloseTo(1.7189, 3);
    expect(w!.scale).toBeCloseTo(7.7289, 3);
    expect([w!.shapeLow, w!.shapeHigh].map(x => Number(x!.toFixed(3)))).toEqual([0.676, 3.42]);
    expect([w!.scaleLow, w!.scaleHigh].map(x => Number(x!.toFixed(2)))).toEqual([4.95, 24.54]);
  });

  it('fits failures that were found between two looks', () => {
    const found = [
      [1, 2],
      [2, 3],
      [2, 4],
      [3, 5],
    ].map(([soundYears, years]) => ({
      years: years!,
      ended: true,
      mode: 'brittle',
      soundYears: soundYears!,
    }));
    const { weibull: w } = survival([...found, ...[5, 5, 5, 4].map(years => ({ years }))]);
    expect(w!.shape).toBeCloseTo(1.9534, 3);
    expect(w!.scale).toBeCloseTo(5.6427, 3);
  });

  it('says at least 71.7 % of nine of nine after five years', () => {
    const r = survival(Array.from({ length: 9 }, () => ({ years: 5 })));
    expect(r.lowerBound95).toBeCloseTo(0.717, 3);
    expect(r).toMatchObject({ atYears: 5, reached: 9, stood: 9, failures: 0, weibull: null });
  });

  it('counts at a stated time those that have reached it, and the failures before it', () => {
    const list = [{ years: 2, ended: true, mode: 'cracked' }, { years: 3 }, { years: 6 }, { years: 7 }];
    expect(survival(list, 5)).toMatchObject({ reached: 3, stood: 2 });
    expect(survival(list, 5).lowerBound95).toBeCloseTo(0.1354, 3);
  });

  it('takes what is lost or was removed while sound for no failure, though its service ended', () => {
    const r = survival([
      { years: 2, ended: true, mode: 'lost' },
      { years: 3, ended: true, mode: 'removed' },
      { years: 4, ended: true, mode: 'deformed' },
    ]);
    expect(r.failures).toBe(1);
    expect(r.curve.at(-1)!.survival).toBe(0);
    expect(r.curve[1]!.survival).toBe(1);
  });

  it('shares failures between their ways; with the survivors they sum to one', () => {
    const mode = fc.constantFrom('cracked', 'deformed', 'faded', 'lost');
    const record = fc.record({
      years: fc.integer({ min: 1, max: 40 }).map(n => n / 4),
      ended: fc.boolean(),
      mode,
    });
    fc.assert(
      fc.property(fc.array(record, { minLength: 1, maxLength: 60 }), list => {
        const r = survival(list.map(x => (x.ended ? x : { years: x.years })));
        const total = Object.values(r.incidence).reduce((sum, s) => sum + s.at(-1)!.incidence, 0);
        expect(total + r.curve.at(-1)!.survival).toBeCloseTo(1, 10);
        for (const [n, s] of r.curve.entries()) {
          expect(s.survival).toBeLessThanOrEqual((r.curve[n - 1]?.survival ?? 1) + 1e-12);
          expect(s.low).toBeLessThanOrEqual(s.survival);
          expect(s.high).toBeGreaterThanOrEqual(s.survival);
        }
      }),
    );
  });

  it('gives the same whatever the order of the records', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray(twelve, { minLength: 12, maxLength: 12 }), list => {
        expect(survival(list).curve).toEqual(survival(twelve).curve);
      }),
      { numRuns: 20 },
    );
  });

  it('covers: Greenwood’s band and the profile interval hold the truth in 90 to 99 of 100 workshops', () => {
    const source = chance(5);
    let bands = 0;
    let shapes = 0;
    const runs = 200;
    for (let n = 0; n < runs; n++) {
      // Weibull of shape 2 and scale 6, forty parts, seen until somewhere from two to nine years.
      const list = Array.from({ length: 40 }, () => {
        const life = 6 * Math.sqrt(-Math.log(1 - source.uniform()));
        const until = 2 + 7 * source.uniform();
        return life < until ? { years: life, ended: true, mode: 'brittle' } : { years: until };
      });
      const r = survival(list);
      const step = r.curve.filter(s => s.years <= 4).at(-1)!;
      const truth = Math.exp(-((4 / 6) ** 2));
      if (step.low <= truth && truth <= step.high) bands++;
      if (r.weibull!.shapeLow! <= 2 && 2 <= r.weibull!.shapeHigh!) shapes++;
    }
    expect(bands / runs).toBeGreaterThan(0.9);
    expect(shapes / runs).toBeGreaterThan(0.91);
    expect(shapes / runs).toBeLessThan(0.99);
  });

  it('does not invent a distribution from one failure', () => {
    expect(survival([{ years: 1, ended: true, mode: 'worn' }, { years: 5 }]).weibull).toBeNull();
    expect(survival([]).curve).toEqual([]);
  });

  it('answers through the registry, and refuses a part that was sound after it failed', () => {
    const answer = calculate('service.survival', { records: [{ years: 5 }, { years: 6 }] });
    expect(JSON.stringify(answer)).toContain('a hint, no more');
    expect(() =>
      calculate('service.survival', { records: [{ years: 1, ended: true, soundYears: 2 }] }),
    ).toThrow(/records\[0\]\.soundYears/);
  });
});

describe('parts that count less than one', () => {
  it('twice a half is a whole, and nothing is as if it were not there', () => {
    const halves = twelve.flatMap(r => [
      { ...r, weight: 0.5 },
      { ...r, weight: 0.5 },
    ]);
    const whole = survival(twelve, 4);
    const half = survival([...halves, { years: 1, ended: true, mode: 'cracked', weight: 0 }], 4);
    expect(half.curve.map(s => s.survival)).toEqual(
      whole.curve.map(s => expect.closeTo(s.survival, 12) as number),
    );
    expect(half.curve.at(-1)!.low).toBeCloseTo(whole.curve.at(-1)!.low, 12);
    expect(half.weibull!.shape).toBeCloseTo(whole.weibull!.shape, 6);
    expect(half.lowerBound95).toBeCloseTo(whole.lowerBound95!, 9);
    for (const [mode, steps] of Object.entries(whole.incidence))
      expect(half.incidence[mode]!.at(-1)!.incidence).toBeCloseTo(steps.at(-1)!.incidence, 12);
  });
  it('prove less than as many whole ones', () => {
    const nine = (weight: number): number =>
      survival(Array.from({ length: 9 }, () => ({ years: 5, weight }))).lowerBound95!;
    expect(nine(1)).toBeCloseTo(0.717, 3);
    expect(nine(0.5)).toBeLessThan(nine(1));
    expect(nine(0.5)).toBeCloseTo(0.05 ** (1 / 4.5), 9);
  });
});
