import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { peakOf } from '../../src/field/stress.js';

/** The value under which 99.9 % of the volume stays, with all cells put in order. */
function inOrder(values: Float32Array, volumes: Float64Array): number {
  const order = [...values.keys()].sort((a, b) => values[a]! - values[b]!);
  const whole = volumes.reduce((s, v) => s + v, 0);
  return values[
    order.find((_, k) => order.slice(k + 1).reduce((s, c) => s + volumes[c]!, 0) <= 0.001 * whole)!
  ]!;
}
const place = (c: number): [number, number, number] => [c, 0, 0];

describe('the stress that 99.9 % of a volume stays under', () => {
  it('is that of all cells in order, however they are spread', () =>
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.double({ min: 0, max: 50, noNaN: true }), fc.integer({ min: 1, max: 8 })), {
          minLength: 1,
          maxLength: 400,
        }),
        fc.integer({ min: 1, max: 12 }),
        (cells, times) => {
          const many = Array.from({ length: times }, () => cells).flat();
          const values = Float32Array.from(many, ([v]) => v);
          const volumes = Float64Array.from(many, ([, v]) => v);
          const peak = peakOf(values, volumes, place);
          expect(peak.MPa).toBe(inOrder(values, volumes));
          expect(peak.worstMPa).toBe(Math.max(...values));
          expect(values[peak.atMm[0]]).toBe(peak.worstMPa);
        },
      ),
      { numRuns: 60 },
    ));
  it('leaves out the one cell in a thousand, and no second one', () => {
    const values = Float32Array.from({ length: 1000 }, (_, i) => i);
    expect(peakOf(values, new Float64Array(1000).fill(1), place).MPa).toBe(998);
  });
  it('is nothing where nothing is borne', () => {
    expect(peakOf(new Float32Array(5), new Float64Array(5).fill(1), place)).toMatchObject({
      MPa: 0,
      worstMPa: 0,
    });
  });
});
