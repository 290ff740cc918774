import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parseBrief } from '../../src/brief/parse-brief.js';
import { InputError } from '../../src/input/input-error.js';
import { requireWellFormed } from '../../src/input/well-formed.js';

describe('what no format has', () => {
  it('is named with its place', () => {
    const fieldOf = (plain: unknown): string => {
      try {
        requireWellFormed(plain);
        return '';
      } catch (e) {
        return (e as InputError).problems[0]!.field;
      }
    };
    expect(fieldOf(JSON.parse('{"a":[{"b":1},{"__proto__":2}]}'))).toBe('a[1].__proto__');
    expect(fieldOf({ a: { constructor: 1 } })).toBe('a.constructor');
    expect(fieldOf({ a: ['x', 'y\0'] })).toBe('a[1]');
    // A list that begins with a number may hold anything after it.
    expect(fieldOf(JSON.parse('[1,{"constructor":5}]'))).toBe('[1].constructor');
    for (const name of ['valueOf', 'toString', 'hasOwnProperty', 'isPrototypeOf'])
      expect(fieldOf({ weights: { [name]: 1 } })).toBe(`weights.${name}`);
    expect(fieldOf('\0')).toBe('(input)');
    expect(fieldOf({ a: { b: [1, 2, null, true] } })).toBe('');
  });
  it('nesting without end is refused, however deep, without running out of stack', () => {
    let deep: object = {};
    for (let i = 0; i < 100_000; i++) deep = { a: deep };
    expect(() => requireWellFormed(deep)).toThrow('must not nest more than');
    expect(() => parseBrief(deep)).toThrow(InputError);
  });
  it('a list where an object belongs is refused at its field', () => {
    const problem = (loads: unknown): string => {
      try {
        parseBrief({ format: 'hornblende-brief', version: 1, name: 'x', loads });
        return '';
      } catch (e) {
        return (e as InputError).problems[0]!.field;
      }
    };
    expect(problem([[]])).toBe('loads');
    expect(problem([null])).toMatch(/^loads/);
    expect(problem([])).toBe('');
  });
  it('any other JSON passes', () => {
    const refused = [...Object.getOwnPropertyNames(Object.prototype), 'prototype', '\\u0000'];
    fc.assert(
      fc.property(fc.json({ maxDepth: 6, noUnicodeString: false } as object), text => {
        // Chance finds such names as well: "toString" is one.
        fc.pre(!refused.some(name => text.includes(name)));
        expect(() => requireWellFormed(JSON.parse(text))).not.toThrow();
      }),
    );
  });
});
