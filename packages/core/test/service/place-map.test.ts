import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parsePlaceMap, type PlaceMap } from '../../src/formats.js';
import { InputError } from '../../src/input/parse.js';
import { mapMarks } from '../../src/service/index.js';

const map = (change: object = {}): object => ({
  ...{ format: 'hornblende-map', version: 1, name: 'Garden' },
  ...change,
});
const area = (name: string, change: object = {}): PlaceMap['areas'][number] => ({
  ...{ name, x: 0.1, y: 0.1, width: 0.4, height: 0.4 },
  ...change,
});
function problemsOf(change: object): [string, string][] {
  try {
    parsePlaceMap(map(change));
    return [];
  } catch (e) {
    return (e as InputError).problems.map(p => [p.field, p.message]);
  }
}

describe('a map of places', () => {
  it('is a blank sheet where nothing else is said', () => {
    expect(parsePlaceMap(map())).toMatchObject({ proportion: 1.6, photo: null, areas: [], spots: [] });
  });
  it('refuses places over its edge, and names that stand there twice', () => {
    expect(problemsOf({ areas: [area('Pond', { x: 0.75, width: 0.5 })] })).toEqual([
      ['areas[0].width', 'must end on the map, at most 0.25'],
    ]);
    expect(problemsOf({ areas: [area('Pond'), area('Pond')] })).toEqual([
      ['areas[1].name', 'stands there twice'],
    ]);
    const spot = { placementId: 'p', x: 0.5, y: 0.5 };
    expect(problemsOf({ spots: [spot, spot] })).toEqual([['spots[1].placementId', 'stands there twice']]);
    expect(problemsOf({ spots: [{ ...spot, x: 1.2 }] })).toEqual([
      ['spots[0].x', expect.stringContaining('1') as string],
    ]);
    expect(problemsOf({ photo: { sha256: 'no hash' } })).toEqual([
      ['photo.sha256', 'must be 64 hexadecimal figures'],
    ]);
  });
});

describe('the parts on a map', () => {
  const parts = [
    { id: 'a', where: 'Pond' },
    { id: 'b', where: 'Pond' },
    { id: 'c', where: 'Shed' },
    { id: 'd', where: 'Shed' },
  ];
  it('stand in the area of their place, unless they were put elsewhere; the others are off', () => {
    const drawn = parsePlaceMap(
      map({
        areas: [area('Pond')],
        spots: [
          { placementId: 'b', x: 0.9, y: 0.8 },
          { placementId: 'gone', x: 0, y: 0 },
        ],
      }),
    );
    const { marks, off } = mapMarks(drawn, parts);
    expect(marks).toEqual([
      { id: 'b', x: 0.9, y: 0.8, put: true, room: 0.14 },
      {
        id: 'a',
        x: expect.closeTo(0.3, 9) as number,
        y: expect.closeTo(0.1 + 0.4 * 0.64, 9) as number,
        put: false,
        room: expect.closeTo(0.4, 9) as number,
      },
    ]);
    expect(off).toEqual(['c', 'd']);
  });
  it('are as far apart as the area lets them, side by side in a wide one and below each other in a tall one', () => {
    const four = parts.map(p => ({ ...p, where: 'Pond' }));
    const laid = (proportion: number, change: object): { rows: number; columns: number } => {
      const { marks } = mapMarks(parsePlaceMap(map({ proportion, areas: [area('Pond', change)] })), four);
      return { rows: new Set(marks.map(m => m.y)).size, columns: new Set(marks.map(m => m.x)).size };
    };
    expect(laid(4, { width: 0.9, height: 0.2 })).toEqual({ rows: 1, columns: 4 });
    expect(laid(0.25, { width: 0.2, height: 0.9 })).toEqual({ rows: 4, columns: 1 });
    expect(laid(1, { width: 0.5, height: 0.6 })).toEqual({ rows: 2, columns: 2 });
  });
  it('always stand within their area, each in a place of its own', () => {
    const share = fc.double({ min: 0.05, max: 0.5, noNaN: true });
    fc.assert(
      fc.property(
        ...[
          share,
          share,
          share,
          share,
          fc.integer({ min: 1, max: 40 }),
          fc.double({ min: 0.25, max: 4, noNaN: true }),
        ],
        (x, y, width, height, count, proportion) => {
          const drawn = parsePlaceMap(map({ proportion, areas: [area('Pond', { x, y, width, height })] }));
          const all = Array.from({ length: count }, (_, n) => ({ id: String(n), where: 'Pond' }));
          const { marks } = mapMarks(drawn, all);
          expect(new Set(marks.map(m => `${m.x} ${m.y}`)).size).toBe(count);
          for (const m of marks) {
            expect(m.x > x && m.x < x + width && m.y > y && m.y < y + height).toBe(true);
          }
        },
      ),
    );
  });
});
