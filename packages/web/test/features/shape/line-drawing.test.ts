import { describe, expect, it } from 'vitest';
import { boxEdges, lineDrawing, seen } from '../../../src/features/shape/line-drawing';
import { upright } from '../../../src/features/shape/useStageContent';

describe('a drawing in lines', () => {
  it('has twelve lines for a box, and room around them', () => {
    const { path, box } = lineDrawing(boxEdges(60, 40, 20), upright);
    expect(path.match(/M/g)).toHaveLength(12);
    expect(path.match(/L/g)).toHaveLength(12);
    const [left, top, wide, high] = box.split(' ').map(Number);
    const points = [...path.matchAll(/[ML](-?[\d.]+) (-?[\d.]+)/g)].map(([, x, y]) => [Number(x), Number(y)]);
    for (const [x, y] of points) {
      expect(x!).toBeGreaterThan(left!);
      expect(x!).toBeLessThan(left! + wide!);
      expect(y!).toBeGreaterThan(top!);
      expect(y!).toBeLessThan(top! + high!);
    }
  });
  it('shows what stands higher further up, and what lies to the right further right', () => {
    expect(seen([0, 0, 10])[1]).toBeLessThan(seen([0, 0, 0])[1]);
    expect(seen([10, 0, 0])[0]).toBeGreaterThan(seen([0, 0, 0])[0]);
    // What lies further back is seen further up: one looks from above.
    expect(seen([0, 10, 0])[1]).toBeLessThan(seen([0, 0, 0])[1]);
  });
  it('follows the way that the part lies', () => {
    const turned = lineDrawing(boxEdges(60, 40, 20), [
      [0, 0, 1],
      [1, 0, 0],
      [0, 1, 0],
    ]);
    expect(turned.path).not.toBe(lineDrawing(boxEdges(60, 40, 20), upright).path);
  });
  it('is empty where there is nothing to draw', () => {
    expect(lineDrawing(new Float32Array(), upright)).toEqual({ path: '', under: '', box: '0 0 1 1' });
  });
  it('holds what is drawn lightly under it in the same box', () => {
    const small = boxEdges(10, 10, 10);
    const large = boxEdges(30, 10, 10);
    const both = lineDrawing(small, upright, large);
    expect(both.box).toBe(lineDrawing(large, upright).box);
    expect(both.under).toBe(lineDrawing(large, upright).path);
    expect(both.path).toBe(lineDrawing(small, upright).path);
  });
});
