import { describe, expect, it } from 'vitest';
import { cellEdgeMm, thinWarnings } from '../../src/field/cell-size.js';
import { extent } from '../../src/geometry/index.js';
import { box } from '../geometry/shapes.js';
import { bar, shape } from './solid-shapes.js';

const none = { cellMm: null, cells: null };
const brick = extent(bar(60, 40, 25).positions);
/** Two small cubes at the far corners of a large box. */
const spread = extent(shape([...box(5, 5, 5), ...box(5, 5, 5, [400, 400, 400])]).positions);

describe('the edge of a cell', () => {
  it('is what is asked for, in mm or by the number of cells', () => {
    expect(cellEdgeMm(brick, 5, { cellMm: 2, cells: null })).toBe(2);
    expect(cellEdgeMm(brick, 5, { cellMm: null, cells: 1000 })).toBeCloseTo(Math.cbrt(60), 9);
  });
  it('gives the thinnest wall three, but a part no more than 60 000 and no fewer than 20 000 in all', () => {
    expect(cellEdgeMm(brick, 3.6, none)).toBeCloseTo(1.2, 9);
    expect(cellEdgeMm(brick, 0.5, none)).toBeCloseTo(1, 9);
    expect(cellEdgeMm(brick, 25, none)).toBeCloseTo(Math.cbrt(3), 9);
    expect(cellEdgeMm(brick, null, none)).toBeCloseTo(1, 9);
  });
  it('keeps a spread-out shape within the room that a machine has', () => {
    const edge = cellEdgeMm(spread, null, none);
    expect(edge).toBeGreaterThan(Math.cbrt(spread.volumeMm3 / 60_000));
    expect((405 / edge) ** 3).toBeLessThanOrEqual(1_500_001);
    expect(() => cellEdgeMm(spread, null, { cellMm: 1, cells: null })).toThrow(/at least 3.54 mm is allowed/);
  });
  it('warns of walls of fewer than two cells, and of no others', () => {
    expect(thinWarnings(1.9, 1)[0]).toContain('1.9 mm, has fewer than two cells');
    expect(thinWarnings(2, 1)).toEqual([]);
    expect(thinWarnings(null, 1)).toEqual([]);
  });
});
