import { describe, expect, it } from 'vitest';
import type { Gate } from '../../src/score/gate.js';
import { rank } from '../../src/score/rank.js';
import { brief, candidate } from '../cases.js';
import { gate, verdict } from './one-gate.js';

describe('a heat-set insert', () => {
  const pulled = (forceN: number, key: string, more: object = {}): Gate | undefined =>
    gate(
      { loads: [{ kind: 'short', case: 'insert', forceN, widthMm: 4.6, lengthMm: 5.7 }], ...more },
      key,
      'strength',
    );
  it('holds some 200 N in PETG, and comes out at a thousand', () => {
    expect(pulled(200, 'petg')?.verdict).toBe('pass');
    expect(pulled(1000, 'petg')?.verdict).toBe('fail');
  });
  it('holds less behind one wall', () => {
    const reserve = (walls: number): number => {
      const g = pulled(300, 'petg', { print: { walls } })!;
      return Number(g.have) / Number(g.need);
    };
    expect(reserve(1)).toBeLessThan(0.7 * reserve(4));
    expect(reserve(3)).toBeCloseTo(reserve(8), 9);
  });
  it('passes once it is as deep as the rescue says', () => {
    const { rescue, remedy } = pulled(1000, 'petg')!;
    expect(rescue).toBe(
      `passes with an insert ${remedy!.value as number} mm deep, or with 2 that share the pull`,
    );
    const loads = [{ kind: 'short', case: 'insert', forceN: 1000, widthMm: 4.6, lengthMm: remedy!.value }];
    expect(verdict({ loads }, 'petg', 'strength')).not.toBe('fail');
  });
  it('brings its caution', () => {
    const loads = [{ kind: 'short', case: 'insert', forceN: 100, widthMm: 4.6, lengthMm: 5.7 }];
    const said = candidate(rank(brief({ loads })), 'petg').cautions.join(' ');
    expect(said).toContain('set it in a jig');
  });
});

describe('a squeezed rubber', () => {
  const seal = { flex: { want: 'rubbery', shoreA: [80, 97] }, seal: 'water' };
  const set = (fields: object, key = 'tpu-95a'): Gate | undefined => gate({ ...seal, ...fields }, key, 'set');
  it('is asked for its set where it seals, and no other part is', () => {
    expect(set({})?.unit).toBe('of the squeeze stays');
    expect(set({ seal: 'none' })).toBeUndefined();
    expect(
      set({ seal: 'none', loads: [{ kind: 'sustained', case: 'clamp', stressMPa: 0.5 }] }),
    ).toBeUndefined();
    expect(gate({ seal: 'water' }, 'petg', 'set')).toBeUndefined();
  });
  it('keeps more of its squeeze the hotter and the longer', () => {
    const at = (partC: number, lifeYears: number): number =>
      Number(set({ lifeYears, heat: { setting: 'custom', partC } })?.have);
    expect(at(60, 5)).toBeGreaterThan(at(30, 5));
    expect(at(30, 10)).toBeGreaterThan(at(30, 1));
    expect(set({ lifeYears: 1 })?.verdict).toBe('pass');
    expect(set({ lifeYears: 10, heat: { setting: 'custom', partC: 80 } })?.verdict).toBe('fail');
  });
});
