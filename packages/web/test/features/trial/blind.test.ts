import { describe, expect, it } from 'vitest';
import { blindLetters, placesByOrder } from '../../../src/features/trial/aids/blind';

describe('pieces ranked blind', () => {
  it('have letters that are shuffled by the seed, and the same each time', () => {
    const materials = ['asa', 'petg', 'pla', 'abs', 'pc', 'pp'];
    const letters = blindLetters(materials, 7);
    expect([...letters.keys()]).toEqual(['A', 'B', 'C', 'D', 'E', 'F']);
    expect([...letters.values()].sort()).toEqual([...materials].sort());
    expect([...blindLetters(materials, 7)]).toEqual([...letters]);
    const orders = new Set([1, 2, 3, 4, 5].map(seed => [...blindLetters(materials, seed).values()].join()));
    expect(orders.size).toBeGreaterThan(1);
  });

  it('take their places from an order as it is said, ties shared', () => {
    const places = placesByOrder('c, a = B > d', ['A', 'B', 'C', 'D']) as Map<string, number>;
    expect(Object.fromEntries(places)).toEqual({ C: 1, A: 2, B: 2, D: 4 });
  });

  it('are asked again, in words, where a letter is unknown, twice there, or missing', () => {
    const letters = ['A', 'B', 'C'];
    expect(placesByOrder('A X B', letters)).toBe('“X” is none of A, B, C');
    expect(placesByOrder('A B A C', letters)).toBe('A stands there twice');
    expect(placesByOrder('A', letters)).toBe('B, C are missing');
  });
});
