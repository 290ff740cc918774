import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ALL_GRADES, contenders } from '../../src/advice/contenders.js';
import { gradeFamily } from '../../src/materials/grade-family.js';
import { familyByKey, families } from '../../src/materials/library.js';
import { rank } from '../../src/score/rank.js';
import { tarnPla as grade } from '../materials/tarn-pla.js';
import { brief, openPrinter } from '../cases.js';

describe('ranking with grades', () => {
  const b = brief({ heat: { setting: 'indoors' } });
  it('the second choice is another plastic, not another spool of the first', () => {
    const own = gradeFamily(grade({ measured: { yieldMPa: 52 } }));
    const r = rank(b, { printer: openPrinter, families: [...families, own] });
    const second = r.candidates.find(c => c.material === r.secondChoice);
    const first = r.candidates.find(c => c.material === r.firstChoice);
    expect(second?.family).not.toBe(first?.family);
  });
  it('a grade that says nothing ranks beside its family with the same score', () => {
    const r = rank(b, { printer: openPrinter, families: [familyByKey('pla')!, gradeFamily(grade())] });
    expect(r.candidates[0]?.score).toBe(r.candidates[1]?.score);
    expect(r.candidates.map(c => c.material)).toEqual(['pla', 'tarn-pla']);
  });
  it('of many grades the best of each family take part, and the first choice is the same as with all', () => {
    const many = Array.from({ length: 300 }, (_, i) =>
      gradeFamily(
        grade({
          key: `g-${i}`,
          name: `G ${i}`,
          family: families[i % 9]!.key,
          sheet: { hdt045C: 50 + ((i * 37) % 60), pricePerKg: 15 + ((i * 13) % 50) },
        }),
      ),
    );
    fc.assert(
      fc.property(
        fc.constantFrom('weighted' as const, 'step-up' as const, 'weakest-link' as const),
        fc.integer({ min: 20, max: 95 }),
        (school, sourceC) => {
          const hot = brief({ heat: { setting: 'near-source', sourceC }, school });
          const some = contenders(hot, many, { printer: openPrinter }, new Set(['g-299']));
          const first = (list: typeof many): string | null =>
            rank(hot, { printer: openPrinter, families: [...families, ...list] }).firstChoice;
          expect(first(some)).toBe(first(many));
          expect(some.map(g => g.key)).toContain('g-299');
          expect(some.length).toBeLessThanOrEqual(9 * 2 + 1);
        },
      ),
      { numRuns: 25 },
    );
    expect(contenders(b, many.slice(0, ALL_GRADES))).toHaveLength(ALL_GRADES);
  });
});
