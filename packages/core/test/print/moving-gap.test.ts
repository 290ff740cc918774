import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { familyByKey } from '../../src/materials/library.js';
import { MovingGapInput, movingGap, movingGapInput, movingGapSentence } from '../../src/print/moving-gap.js';
import { calculate } from '../../src/registry.js';
import { parsePrinter } from '../../src/workshop/printer.js';

const input = (fields: Partial<MovingGapInput> = {}): MovingGapInput =>
  Object.assign(new MovingGapInput(), fields);

describe('print.moving-gap', () => {
  it('as usual: 0.4 to 0.5 mm sideways and two layers upwards, as hinges printed in their places are drawn', () => {
    const gap = movingGap(input());
    expect(gap.sidewaysMm).toBeCloseTo(0.2 + 0.15 + 0.095, 9);
    expect(gap).toMatchObject({ upLayers: 2, upMm: 0.4 });
    const { result, steps } = calculate('print.moving-gap', {});
    expect(result).toEqual(gap);
    expect(steps.at(-1)?.value).toBe(gap.upMm);
  });
  it('is the wider the worse sizes are and the more it strings, and never shut', () => {
    fc.assert(
      fc.property(
        fc.record({
          errorMm: fc.double({ min: -0.5, max: 1, noNaN: true }),
          scatterMm: fc.double({ min: 0, max: 1, noNaN: true }),
          stringing: fc.double({ min: 0, max: 1, noNaN: true }),
          layerMm: fc.double({ min: 0.04, max: 1, noNaN: true }),
        }),
        i => {
          const gap = movingGap(i);
          expect(gap.sidewaysMm).toBeGreaterThanOrEqual(0.05);
          expect(gap.upLayers).toBeGreaterThanOrEqual(2);
          const worse = movingGap({
            ...i,
            errorMm: i.errorMm + 0.1,
            stringing: Math.min(1, i.stringing + 0.2),
          });
          expect(worse.sidewaysMm).toBeGreaterThanOrEqual(gap.sidewaysMm);
        },
      ),
    );
  });
  it('follows gauges of the printer where there are any', () => {
    const pla = familyByKey('pla')!;
    const size = (kind: string, nominalMm: number, measuredMm: number): object => ({
      kind,
      nominalMm,
      measuredMm: [measuredMm, measuredMm],
    });
    const printer = parsePrinter({
      format: 'hornblende-printer',
      version: 1,
      name: 'Shed',
      gauges: [
        {
          family: 'pla',
          at: '2026-03-01',
          sizes: [
            size('outside', 20, 20.3),
            size('outside', 60, 60.2),
            size('hole', 10, 9.6),
            size('hole', 20, 19.6),
            size('height', 10, 10),
          ],
        },
      ],
    });
    const plain = movingGapInput(pla, null, 0.2);
    const measured = movingGapInput(pla, printer, 0.2);
    expect(plain.errorMm).toBe(0.2);
    expect(measured.errorMm).toBeGreaterThan(0.2);
    expect(movingGapSentence(pla, printer, 0.2)).toContain('from gauges printed here');
    expect(movingGapSentence(pla, null, 0.2)).toContain('That is usual');
  });
});
