import { describe, expect, it } from 'vitest';
import { volumeQuantiles } from '../../src/field/index.js';

describe('what hundredths of a volume stay under', () => {
  it('is the values in order where all cells are alike', () => {
    const found = volumeQuantiles(
      Float32Array.from({ length: 100 }, (_, i) => 99 - i),
      new Float64Array(100).fill(2),
    );
    expect(found).toHaveLength(101);
    expect(found[0]).toBe(0);
    expect(found[1]).toBe(0);
    expect(found[50]).toBe(49);
    expect(found[100]).toBe(99);
  });
  it('counts large cells for what they are', () => {
    const found = volumeQuantiles(Float32Array.of(5, 1), Float64Array.of(1, 9));
    expect(found[90]).toBe(1);
    expect(found[91]).toBe(5);
  });
  it('is one value for one cell, and rises otherwise', () => {
    expect(new Set(volumeQuantiles(Float32Array.of(7), Float64Array.of(3)))).toEqual(new Set([7]));
    const some = volumeQuantiles(Float32Array.of(3, 9, 4, 1), Float64Array.of(0.3, 0.1, 2, 1));
    expect([...some].sort((a, b) => a - b)).toEqual(some);
  });
});
