import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { askedOfAny, askedWords, otherwise } from '../../src/advice/otherwise.js';
import { otherProcesses } from '../../src/advice/other-processes.js';
import { parseBrief } from '../../src/brief/parse-brief.js';

const brief = (fields: object = {}): ReturnType<typeof parseBrief> =>
  parseBrief({
    format: 'hornblende-brief',
    version: 1,
    name: 'Latch',
    geometry: { xMm: 40, yMm: 40, zMm: 15, volumeCm3: 20 },
    ...fields,
  });
const would = (fields: object): string[] =>
  otherwise(brief(fields))
    .filter(w => !w.broken.length)
    .map(w => w.process.key);
const hot = (sourceC: number): object => ({ heat: { setting: 'near-source', sourceC } });

describe('made otherwise', () => {
  it('in 350 °C there is steel; in 190 °C silicone only where it may give', () => {
    expect(would(hot(350))).toEqual(['folded-steel']);
    expect(would({ ...hot(190), flex: { want: 'rubbery', shoreA: [30, 60] } })).toEqual(['cast-silicone']);
  });
  it('what must be clear is of acrylic, and what is struck is not', () => {
    expect(would({ looks: { clear: true } })).toEqual(['cut-acrylic']);
    const struck = {
      loads: [
        { kind: 'impact', case: 'drop', massKg: 0.2, heightM: 1, widthMm: 10, heightMm: 5, lengthMm: 40 },
      ],
    };
    expect(would({ ...struck, looks: { clear: true } })).toEqual([]);
  });
  it('mains and radio keep metal away; a hinge wants what folds', () => {
    for (const electrical of ['mains', 'radio'])
      expect(would({ electrical }).some(k => k === 'milled-aluminium' || k === 'folded-steel')).toBe(false);
    expect(would({ flex: { want: 'hinge' } })).toEqual(['sintered-nylon']);
  });
  it('asks each load of its own limit, with the factor of safety', () => {
    const pull = { case: 'tension', forceN: 3000, widthMm: 10, heightMm: 10 };
    const kept = brief({ loads: [{ kind: 'sustained', hours: 20_000, ...pull }], safety: 2 });
    const once = brief({ loads: [{ kind: 'short', ...pull }], safety: 2 });
    // 3000 N over 100 mm², twice.
    expect(askedOfAny(kept)).toMatchObject({ lastingMPa: 60, onceMPa: 0 });
    expect(askedOfAny(once)).toMatchObject({ lastingMPa: 0, onceMPa: 60 });
    const keys = (b: typeof kept): string[] =>
      otherwise(b)
        .filter(w => !w.broken.length)
        .map(w => w.process.key);
    expect(keys(kept)).not.toContain('milled-acetal');
    expect(keys(once)).toContain('milled-acetal');
    const words = askedWords(askedOfAny(kept));
    expect(words).toContain(
      'has to keep its shape at 28 °C and bear 60 MPa for years; the safety that is asked',
    );
  });
  it('those that would do come first, and the cheaper of them; more of them cost less each', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 30, max: 400 }),
        fc.integer({ min: 1, max: 500 }),
        (sourceC, quantity) => {
          const ways = otherwise(brief({ ...hot(sourceC), quantity }));
          expect(ways).toHaveLength(otherProcesses.length);
          for (const [i, w] of ways.entries()) {
            const next = ways[i + 1];
            if (!next) continue;
            expect(w.broken.length > 0 && next.broken.length === 0).toBe(false);
            if (w.broken.length > 0 === next.broken.length > 0)
              expect(w.priceEach).toBeLessThanOrEqual(next.priceEach);
          }
          const more = otherwise(brief({ ...hot(sourceC), quantity: quantity + 1 }));
          for (const w of ways)
            expect(more.find(m => m.process.key === w.process.key)!.priceEach).toBeLessThanOrEqual(
              w.priceEach,
            );
        },
      ),
    );
  });
  it('what is thicker than sheet is not cut from it', () => {
    const clear = { looks: { clear: true } };
    expect(would({ ...clear, geometry: { xMm: 60, yMm: 60, zMm: 20, volumeCm3: 40 } })).toEqual([
      'cut-acrylic',
    ]);
    expect(would({ ...clear, geometry: { xMm: 60, yMm: 60, zMm: 21, volumeCm3: 40 } })).toEqual([]);
  });
  it('a price limit counts', () => {
    const dear = otherwise(brief({ maxCostEach: 10 }));
    for (const w of dear) expect(w.priceEach > 10).toBe(w.broken.some(b => b.startsWith('it costs')));
  });
});
