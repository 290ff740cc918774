import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Asker } from '../../src/drills/asker.js';
import { numberOptions, shuffledOptions } from '../../src/drills/options.js';
import { drawPrinter, drawScenario } from '../../src/drills/scenario.js';

const seeds = fc.integer({ min: 0, max: 2_147_483_647 });

describe('what a drill draws', () => {
  it('is a whole number from low to high, and reaches both ends', () => {
    fc.assert(
      fc.property(
        seeds,
        fc.integer({ min: -50, max: 50 }),
        fc.integer({ min: 0, max: 40 }),
        (seed, low, span) => {
          const ask = new Asker(seed);
          for (let n = 0; n < 20; n++) {
            const drawn = ask.whole(low, low + span);
            expect(Number.isInteger(drawn) && drawn >= low && drawn <= low + span).toBe(true);
          }
        },
      ),
    );
    const ask = new Asker(5);
    const drawn = new Set(Array.from({ length: 400 }, () => ask.whole(1, 6)));
    expect([...drawn].sort()).toEqual([1, 2, 3, 4, 5, 6]);
  });

  it('goes by steps, to the last digit', () => {
    fc.assert(
      fc.property(seeds, seed => {
        const drawn = new Asker(seed).stepped(0.1, 0.7, 0.1);
        expect([0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7]).toContain(drawn);
      }),
    );
  });

  it('is put in another order, nothing lost and nothing twice', () => {
    fc.assert(
      fc.property(seeds, fc.array(fc.integer()), (seed, list) => {
        const turned = new Asker(seed).shuffled(list);
        expect([...turned].sort((a, b) => a - b)).toEqual([...list].sort((a, b) => a - b));
      }),
    );
    expect(() => new Asker(1).pick([])).toThrow('nothing to pick');
  });

  it('is the same by the same seed, and evenly spread by others', () => {
    const first = (seed: number): number => new Asker(seed).share();
    expect(first(77)).toBe(first(77));
    const firsts = Array.from({ length: 2000 }, (_, n) => first(n * 7919 + 13));
    expect(firsts.reduce((a, b) => a + b, 0) / firsts.length).toBeCloseTo(0.5, 1);
  });
});

describe('options', () => {
  it('of numbers stand whole gaps apart, in their order, the right one among them', () => {
    fc.assert(
      fc.property(
        seeds,
        fc.integer({ min: -100, max: 200 }),
        fc.integer({ min: 2, max: 20 }),
        (seed, value, gap) => {
          const made = numberOptions(new Asker(seed), value, { gap, low: -40, high: 140, said: String });
          if (!made) {
            // Only where four of them do not fit between the bounds at all.
            expect(value < -40 || value > 140 || 3 * gap > 180 - gap).toBe(true);
            return;
          }
          const numbers = made.options.map(Number);
          expect(numbers[made.right]).toBe(value);
          for (let n = 1; n < 4; n++) expect(numbers[n]! - numbers[n - 1]!).toBe(gap);
          expect(numbers[0]! >= -40 && numbers[3]! <= 140).toBe(true);
        },
      ),
    );
  });

  it('that would read alike are none', () => {
    expect(
      numberOptions(new Asker(1), 50, { gap: 0.1, low: 0, high: 100, said: x => x.toFixed(0) }),
    ).toBeNull();
  });

  it('in words keep the right one, wherever it lands', () => {
    fc.assert(
      fc.property(seeds, seed => {
        const { options, right } = shuffledOptions(new Asker(seed), 'yes', ['no', 'perhaps', 'never']);
        expect(options[right]).toBe('yes');
        expect(options).toHaveLength(4);
      }),
    );
  });
});

describe('a part that is drilled on', () => {
  it('is a brief that stands, told in sentences with its numbers', () => {
    for (let seed = 0; seed < 120; seed++) {
      const ask = new Asker(seed * 31 + 5);
      const { brief, given, part } = drawScenario(ask);
      expect(part).toMatch(/^an? /);
      const [load] = brief.loads;
      expect(given.join(' ')).toContain(`${load!.forceN} N`);
      expect(given.join(' ')).toContain(`${load!.lengthMm} mm`);
      expect(given.join(' ')).toContain(`for ${brief.lifeYears} year`);
      expect(given.join(' ')).not.toMatch(/undefined|NaN|null/);
      expect(drawPrinter(ask).format).toBe('hornblende-printer');
    }
  });
});
