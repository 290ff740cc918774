import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parseBrief } from '../../src/brief/parse-brief.js';
import type { Family } from '../../src/materials/family.js';
import { gradeFamily } from '../../src/materials/grade-family.js';
import { parseGrade } from '../../src/materials/grade-parse.js';
import { familyByKey } from '../../src/materials/library.js';
import { warpCalibrate, type MeasuredBar } from '../../src/models/warp-calibrate.js';
import {
  barBowMm,
  barDoubts,
  barErrorMm,
  barPredictedMm,
  warpCalibrationFor,
  warpCalibrationOf,
} from '../../src/print/warp-calibration.js';
import { calculate } from '../../src/registry.js';
import { rank } from '../../src/score/rank.js';
import { parsePrinter, type Printer } from '../../src/workshop/printer.js';
import type { WarpBar } from '../../src/workshop/warp-bar.js';
import { chance } from '../../src/lib/random.js';

/** Bars that bow a known number of times as much as they should, with noise between them. */
function synthetic(
  seed: number,
  { scale, bars, noise, exponent = 0.3, light = 0.3, heavy = 0.3 }: Record<string, number>,
): MeasuredBar[] {
  const source = chance(seed);
  // The first draws of neighbouring seeds are alike.
  for (let i = 0; i < 8; i++) source.uniform();
  // Box and Muller: a normal deviate of two even ones.
  const normal = (): number =>
    Math.sqrt(-2 * Math.log(1 - source.uniform())) * Math.cos(2 * Math.PI * source.uniform());
  return Array.from({ length: bars! }, (_, i) => {
    const solidFraction = i % 2 ? light : heavy;
    const predictedMm = 0.5 * (solidFraction / 0.3) ** 0.3;
    const measuredMm = 0.5 * scale! * (solidFraction / 0.3) ** exponent * Math.exp(noise! * normal());
    return { predictedMm, measuredMm, solidFraction, errorMm: 0.02 };
  });
}

describe('a machine’s own scale', () => {
  it.each([
    { scale: 1.4, bars: 6, noise: 0.12 },
    { scale: 0.6, bars: 4, noise: 0.1 },
    { scale: 1.8, bars: 8, noise: 0.2 },
  ])('is recovered within its interval in 95 of 100 seeds: %o', known => {
    const hits = Array.from({ length: 100 }, (_, seed) => warpCalibrate(synthetic(seed + 1, known))).filter(
      r => r.scaleLow <= known.scale && known.scale <= r.scaleHigh,
    );
    expect(hits.length).toBeGreaterThanOrEqual(95);
  });
  it('finds the power of the solid fraction where light and heavy bars are both there', () => {
    const known = { scale: 1.3, bars: 10, noise: 0.1, exponent: 0.7, light: 0.15, heavy: 0.9 };
    const fits = Array.from({ length: 100 }, (_, seed) => warpCalibrate(synthetic(seed + 1, known)));
    expect(fits.every(r => r.fitsExponent)).toBe(true);
    const hits = fits.filter(r => r.exponentLow <= 0.7 && 0.7 <= r.exponentHigh);
    expect(hits.length).toBeGreaterThanOrEqual(95);
    const mean = fits.reduce((s, r) => s + r.solidExponent, 0) / fits.length;
    expect(mean).toBeGreaterThan(0.6);
    expect(warpCalibrate(synthetic(1, { scale: 1, bars: 4, noise: 0.1 }))).toMatchObject({
      fitsExponent: false,
      solidExponent: 0.3,
    });
  });
  it('stays near 1 with few bars, and follows many', () => {
    const one = warpCalibrate(synthetic(1, { scale: 2, bars: 1, noise: 0 }));
    expect(one.scale).toBeLessThan(2);
    expect(one.scaleLow).toBeLessThan(1.5);
    expect(warpCalibrate(synthetic(1, { scale: 2, bars: 30, noise: 0.02 })).scale).toBeCloseTo(2, 1);
    expect(warpCalibrate([])).toMatchObject({ scale: 1, outliers: [] });
  });
  it('shows a bar gone wrong, counts it for little, and drops none', () => {
    const bars = synthetic(5, { scale: 1.2, bars: 7, noise: 0.04 });
    const clean = warpCalibrate(bars);
    const wrong = warpCalibrate([...bars, { ...bars[0]!, measuredMm: 5 }]);
    expect(wrong.outliers).toEqual([7]);
    expect(Math.abs(Math.log(wrong.scale / clean.scale))).toBeLessThan(0.12);
  });
  it('grows with what is measured', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 3, noNaN: true }), fc.integer({ min: 1, max: 9 }), (mm, n) => {
        const bars = (x: number): MeasuredBar[] =>
          Array.from({ length: n }, () => ({
            predictedMm: 0.5,
            measuredMm: x,
            solidFraction: 0.3,
            errorMm: 0.02,
          }));
        expect(warpCalibrate(bars(1.1 * mm)).scale).toBeGreaterThan(warpCalibrate(bars(mm)).scale);
      }),
    );
  });
  it('is a model that shows its working', () => {
    const answer = calculate('warp.calibrate', {
      bars: [
        { predictedMm: 0.5, measuredMm: 0.6 },
        { predictedMm: 0.5, measuredMm: 0.65 },
      ],
    });
    expect(answer.steps.map(s => s.symbol)).toEqual(['ln r_1', 'ln r_2', 's', 'k']);
    expect(() => calculate('warp.calibrate', { bars: [{ predictedMm: 0, measuredMm: 1 }] })).toThrow(
      /predictedMm/,
    );
  });
});

const bar = (change: Partial<WarpBar> = {}): WarpBar => ({
  family: 'abs',
  grade: null,
  at: '2026-10-01',
  lengthMm: 150,
  heightMm: 10,
  solidFraction: 0.3,
  bedC: 100,
  chamberC: 40,
  endAMm: [10.9, 11.1],
  endBMm: [11.2],
  middleMm: [10.1],
  resolutionMm: 0.02,
  note: '',
  ...change,
});

describe('a bar', () => {
  it('bows by its ends over its middle, with the error of its readings', () => {
    expect(barBowMm(bar())).toBeCloseTo(1, 9);
    // One reading: the caliper's step alone; (s²/12)·(2/4 + 1).
    const single = bar({ endAMm: [11], resolutionMm: 0.12 });
    expect(barErrorMm(single)).toBeCloseTo(Math.sqrt((0.12 ** 2 / 12) * 1.5), 9);
    expect(barErrorMm(bar())).toBeGreaterThan(barErrorMm(bar({ endAMm: [11, 11] })));
  });
  it('is asked about where its readings are odd, and never dropped', () => {
    expect(barDoubts(bar())).toEqual([]);
    expect(barDoubts(bar({ middleMm: [12] }))[0]).toContain('upside down');
    expect(barDoubts(bar({ endAMm: [254], endBMm: [254] }))[0]).toContain('another unit');
    expect(barDoubts(bar({ endAMm: [14], endBMm: [10.1] })).join()).toContain('only one corner');
    expect(barDoubts(bar({ endAMm: [11, 16] })).join()).toContain('a slip');
  });
});

describe('a printer with bars of its own', () => {
  const profile = (warpBars: WarpBar[]): Printer =>
    parsePrinter({
      format: 'hornblende-printer',
      version: 1,
      name: 'Cabinet',
      chamber: 'enclosed',
      chamberC: 40,
      warpBars,
    });
  const brief = parseBrief({
    format: 'hornblende-brief',
    version: 1,
    name: 'Lid',
    geometry: { xMm: 150, yMm: 60, zMm: 10 },
  });
  const abs = familyByKey('abs')!;
  const predicted = barPredictedMm(bar(), abs);
  const twice = profile(
    Array.from({ length: 8 }, () =>
      bar({ endAMm: [10 + 2 * predicted], endBMm: [10 + 2 * predicted], middleMm: [10] }),
    ),
  );

  it('warps more in every ranking from then on, and only in what was measured', () => {
    const bowOf = (p: Printer, key: string): number =>
      rank(brief, { printer: p, families: [familyByKey(key)!] }).candidates[0]!.criteria.find(
        c => c.id === 'warp',
      )!.value;
    const scale = warpCalibrationOf(twice, 'abs')!.scale;
    expect(scale).toBeGreaterThan(1.9);
    expect(bowOf(twice, 'abs')).toBeCloseTo(scale * bowOf(profile([]), 'abs'), 9);
    expect(bowOf(twice, 'petg')).toBe(bowOf(profile([]), 'petg'));
    const lift = (p: Printer): number =>
      rank(brief, { printer: p, families: [abs] }).candidates[0]!.printing.pLift;
    expect(lift(twice)).toBeGreaterThan(lift(profile([])));
  });
  it('says nothing of a family without bars, or where nothing bowed', () => {
    expect(warpCalibrationOf(twice, 'pla')).toBeNull();
    expect(
      warpCalibrationOf(profile([bar({ endAMm: [10], endBMm: [10], middleMm: [10] })]), 'abs'),
    ).toBeNull();
  });
  it('refuses a bar that cannot be, by its place', () => {
    expect(() => profile([bar({ lengthMm: 1 })])).toThrow(
      /warpBars\[0\]\.lengthMm: 1 must be a number from 20/,
    );
    expect(() => profile([bar({ middleMm: [] })])).toThrow(/warpBars\[0\]\.middleMm/);
  });
});

describe('bars of several makers', () => {
  /** A bar that bows so many times what the model says of the usual one. */
  const times = (factor: number, grade: string | null): WarpBar => {
    const mm = factor * barPredictedMm(bar(), familyByKey('abs')!);
    return bar({ grade, endAMm: [10 + mm], endBMm: [10 + mm], middleMm: [10] });
  };
  const cabinet = (warpBars: WarpBar[]): Printer =>
    parsePrinter({ format: 'hornblende-printer', version: 1, name: 'Cabinet', warpBars });
  const made = (key: string): Family => gradeFamily(parseGrade({ ...own, key, name: key }));
  const own = { format: 'hornblende-grade', version: 1, family: 'abs' };
  const scale = (p: Printer, f: Family): number => warpCalibrationFor(p, f)!.scale;
  const abs = familyByKey('abs')!;

  it('leave with a grade what was measured of it, and move the family only as far as several agree', () => {
    const one = cabinet([times(2, 'fell-abs'), times(2, 'fell-abs'), times(2.1, 'fell-abs')]);
    const three = cabinet(['fell-abs', 'moor-abs', 'tarn-abs'].flatMap(g => [times(2, g), times(2.05, g)]));
    expect(scale(one, made('fell-abs'))).toBeGreaterThan(1.6);
    expect(scale(one, abs)).toBeLessThan(scale(one, made('fell-abs')));
    expect(scale(three, abs)).toBeGreaterThan(scale(one, abs));
    // Of another maker nobody knows more than of the family, and that less surely.
    const { scale: other, scaleLow } = warpCalibrationFor(one, made('beck-abs'))!;
    expect(other).toBeCloseTo(scale(one, abs), 9);
    expect(scaleLow).toBeLessThan(warpCalibrationFor(one, abs)!.scaleLow);
  });
  it('of makers that nobody named are the family’s, as before', () => {
    const plain = cabinet([times(1.5, null), times(1.6, null)]);
    expect(scale(plain, made('fell-abs'))).toBe(scale(plain, abs));
  });
});
