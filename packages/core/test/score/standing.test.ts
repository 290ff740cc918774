import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { schools } from '../../src/brief/choices.js';
import { parseBrief } from '../../src/brief/parse-brief.js';
import { asGoodNames } from '../../src/score/as-good.js';
import type { Ranking } from '../../src/score/candidate.js';
import { DOUBT_COSTS, gateDoubt, printDoubt } from '../../src/score/doubt.js';
import { marginChance } from '../../src/score/holds.js';
import { rank } from '../../src/score/rank.js';
import { printerPresets } from '../../src/workshop/presets.js';

const cabinet = printerPresets.find(p => p.key === 'cabinet')!.profile;
const ranked = (fields: object, school: (typeof schools)[number] = 'weighted'): Ranking =>
  rank(parseBrief({ format: 'hornblende-brief', version: 1, name: 'Part', ...fields }), {
    printer: cabinet,
    school,
  });
const bracket = {
  sun: 'full',
  heat: { setting: 'outdoors' },
  loads: [{ kind: 'sustained', case: 'cantilever', forceN: 3, lengthMm: 50, widthMm: 20, heightMm: 8 }],
};

describe('standing without a step', () => {
  it('is the score less 0.4 of the worst doubt', () => {
    for (const c of ranked(bracket).candidates)
      expect(c.rating, c.material).toBeCloseTo(c.score - DOUBT_COSTS * c.doubt, 12);
  });
  it('doubts a print from three in four down to three in five', () => {
    expect([0.9, 0.75, 0.675, 0.6, 0.2].map(printDoubt).map(x => Number(x.toFixed(6)))).toEqual([
      0, 0, 0.5, 1, 1,
    ]);
  });
  it('doubts what only just holds by what is missing to ease, and what is made for another purpose most', () => {
    expect(gateDoubt({ id: 'heat', verdict: 'pass', ease: 1 })).toBe(0);
    expect(gateDoubt({ id: 'heat', verdict: 'marginal', ease: 0.75 })).toBeCloseTo(0.25, 12);
    expect(gateDoubt({ id: 'clarity', verdict: 'marginal' })).toBe(1);
    expect(gateDoubt({ id: 'purpose', verdict: 'marginal' })).toBe(1.5);
  });
  it('never lets a step of a tenth of a per cent move a rating by more than a hundredth', () => {
    fc.assert(
      fc.property(
        fc.record({
          partC: fc.double({ min: 25, max: 120, noNaN: true }),
          forceN: fc.double({ min: 1, max: 60, noNaN: true }),
          lifeYears: fc.double({ min: 0.5, max: 15, noNaN: true }),
          toleranceMm: fc.double({ min: 0.05, max: 0.6, noNaN: true }),
          xMm: fc.double({ min: 30, max: 200, noNaN: true }),
          which: fc.constantFrom('partC', 'forceN', 'lifeYears', 'toleranceMm', 'xMm'),
        }),
        ({ which, ...asked }) => {
          const of = (x: typeof asked): Ranking =>
            ranked({
              lifeYears: x.lifeYears,
              toleranceMm: x.toleranceMm,
              heat: { setting: 'custom', partC: x.partC },
              geometry: { xMm: x.xMm },
              loads: [
                {
                  kind: 'sustained',
                  case: 'cantilever',
                  forceN: x.forceN,
                  lengthMm: 40,
                  widthMm: 20,
                  heightMm: 10,
                },
              ],
            });
          const before = of(asked);
          const after = new Map(
            of({ ...asked, [which]: asked[which as keyof typeof asked] * 1.001 }).candidates.map(c => [
              c.material,
              c,
            ]),
          );
          for (const c of before.candidates) {
            const then = after.get(c.material)!;
            if (c.status === 'out' || then.status === 'out' || Boolean(c.baked) !== Boolean(then.baked))
              continue;
            expect(Math.abs(c.score - then.score), `${c.material} by ${which}`).toBeLessThan(0.01);
            expect(Math.abs(c.rating - then.rating), `${c.material} by ${which}`).toBeLessThan(0.02);
          }
        },
      ),
      { numRuns: 60, seed: 26 },
    );
  });
});

describe('as good as the first', () => {
  it.each(schools)(
    '%s: the first stands first, and nobody of the group is behind by more than is told',
    school => {
      const r = ranked(bracket, school);
      expect(r.asGood[0]?.material).toBe(r.firstChoice);
      expect(new Set(r.asGood.map(g => g.family)).size).toBe(r.asGood.length);
      const first = r.candidates[0]!;
      for (const g of r.asGood) {
        const c = r.candidates.find(x => x.material === g.material)!;
        if (school === 'step-up') expect(c.standing).toBe(first.standing);
        else expect(first.rating - c.rating).toBeLessThanOrEqual(0.02);
      }
    },
  );
  it('is said in names, the rest as a number', () => {
    const of = (name: string): Ranking['asGood'][number] => ({
      family: name,
      material: name,
      name,
      variants: [],
    });
    expect(asGoodNames([of('ASA')])).toBe('');
    expect(asGoodNames([of('ASA'), of('ABS')])).toBe('ABS');
    expect(asGoodNames(['A', 'B', 'C', 'D'].map(of), 2)).toBe('B, C and 1 more');
    expect(asGoodNames([...'ABCDEF'].map(of))).toBe('B, C, D, E and 1 more');
  });
});

describe('the chance that it holds', () => {
  it('is Φ of the margin over the spread of its spools', () => {
    expect(marginChance(1.2, 5)).toBeCloseTo(0.621, 3);
    expect(marginChance(5, 5)).toBeCloseTo(0.9, 3);
    expect(marginChance(3, 0)).toBe(1);
    expect(marginChance(-3, 0)).toBe(0);
    expect(marginChance(Infinity, 5)).toBe(1);
    // Spools that are all alike either hold or do not, by however little.
    expect([marginChance(0.1, 0), marginChance(0, 0), marginChance(-0.1, 0)]).toEqual([1, 1, 0]);
  });
  it('is told of the best, and is less where the margin is', () => {
    const holds = (partC: number): number =>
      ranked({ heat: { setting: 'custom', partC } }).candidates.find(c => c.material === 'petg')!.pHolds!;
    expect(ranked(bracket).candidates[0]!.pHolds).toBeGreaterThan(0.5);
    expect(holds(45)).toBeGreaterThan(0.95);
    expect(
      ranked(bracket)
        .candidates.filter(c => c.status === 'out')
        .every(c => c.pHolds === null),
    ).toBe(true);
  });
});
