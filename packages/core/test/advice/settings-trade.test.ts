import { describe, expect, it } from 'vitest';
import {
  settingsPoint,
  settingsToTry,
  settingsTrade,
  wallsAgainstInfill,
} from '../../src/advice/settings-trade.js';
import { parseBrief } from '../../src/brief/parse-brief.js';
import { familyByKey } from '../../src/materials/library.js';

const petg = familyByKey('petg')!;
const bar = (height: number, print: object = {}): ReturnType<typeof parseBrief> =>
  parseBrief({
    format: 'hornblende-brief',
    version: 1,
    name: 'Bar',
    print,
    geometry: { xMm: 100, yMm: 20, zMm: height, volumeCm3: 2 * height },
    loads: [{ kind: 'short', case: 'cantilever', forceN: 10, lengthMm: 80, widthMm: 20, heightMm: height }],
  });

describe('settings traded', () => {
  const points = settingsTrade(bar(15), petg, null);
  it('mark what nothing beats, and only that', () => {
    const worse = (a: (typeof points)[0], b: (typeof points)[0]): boolean =>
      b.massG <= a.massG + 1e-9 &&
      b.minutes <= a.minutes + 1e-9 &&
      b.strength >= a.strength - 1e-9 &&
      b.stiffness >= a.stiffness - 1e-9 &&
      (b.massG < a.massG - 1e-3 || b.minutes < a.minutes - 1e-3 || b.strength > a.strength + 1e-3);
    for (const p of points.filter(x => x.undominated)) expect(points.some(o => worse(p, o))).toBe(false);
    expect(points.some(p => !p.undominated)).toBe(true);
    expect(points.filter(p => p.current)).toHaveLength(1);
  });
  it('hold the settings of the brief where they are none of the usual', () => {
    const odd = settingsTrade(bar(15, { walls: 7, infill: 0.33 }), petg, null);
    expect(odd.length).toBe(points.length + 1);
    expect(odd.find(p => p.current)).toMatchObject({ walls: 7, infill: 0.33 });
  });
  it('never make it weaker, softer or lighter with more walls or infill', () => {
    for (const infill of [0.1, 0.4, 1])
      for (const walls of [2, 3, 4, 5]) {
        const base = { infill, pattern: 'grid' as const, layerMm: 0.2 };
        const a = settingsPoint(bar(15), { ...base, walls }, petg, null);
        const b = settingsPoint(bar(15), { ...base, walls: walls + 1 }, petg, null);
        for (const k of ['massG', 'strength', 'stiffness'] as const)
          expect(b[k]).toBeGreaterThanOrEqual(a[k] - 1e-12);
      }
  });
  it('to be tried on the shape are few, lighter to heavier, each stronger than the last, with those of today', () => {
    for (const most of [2, 4, 6]) {
      const few = settingsToTry(points, most);
      expect(few.length).toBeLessThanOrEqual(most);
      expect(few.filter(p => p.current)).toHaveLength(1);
      expect(few.map(p => p.massG)).toEqual(few.map(p => p.massG).sort((a, b) => a - b));
      const others = few.filter(p => !p.current).map(p => p.strength);
      expect(others).toEqual([...others].sort((a, b) => a - b));
      expect(new Set(few.map(p => `${p.pattern} ${p.layerMm}`)).size).toBe(1);
    }
    const all = settingsToTry(points, 1000);
    expect(all[0]!.massG).toBeCloseTo(Math.min(...all.map(p => p.massG)), 9);
    expect(all.length).toBeGreaterThan(6);
  });
  it('keep the skin above and below as thick with thinner layers', () => {
    const thin = settingsPoint(bar(15), { walls: 3, infill: 0.2, pattern: 'grid', layerMm: 0.1 }, petg, null);
    const usual = settingsPoint(
      bar(15),
      { walls: 3, infill: 0.2, pattern: 'grid', layerMm: 0.2 },
      petg,
      null,
    );
    expect(thin.strength).toBeCloseTo(usual.strength, 9);
    expect(thin.minutes).toBeGreaterThan(usual.minutes);
  });
});

describe('walls against infill', () => {
  it('says what two more walls buy, and at what infill the same is had', () => {
    const w = wallsAgainstInfill(bar(15), petg, null);
    expect(w.infill).toBeGreaterThan(0.2);
    const same = settingsPoint(
      bar(15),
      { walls: 3, infill: w.infill!, pattern: 'grid', layerMm: 0.2 },
      petg,
      null,
    );
    const walls = settingsPoint(
      bar(15),
      { walls: 5, infill: 0.2, pattern: 'grid', layerMm: 0.2 },
      petg,
      null,
    );
    expect(same.strength).toBeCloseTo(walls.strength, 6);
    expect(w.sentence).toMatch(/^Two more walls make it \d+ % stronger for /);
  });
  it('says when they buy nothing', () => {
    expect(wallsAgainstInfill(bar(15, { walls: 30 }), petg, null).sentence).toContain('buy nothing');
  });
});
