import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Choice, ListOf, Nested, NumberMap, Quantity, Read, Text } from '../../src/input/fields.js';
import { instanceOf } from '../../src/input/instance-of.js';
import { InputError, parseInput } from '../../src/input/parse.js';

class Hole {
  widthMm!: number;
  shape = 'round';
}
class Plate {
  name!: string;
  thickMm: number | null = 3;
  middle: Hole | null = null;
  holes: Hole[] = [];
  weights: Record<string, number> = { cost: 1 };
}
/** A plate whose second name is written small. */
class NamedPlate extends Plate {
  second!: string;
}
// Tests are not compiled with decorators: here they are called.
const rule = { optional: true, nullable: true, doc: 'Something.' };
Quantity({ min: 0.1, max: 100, doc: 'Its width.' })(Hole.prototype, 'widthMm');
Choice(['round', 'slot'], rule)(Hole.prototype, 'shape');
Text({ maxLength: 20, doc: 'Its name.' })(Plate.prototype, 'name');
Quantity({ min: 0, max: 10, ...rule })(Plate.prototype, 'thickMm');
Nested(() => Hole, rule)(Plate.prototype, 'middle');
ListOf(() => Hole, { max: 5, optional: true, doc: 'Its holes.' })(Plate.prototype, 'holes');
NumberMap(['cost', 'looks'], { min: 0, max: 9, ...rule })(Plate.prototype, 'weights');
Read(sent => (typeof sent === 'string' ? sent.toLowerCase() : sent))(NamedPlate.prototype, 'second');

const problemOf = (plain: unknown): string => {
  try {
    parseInput(Plate, plain);
    return '';
  } catch (e) {
    const { field, message } = (e as InputError).problems[0]!;
    return `${field} ${message}`;
  }
};

describe('a plain object as an instance of its class', () => {
  it('keeps the defaults of what was not sent, in what is nested too', () => {
    const plate = instanceOf(Plate, { name: 'lid', thickMm: undefined, holes: [{ widthMm: 4 }] });
    expect(plate).toBeInstanceOf(Plate);
    expect(plate.holes[0]).toBeInstanceOf(Hole);
    expect(plate).toEqual({
      name: 'lid',
      thickMm: 3,
      middle: null,
      holes: [{ widthMm: 4, shape: 'round' }],
      weights: { cost: 1 },
    });
  });
  it('tells null from what was not sent', () => {
    expect(instanceOf(Plate, { name: 'lid', thickMm: null }).thickMm).toBeNull();
  });
  it('shares nothing with the sender, nor with another instance', () => {
    const sent = { name: 'lid', holes: [{ widthMm: 4 }], weights: { looks: 2 } };
    const one = instanceOf(Plate, sent);
    const other = instanceOf(Plate, { name: 'foot' });
    one.holes[0]!.widthMm = 9;
    one.weights['looks'] = 5;
    other.weights['cost'] = 7;
    expect(sent).toEqual({ name: 'lid', holes: [{ widthMm: 4 }], weights: { looks: 2 } });
    expect(new Plate().weights).toEqual({ cost: 1 });
  });
  it('takes a field in its own way, and those of its parents in theirs', () => {
    const plate = instanceOf(NamedPlate, { name: 'Lid', second: 'COVER', middle: { widthMm: 2 } });
    expect(plate.second).toBe('cover');
    expect(plate.name).toBe('Lid');
    expect(plate.middle).toBeInstanceOf(Hole);
  });
  it('leaves it to the checks to refuse what has the wrong shape, with its field', () => {
    expect(problemOf({ name: 'lid', middle: [{ widthMm: 4 }] })).toBe('middle must be an object, or null');
    expect(problemOf({ name: 'lid', middle: 4 })).toBe('middle must be an object, or null');
    expect(problemOf({ name: 'lid', holes: { widthMm: 4 } })).toBe(
      'holes must be a list of at most 5 entries',
    );
    expect(problemOf({ name: 'lid', holes: [[{ widthMm: 4 }]] })).toBe(
      'holes must be a list of at most 5 entries',
    );
    expect(problemOf({ name: 'lid', holes: [{ widthMm: 4, deep: 1 }] })).toBe(
      'holes[0].deep is not a field of this format',
    );
    expect(problemOf({ name: 'lid', holes: [{ widthMm: 4 }] })).toBe('');
  });
  it('gives back what was read once already, for any plate', () => {
    const hole = fc.record({
      widthMm: fc.integer({ min: 1, max: 100 }),
      shape: fc.constantFrom('round', 'slot'),
    });
    const plate = fc.record(
      {
        name: fc.constantFrom('lid', 'foot'),
        thickMm: fc.option(fc.integer({ min: 0, max: 10 })),
        middle: fc.option(hole),
        holes: fc.array(hole, { maxLength: 5 }),
        weights: fc.dictionary(fc.constantFrom('cost', 'looks'), fc.integer({ min: 0, max: 9 })),
      },
      { requiredKeys: ['name'] },
    );
    fc.assert(
      fc.property(plate, plain => {
        const once = parseInput(Plate, plain);
        expect(once).toMatchObject(plain);
        expect(parseInput(Plate, JSON.parse(JSON.stringify(once)))).toEqual(once);
      }),
    );
  });
});
