import { describe, expect, it } from 'vitest';
import { familyByKey } from '../src/materials/library.js';
import { rank } from '../src/score/rank.js';
import { parsePrinter, type Printer } from '../src/workshop/printer.js';
import { brief, candidate } from './cases.js';

const machine = (change: Partial<Printer>): Printer =>
  parsePrinter({
    format: 'hornblende-printer',
    version: 1,
    name: 'Machine',
    nozzleMaxC: 300,
    bedMaxC: 110,
    linerLimitC: null,
    nozzleMetal: 'hardened',
    plates: ['smooth-pei'],
    adhesives: ['glue-stick'],
    buildMm: [300, 300, 300],
    dryerMaxC: 80,
    ...change,
  });
const slab = { xMm: 150, yMm: 150, zMm: 20 };
const cube = { xMm: 25, yMm: 25, zMm: 25 };

/** The chance that a part of a family lifts on a machine. */
function lifts(key: string, geometry: object, change: Partial<Printer> = {}): number {
  return candidate(rank(brief({ geometry }), { printer: machine(change) }), key).printing.pLift;
}
const warm = { chamber: 'enclosed' as const, chamberC: 45 };

describe('adhesion energies are set so that practice holds', () => {
  it('ABS: a slab lifts in open air, not in an enclosure; a small cube forgives', () => {
    expect(lifts('abs', slab)).toBeGreaterThanOrEqual(0.5);
    expect(lifts('abs', slab, warm)).toBeLessThanOrEqual(0.15);
    expect(lifts('abs', cube)).toBeLessThanOrEqual(0.3);
  });
  it.each(['pla', 'petg'])('%s of that size stays down', key =>
    expect(lifts(key, slab)).toBeLessThanOrEqual(0.05),
  );
  it('PC wants a hot chamber', () => {
    expect(lifts('pc', slab, warm)).toBeGreaterThanOrEqual(0.3);
    expect(lifts('pc', slab, { chamber: 'heated', chamberC: 70 })).toBeLessThanOrEqual(0.15);
  });
  it('PA6 on garolite is a gamble in an enclosure, PA12 far less of one', () => {
    const p6 = lifts('pa6', slab, { ...warm, plates: ['garolite'] });
    expect(p6).toBeGreaterThanOrEqual(0.15);
    expect(p6).toBeLessThanOrEqual(0.5);
    expect(lifts('pa12', slab, { ...warm, plates: ['garolite'] })).toBeLessThan(p6 / 2);
  });
  it('PP holds on its own tape and on nothing else', () => {
    expect(lifts('pp', slab, { adhesives: [] })).toBeGreaterThanOrEqual(0.9);
    expect(lifts('pp', slab, { adhesives: ['pp-tape'] })).toBeLessThanOrEqual(0.2);
  });
  it('fibres keep their plastic down', () => {
    for (const [filled, plain] of [
      ['asa-cf', 'asa'],
      ['pa6-cf', 'pa6'],
      ['pa12-cf', 'pa12'],
    ] as const)
      expect(lifts(filled, slab), filled).toBeLessThan(lifts(plain, slab) + 1e-9);
  });
  it('a bed too cold and a part at its rim hold less', () => {
    expect(lifts('abs', slab, { ...warm, bedMaxC: 80 })).toBeGreaterThan(lifts('abs', slab, warm));
    expect(lifts('abs', slab, { ...warm, buildMm: [160, 160, 200] })).toBeGreaterThan(
      lifts('abs', slab, warm),
    );
  });
  it('every family has a hold somewhere', () => {
    for (const c of rank(brief()).candidates)
      expect(familyByKey(c.material)?.adhesion, c.material).not.toEqual({});
  });
});
