import { describe, expect, it } from 'vitest';
import { calculate } from '../../src/registry.js';
import type { TrialCompareResult } from '../../src/trials/compare.js';
import { isLessBetter } from '../../src/trials/directions.js';
import type { TrialPowerResult } from '../../src/trials/power.js';
import { chance } from '../../src/lib/random.js';

const compare = (inputs: object): TrialCompareResult =>
  calculate('trial.compare', inputs).result as TrialCompareResult;
const power = (inputs: object): TrialPowerResult =>
  calculate('trial.power', inputs).result as TrialPowerResult;

/** Readings about a mean, as a bench would have them. */
function readings(seed: number, n: number, middle: number, sd: number): number[] {
  const source = chance(seed * 7919);
  for (let i = 0; i < 8; i++) source.uniform();
  return Array.from({ length: n }, () => middle + sd * source.normal());
}

describe('trial.compare', () => {
  const asa = { key: 'asa', readings: { strength: [40, 42, 41], mass: [20, 20.2, 19.9] } };
  const pla = { key: 'pla', readings: { strength: [50, 52, 51], mass: [23, 23.1, 23] } };
  it('gives means with Student’s intervals', () => {
    const [best] = compare({ filaments: [asa, pla], weights: { strength: 1 } }).ranking;
    expect(best!.key).toBe('pla');
    // By hand: s = 1, t(2) = 4.303: 51 ± 4.303/√3 = 51 ± 2.484.
    expect(best!.means.strength).toMatchObject({ n: 3, mean: 51, sd: 1 });
    expect(best!.means.strength!.low).toBeCloseTo(48.516, 2);
    expect(best!.means.strength!.high).toBeCloseTo(53.484, 2);
  });
  it('weighs, knows that less mass is better, and sums its chances to one', () => {
    const heavy = compare({ filaments: [asa, pla], weights: { strength: 1, mass: 3 } });
    expect(heavy.firstChoice).toBe('asa');
    expect(heavy.pBest).toEqual({ asa: expect.closeTo(1, 6) as number, pla: 0 });
    expect(heavy.ranking[0]!.score).toBeCloseTo(0.75, 9);
    expect(heavy.ranking[0]!.pBestIn).toMatchObject({ strength: 0 });
    const more = compare({ filaments: [asa, pla], weights: { mass: 1 }, lessIsBetter: { mass: false } });
    expect(more.firstChoice).toBe('pla');
  });
  it('puts what did not pass behind, whatever it scores, and says what it failed', () => {
    const r = compare({
      filaments: [asa, { ...pla, passed: { drop: false, tolerance: true } }],
      weights: { strength: 1 },
    });
    expect(r).toMatchObject({ firstChoice: 'asa', secondChoice: null, pBest: { pla: 0 } });
    expect(r.ranking[1]).toMatchObject({ key: 'pla', rank: null, failed: ['drop'] });
  });
  it('what was not read stands in the middle, and anywhere in the draws', () => {
    const unread = { key: 'new', readings: { mass: [19, 19.1, 19] } };
    const r = compare({ filaments: [asa, pla, unread], weights: { strength: 3, mass: 1 } });
    const place = r.ranking.find(p => p.key === 'new')!;
    expect(place.unread).toEqual(['strength']);
    expect(place.score).toBeCloseTo((3 * 0.5 + 1) / 4, 9);
    // PLA has 0.75: it is beaten where (3·u + 1)/4 is over that, from u = 2/3 on.
    expect(r.pBest.new).toBeCloseTo(1 / 3, 1);
  });
  it('what is over enough is as good as that', () => {
    const piece = (key: string, n: number, mass: number): object => ({
      key,
      readings: { strength: [n, n], mass: [mass, mass] },
    });
    const filaments = [piece('a', 100, 30), piece('b', 300, 40), piece('c', 20, 10)];
    const weights = { strength: 3, mass: 1 };
    expect(compare({ filaments, weights }).firstChoice).toBe('b');
    expect(compare({ filaments, weights, enough: { strength: 90 } }).firstChoice).toBe('a');
  });
  it('names what is dominated', () => {
    const worse = { key: 'old', readings: { strength: [39, 39, 40], mass: [24, 24, 24] } };
    const r = compare({ filaments: [asa, pla, worse] });
    expect(r.ranking.find(p => p.key === 'old')!.dominatedBy).toBe('asa');
    expect(r.ranking.find(p => p.key === 'asa')!.dominatedBy).toBeNull();
  });
  it('agrees with a bootstrap of its own, written another way', () => {
    const filaments = ['a', 'b', 'c'].map((key, i) => ({
      key,
      readings: { strength: readings(i + 1, 5, 50 + i, 3) },
    }));
    const { pBest } = compare({ filaments, samples: 20_000 });
    // Every one of the 5⁵ samples of one filament is as likely: the exact distribution of its mean, by convolution.
    const exact = filaments.map(f => {
      let sums = new Map([[0, 1]]);
      for (let k = 0; k < 5; k++) {
        const next = new Map<number, number>();
        for (const [sum, p] of sums)
          for (const x of f.readings.strength) {
            const key = Number((sum + x).toFixed(9));
            next.set(key, (next.get(key) ?? 0) + p / 5);
          }
        sums = next;
      }
      return [...sums];
    });
    const below = (list: [number, number][], y: number): number =>
      list.reduce((s, [x, p]) => s + (x < y ? p : x === y ? p / 2 : 0), 0);
    const chances = exact.map((mine, at) =>
      mine.reduce(
        (s, [y, p]) => s + p * exact.reduce((q, other, o) => (o === at ? q : q * below(other, y)), 1),
        0,
      ),
    );
    for (const [i, key] of ['a', 'b', 'c'].entries()) expect(pBest[key]).toBeCloseTo(chances[i]!, 1);
    expect(Math.abs(pBest.c! - chances[2]!)).toBeLessThan(0.012);
  });
  it('covers the truth in 93 to 97 of 100 campaigns', () => {
    let held = 0;
    const runs = 1000;
    for (let seed = 1; seed <= runs; seed++) {
      const { ranking } = compare({
        filaments: [{ key: 'a', readings: { strength: readings(seed, 4, 50, 3) } }],
        samples: 100,
      });
      const { low, high } = ranking[0]!.means.strength!;
      held += Number(low! <= 50 && 50 <= high!);
    }
    expect(held / runs).toBeGreaterThanOrEqual(0.93);
    expect(held / runs).toBeLessThanOrEqual(0.97);
  });
  it('says what is not told apart yet, and how many more would tell', () => {
    const near = ['a', 'b'].map((key, i) => ({
      key,
      readings: { strength: readings(i + 11, 3, 50 + i, 2) },
    }));
    const { ties } = compare({ filaments: near });
    expect(ties).toHaveLength(1);
    expect(ties[0]!.moreEach).toBeGreaterThanOrEqual(1);
    expect(compare({ filaments: [asa, pla], weights: { strength: 1 } }).ties).toEqual([]);
    expect(
      calculate('trial.compare', { filaments: [{ key: 'a', readings: { x: [1] } }] }).warnings[0],
    ).toContain('Single');
  });
  it('refuses what is no reading, naming it', () => {
    expect(() => compare({ filaments: [{ key: 'a', readings: { strength: ['strong'] } }] })).toThrow(
      /"strength" must be a list/,
    );
    expect(() => compare({ filaments: [asa, asa] })).toThrow(/key of its own/);
    expect(() => compare({ filaments: [asa], weights: { strength: -1 } })).toThrow(
      /"strength" must be a number from 0/,
    );
    expect(compare({ filaments: [] })).toMatchObject({ ranking: [], firstChoice: null });
  });
  it('knows by their names which are better small', () => {
    expect(['massG', 'cost', 'heat-sag', 'printMinutes'].every(isLessBetter)).toBe(true);
    expect(['strength', 'finish', 'dropHeight', 'masses of fun'].some(isLessBetter)).toBe(false);
  });
});

describe('trial.power', () => {
  it('agrees with the textbook: 17 of each for a difference of one standard deviation', () => {
    const plan = power({ difference: 1, sd: 1, runs: 6000 });
    expect(plan.replicates).toBeGreaterThanOrEqual(16);
    expect(plan.replicates).toBeLessThanOrEqual(18);
    expect(power({ difference: 2, sd: 1, replicates: 6, runs: 6000 }).power).toBeCloseTo(0.88, 1);
  });
  it('tells a twentieth by chance where there is no difference to speak of', () => {
    expect(power({ difference: 1e-6, sd: 1, replicates: 5, runs: 6000 }).power).toBeCloseTo(0.05, 2);
  });
  it('grows with the prints, and says when none are enough', () => {
    const of = (replicates: number): number => power({ difference: 1, sd: 1, replicates }).power;
    expect(of(4)).toBeLessThan(of(8));
    expect(of(8)).toBeLessThan(of(20));
    expect(power({ difference: 0.1, sd: 1 })).toMatchObject({ replicates: 30, outOfReach: true });
  });
});
