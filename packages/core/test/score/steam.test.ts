import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { families } from '../../src/materials/library.js';
import { robustness } from '../../src/score/draws/robustness.js';
import { rank } from '../../src/score/rank.js';
import { steamLife } from '../../src/models/water-steam.js';
import { brief, candidate } from '../cases.js';
import { gate, verdict } from './one-gate.js';

const steamed = (steamCycles: number, steamC = 121): Record<string, unknown> => ({
  heat: { steamCycles, steamC },
});

describe('steam', () => {
  it('of 121 °C is easier than of 134 °C: three times a decade', () => {
    const at = (steamC: number): number => steamLife({ cycles134: 100, steamC, cycles: 100 }).halfCycles;
    expect(at(134)).toBe(100);
    expect(at(124)).toBeCloseTo(300, 9);
    expect(at(121)).toBeCloseTo(100 * 3 ** 1.3, 9);
    expect(steamLife({ cycles134: 100, steamC: 134, cycles: 200 }).retained).toBeCloseTo(0.25, 9);
  });

  it('is not asked of what is never steamed', () => {
    expect(gate(steamed(0), 'pla', 'steam')).toBeUndefined();
  });

  it('takes the shape of what softens under it, and says where that is', () => {
    expect(gate(steamed(1), 'abs', 'steam')).toMatchObject({ verdict: 'fail', need: 121, unit: '°C' });
    expect(verdict(steamed(1), 'pp', 'steam')).toBe('pass');
    expect(verdict(steamed(1, 134), 'pp', 'steam')).toBe('fail');
  });

  it('of a few cycles is borne by polypropylene, of hundreds at 134 °C by PPSU and PEEK alone', () => {
    const first = rank(brief(steamed(60))).firstChoice;
    expect(['pp', 'pa612', 'pa12-cf', 'pa12']).toContain(first);
    const many = rank(brief(steamed(500, 134)));
    expect(many.firstChoice).toBe('ppsu');
    expect(many.candidates.filter(c => c.status !== 'out').map(c => c.family)).toEqual(['ppsu', 'peek']);
  });

  it('counts in the score: what keeps more of its strength stands higher there', () => {
    const r = rank(brief(steamed(60)));
    const water = (key: string): number => candidate(r, key).criteria.find(c => c.id === 'water')!.value;
    expect(water('pp')).toBeGreaterThan(water('pa6'));
    expect(water('pp')).toBeCloseTo(0.5 ** (60 / (50 * 3 ** 1.3)), 6);
  });

  it('never helps: more cycles or hotter steam turn no verdict to the better', () => {
    const order = ['fail', 'marginal', 'pass'];
    const keys = families.filter(f => f.properties.steamCycles134).map(f => f.key);
    fc.assert(
      fc.property(
        fc.constantFrom(...keys),
        fc.integer({ min: 1, max: 3000 }),
        fc.integer({ min: 100, max: 145 }),
        fc.integer({ min: 0, max: 2000 }),
        fc.integer({ min: 0, max: 5 }),
        (key, cycles, steamC, more, hotter) => {
          const easy = verdict(steamed(cycles, steamC), key, 'steam');
          const hard = verdict(steamed(cycles + more, steamC + hotter), key, 'steam');
          expect(order.indexOf(hard!)).toBeLessThanOrEqual(order.indexOf(easy!));
        },
      ),
      { numRuns: 60 },
    );
  });

  it('is drawn: who is out in every draw is first in none', () => {
    const { candidates } = robustness(brief(steamed(500, 134)), { draws: 400, seed: 3 });
    const first = (material: string): number => candidates.find(c => c.material === material)!.pFirst;
    expect(first('ppsu')).toBeGreaterThan(0.5);
    expect(first('pp')).toBe(0);
  });

  it('is drawn as it is judged: what keeps its shape in steam fits for a few cycles, and not for thousands', () => {
    const fits = (cycles: number): number =>
      robustness(brief(steamed(cycles)), { draws: 200, seed: 3 }).candidates.find(c => c.material === 'pp')!
        .pFits;
    expect(verdict(steamed(60), 'pp', 'steam')).toBe('pass');
    expect(verdict(steamed(5000), 'pp', 'steam')).toBe('fail');
    expect(fits(5000)).toBe(0);
    expect(fits(60)).toBeGreaterThan(0.5);
  });

  it('has figures only for what keeps its shape in some steam', () => {
    for (const f of families)
      if (f.properties.steamCycles134) expect(f.properties.unloadedC!.typical).toBeGreaterThan(100);
  });
});
