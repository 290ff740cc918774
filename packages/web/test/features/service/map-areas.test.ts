import fc from 'fast-check';
import { parsePlaceMap } from '@hornblende/core/formats';
import { describe, expect, it } from 'vitest';
import { between, freshName, mapOfPlaces, moved, resized } from '../../../src/features/service/map/map-areas';
import { placesOf } from '../../../src/features/service/map/places-of';

const pond = { name: 'Pond', x: 0.1, y: 0.2, width: 0.3, height: 0.4 };

describe('places on a map', () => {
  it('stay on it, however far they are moved or drawn out', () => {
    const far = fc.double({ min: -3, max: 3, noNaN: true });
    fc.assert(
      fc.property(far, far, (dx, dy) => {
        for (const a of [moved(pond, dx, dy), resized(pond, dx, dy)])
          expect(() =>
            parsePlaceMap({ format: 'hornblende-map', version: 1, name: 'Map', areas: [a] }),
          ).not.toThrow();
      }),
    );
  });
  it('are moved as they are and sized at one corner', () => {
    expect(moved(pond, 0.2, -0.05)).toEqual({ ...pond, x: 0.3, y: 0.15 });
    expect(resized(pond, 0.2, -0.1)).toEqual({ ...pond, width: 0.5, height: 0.3 });
    expect(resized(pond, -1, -1)).toMatchObject({ width: 0.06, height: 0.06 });
  });
  it('are drawn from any corner to the one across, and not by a slip of the hand', () => {
    const box = { x: 0.2, y: 0.3, width: 0.4, height: 0.5 };
    expect(between({ x: 0.6, y: 0.8 }, { x: 0.2, y: 0.3 })).toEqual(box);
    expect(between({ x: 0.2, y: 0.8 }, { x: 0.6, y: 0.3 })).toEqual(box);
    expect(between({ x: 0.2, y: 0.3 }, { x: 0.22, y: 0.9 })).toBeNull();
  });
  it('take the name of a place that waits for one, or a name of their own', () => {
    expect(freshName(['Pond', 'Shed'], [pond])).toBe('Shed');
    expect(freshName(['Pond'], [pond])).toBe('Place 2');
    expect(freshName([], [{ ...pond, name: 'Place 2' }])).toBe('Place 3');
  });
  it('are laid out beside each other to begin with, whatever their number', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 90 }), count => {
        const map = mapOfPlaces(
          'All',
          Array.from({ length: count }, (_, n) => `Place ${n}`),
        );
        expect(parsePlaceMap(JSON.parse(JSON.stringify(map))).areas).toHaveLength(Math.min(60, count));
        for (const [n, a] of map.areas.entries())
          for (const b of map.areas.slice(n + 1)) {
            const apart = (from: number, size: number, other: number, its: number): boolean =>
              from + size <= other || other + its <= from;
            expect(apart(a.x, a.width, b.x, b.width) || apart(a.y, a.height, b.y, b.height)).toBe(true);
          }
      }),
    );
  });
  it('are those that parts are said to be at, those with most parts first', () => {
    const at = (where: string): never => ({ placement: { place: { where } } }) as never;
    expect(placesOf(['Shed', 'not said', 'Pond', 'Yard', 'Pond', 'not said'].map(at))).toEqual([
      'Pond',
      'Shed',
      'Yard',
    ]);
  });
});
