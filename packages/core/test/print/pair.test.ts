import { describe, expect, it } from 'vitest';
import { gradeFamily } from '../../src/materials/grade-family.js';
import { parseGrade } from '../../src/materials/grade-parse.js';
import { families, familyByKey } from '../../src/materials/library.js';
import { plasticKindOf } from '../../src/materials/plastic-kind.js';
import { printPair, solubleSupports } from '../../src/print/pair.js';
import { calculate } from '../../src/registry.js';

const pair = (a: string, b: string, lengthMm = 50): ReturnType<typeof printPair> =>
  printPair(familyByKey(a)!, familyByKey(b)!, lengthMm);

describe('print.pair', () => {
  it('two of one kind weld; PLA and PP do not', () => {
    expect(pair('abs', 'asa')).toMatchObject({ bond: 'welds', verdict: 'good' });
    expect(pair('pla', 'pp')).toMatchObject({ bond: 'none', verdict: 'no' });
    expect(pair('pla', 'tpu-95a').bond).toBe('holds');
  });
  it('soluble supports: PVA for PLA, not for ABS in its warm cabinet', () => {
    expect(pair('pla', 'pva')).toMatchObject({ soluble: true });
    expect(pair('pla', 'pva').verdict).not.toBe('no');
    expect(solubleSupports(familyByKey('pla')!).map(f => f.key)).toContain('pva');
    expect(solubleSupports(familyByKey('peek')!)).toEqual([]);
  });
  it('a grade welds as its family does', () => {
    const own = gradeFamily(
      parseGrade({
        format: 'hornblende-grade',
        version: 1,
        key: 'fell-asa',
        name: 'Fell ASA',
        family: 'asa',
      }),
    );
    expect(printPair(own, familyByKey('abs')!, 50)).toMatchObject({ bond: 'welds', verdict: 'good' });
    expect(() => solubleSupports(own)).not.toThrow();
  });
  it('windows that lie apart are said', () => {
    const hot = pair('pla', 'peek');
    expect(hot).toMatchObject({ nozzleC: null, verdict: 'no' });
    expect(hot.reasons.join(' ')).toContain('No nozzle temperature suits both');
  });
  it('the mismatch is the difference of what each contracts, α·(T_s − 23) and its crystals, over the seam', () => {
    const of = (key: string): number => {
      const p = familyByKey(key)!.properties;
      return (
        p.alphaPerK!.typical * (p.solidificationC!.typical - 23) + (p.crystallisationStrain?.typical ?? 0)
      );
    };
    expect(pair('pla', 'abs', 100).mismatchMm).toBeCloseTo(100 * Math.abs(of('abs') - of('pla')), 9);
    expect(pair('abs', 'abs', 100).mismatchMm).toBe(0);
    const answer = calculate('print.pair', { first: 'pla', second: 'abs', lengthMm: 100 });
    expect(answer.steps.at(-1)?.value).toBeCloseTo(pair('pla', 'abs', 100).mismatchMm, 9);
  });
  it('is the same either way round, and known for every family', () => {
    for (const a of families) {
      expect(plasticKindOf(a.key)).toBeTruthy();
      for (const b of families) {
        const x = printPair(a, b, 50);
        const y = printPair(b, a, 50);
        expect([x.bond, x.verdict, x.mismatchMm]).toEqual([y.bond, y.verdict, y.mismatchMm]);
      }
    }
  });
});

describe('the seam of two filaments', () => {
  it('is no stronger than the weaker one across its layers, and the weaker the bond the weaker it is', () => {
    const across = (key: string): number => {
      const p = familyByKey(key)!.properties;
      return p.yieldMPa!.typical * p.zRatio!.typical;
    };
    for (const a of families)
      for (const b of families) {
        const { seam, bond } = printPair(a, b, 50);
        if (bond === 'none') {
          expect(seam).toEqual({ breaksMPa: null, carriesMPa: 0 });
          continue;
        }
        const { low, typical, high } = seam.breaksMPa!;
        expect(low).toBeLessThan(typical);
        expect(typical).toBeLessThan(high);
        expect(high).toBeLessThanOrEqual(Math.min(across(a.key), across(b.key)) + 1e-9);
        expect(seam.carriesMPa).toBeCloseTo(low / 2, 12);
      }
    expect(pair('abs', 'asa').seam.breaksMPa!.low).toBeGreaterThan(
      pair('abs', 'tpu-95a').seam.breaksMPa!.high,
    );
    expect(pair('pla', 'tpu-95a').seam.carriesMPa).toBeGreaterThan(pair('pla', 'petg').seam.carriesMPa);
  });
  it('is told in newtons a square centimetre, and worked out step by step', () => {
    const { seam, reasons } = pair('pla', 'tpu-95a');
    const newtons = /1 cm² of it carry ([\d.]+) N/.exec(reasons.join(' '))!;
    expect(Number(newtons[1])).toBeCloseTo(seam.carriesMPa * 100, -0.5);
    const { steps } = calculate('print.pair', { first: 'pla', second: 'tpu-95a' });
    expect(steps.find(s => s.symbol === 'σ_seam')!.value).toBe(seam.breaksMPa!.typical);
    expect(calculate('print.pair', { first: 'pla', second: 'pp' }).steps.map(s => s.symbol)).not.toContain(
      'σ_seam',
    );
  });
});
