import { describe, expect, it } from 'vitest';
import { measuringEffect } from '../../src/advice/measuring-effect.js';
import { parseBrief } from '../../src/brief/parse-brief.js';
import { familyByKey } from '../../src/materials/library.js';
import { accuracyGauge, type MeasuredSize } from '../../src/models/accuracy-gauge.js';
import { gaugeCalibrationFor, gaugeDoubts, usualShrinkPct } from '../../src/print/gauge-calibration.js';
import { printCard } from '../../src/records/card.js';
import { calculate } from '../../src/registry.js';
import { rank } from '../../src/score/rank.js';
import { usualGaugeSizes, type Gauge } from '../../src/workshop/gauge.js';
import { parsePrinter, type Printer } from '../../src/workshop/printer.js';
import { chance } from '../../src/lib/random.js';

/** A machine whose faults are known. */
interface Known {
  s: number;
  z: number;
  outside: number;
  hole: number;
  foot: number;
  noise: number;
}
const asa: Known = { s: 0.006, z: 0.004, outside: 0.06, hole: 0.16, foot: 0.03, noise: 0.03 };

/** Sizes of a gauge off that machine. */
function read(seed: number, k: Known, gauges = 1): MeasuredSize[] {
  const source = chance(seed);
  for (let i = 0; i < 8; i++) source.uniform();
  const normal = (): number =>
    Math.sqrt(-2 * Math.log(1 - source.uniform())) * Math.cos(2 * Math.PI * source.uniform());
  return Array.from({ length: gauges }, () => usualGaugeSizes).flatMap(sizes =>
    sizes.map(({ kind, nominalMm: n }) => {
      const off = { outside: k.outside - k.s * n, hole: -k.hole - k.s * n, height: k.foot - k.z * n }[kind];
      return { kind, nominalMm: n, measuredMm: n + off + k.noise * normal(), errorMm: 0.006 };
    }),
  );
}
const printer = (gauges: Gauge[] = []): Printer =>
  parsePrinter({
    format: 'hornblende-printer',
    version: 1,
    name: 'Cabinet',
    chamber: 'enclosed',
    chamberC: 45,
    gauges,
  });
const gaugeOf = (sizes: readonly MeasuredSize[], grade: string | null = null): Gauge => ({
  family: 'asa',
  grade,
  at: '2026-09-20',
  resolutionMm: 0.02,
  note: '',
  sizes: sizes.map(s => ({ ...s, measuredMm: [s.measuredMm] })).map(({ errorMm: _, ...s }) => s),
});

describe('a gauge', () => {
  it('finds what is wrong with a machine within its intervals in 95 of 100 seeds', () => {
    const inside = { s: 0, z: 0, outside: 0, hole: 0, foot: 0 };
    for (let seed = 1; seed <= 100; seed++) {
      const r = accuracyGauge({ sizes: read(seed, asa, 2), shrinkPct: 0.5 });
      const holds = (x: { low: number; high: number }, known: number): number =>
        Number(x.low <= known && known <= x.high);
      inside.s += holds(r.shrinkXyPct, 100 * asa.s);
      inside.z += holds(r.shrinkZPct, 100 * asa.z);
      inside.outside += holds(r.outsideMm, asa.outside);
      inside.hole += holds(r.holeMm, asa.hole);
      inside.foot += holds(r.footMm, asa.foot);
    }
    for (const [what, n] of Object.entries(inside)) expect(n, what).toBeGreaterThanOrEqual(95);
  });
  it('gives what brings a print back to its drawing', () => {
    const { compensation: c } = accuracyGauge({ sizes: read(1, { ...asa, noise: 0 }, 4), shrinkPct: 0.5 });
    const printed = (drawn: number, off: number): number => drawn * (1 - asa.s) + off;
    const scaled = (mm: number): number => (mm * c.scaleXyPct) / 100;
    expect(printed(scaled(80) + 2 * c.outlineMm, asa.outside)).toBeCloseTo(80, 1);
    // An outline moved out narrows a hole; what holes want besides is counted from there.
    expect(printed(scaled(8) - 2 * c.outlineMm + 2 * c.holeMm, -asa.hole)).toBeCloseTo(8, 1);
    expect(100 * (1 - 100 / c.scaleXyPct)).toBeCloseTo(0.6, 1);
  });
  it('moves little by one size, and is not carried off by a slip', () => {
    const few = accuracyGauge({
      sizes: [{ kind: 'outside', nominalMm: 24, measuredMm: 23.5, errorMm: 0.02 }],
      shrinkPct: 0.4,
    });
    expect(few.shrinkXyPct.value).toBeLessThan(1);
    expect(few.shrinkXyPct.high - few.shrinkXyPct.low).toBeGreaterThan(1);
    const sizes = read(3, asa, 2);
    const clean = accuracyGauge({ sizes, shrinkPct: 0.5 });
    const slip = accuracyGauge({
      sizes: [...sizes, { kind: 'outside', nominalMm: 24, measuredMm: 22.4, errorMm: 0.02 }],
      shrinkPct: 0.5,
    });
    expect(slip.outliers).toEqual([sizes.length]);
    expect(Math.abs(slip.shrinkXyPct.value - clean.shrinkXyPct.value)).toBeLessThan(0.1);
  });
  it('shows its working', () => {
    const answer = calculate('accuracy.gauge', { sizes: read(1, asa), shrinkPct: 0.5 });
    expect(answer.steps.find(s => s.symbol === 'scale')!.value).toBeCloseTo(100.6, 0);
    expect(answer.steps.filter(s => s.symbol.startsWith('Δ'))).toHaveLength(usualGaugeSizes.length);
  });
  it('is asked about where a size is odd', () => {
    expect(gaugeDoubts({ kind: 'outside', nominalMm: 120, measuredMm: [4.7] })[0]).toContain('in inches');
    expect(gaugeDoubts({ kind: 'outside', nominalMm: 120, measuredMm: [80] })[0]).toContain('another gauge');
    expect(gaugeDoubts({ kind: 'hole', nominalMm: 10, measuredMm: [10.4] })[0]).toContain('jaws');
    expect(gaugeDoubts({ kind: 'height', nominalMm: 10, measuredMm: [10, 10.6] })[0]).toContain('slip');
    expect(gaugeDoubts({ kind: 'height', nominalMm: 10, measuredMm: [9.9, 9.92] })).toEqual([]);
  });
});

describe('a printer with a gauge', () => {
  const brief = parseBrief({
    format: 'hornblende-brief',
    version: 1,
    name: 'Jig',
    geometry: { xMm: 150, yMm: 60, zMm: 12 },
    toleranceMm: 0.15,
  });
  const measured = printer([gaugeOf(read(2, asa, 2))]);
  it('is truer in that filament, says why, and leaves the others', () => {
    const of = (p: Printer, key: string): { value: number; by?: string } =>
      rank(brief, { printer: p })
        .candidates.find(c => c.material === key)!
        .criteria.find(c => c.id === 'accuracy')!;
    expect(of(measured, 'asa').value).toBeLessThan(of(printer(), 'asa').value);
    expect(of(measured, 'asa').by).toBe('1 gauge printed here');
    expect(of(printer(), 'asa').by).toBeUndefined();
    expect(of(measured, 'abs').value).toBe(of(printer(), 'abs').value);
  });
  it('tells what that changed for a part', () => {
    const said = measuringEffect(brief, printer(), measured, 'asa').join(' ');
    expect(said).toMatch(/This part in ASA is true to [\d.]+ mm, not [\d.]+ mm\./);
    expect(said).toMatch(/The first choice (stays|is) /);
    expect(measuringEffect(brief, measured, measured, 'asa')).toHaveLength(1);
  });
  it('puts what to type in on the card', () => {
    const line = (p: Printer): string | undefined =>
      printCard(brief, { family: familyByKey('asa')!, printer: p }).lines.find(l => l.id === 'size')?.value;
    expect(line(printer())).toBeUndefined();
    expect(line(measured)).toMatch(
      /^scale 100\.\d\d % along the plate, 100\.\d\d % upright; outlines −0\.\d\d mm a side/,
    );
  });
  it('is worked out once, and not for another family', () => {
    const f = familyByKey('asa')!;
    expect(gaugeCalibrationFor(measured, f)).toBe(gaugeCalibrationFor(measured, f));
    expect(gaugeCalibrationFor(measured, familyByKey('pla')!)).toBeNull();
    expect(gaugeCalibrationFor(null, f)).toBeNull();
    // What moulders and printers know: styrenics some 0.5 %, nylon and PP over 1 %, PLA little.
    expect(usualShrinkPct(f)).toBeGreaterThan(0.3);
    expect(usualShrinkPct(f)).toBeLessThan(0.8);
    expect(usualShrinkPct(familyByKey('pla')!)).toBeLessThan(0.3);
    expect(usualShrinkPct(familyByKey('pp')!)).toBeGreaterThan(usualShrinkPct(f));
  });
});

describe('makers of one family', () => {
  const asaFamily = familyByKey('asa')!;
  const gradeOf = (key: string): typeof asaFamily => ({
    ...asaFamily,
    key,
    grade: { family: 'asa', maker: '', soakedGcm3: null },
  });
  const shrinks = (s: number): Known => ({ ...asa, s: s / 100 });
  // Three gauges of each: one maker's shrinks 0.4 %, the other's 0.9 %.
  const both = printer([
    ...[1, 2, 3].map(n => gaugeOf(read(n, shrinks(0.4)), 'fell-asa')),
    ...[4, 5, 6].map(n => gaugeOf(read(n, shrinks(0.9)), 'dale-asa')),
  ]);
  const pct = (f: typeof asaFamily): number => gaugeCalibrationFor(both, f)!.shrinkXyPct.value;

  it('keep what was measured of their own filament', () => {
    expect(pct(gradeOf('fell-asa'))).toBeCloseTo(0.4, 1);
    expect(pct(gradeOf('dale-asa'))).toBeCloseTo(0.9, 1);
  });

  it('move the family to between them, and one of whom nothing was measured with it, less surely', () => {
    const family = gaugeCalibrationFor(both, asaFamily)!;
    expect(family.shrinkXyPct.value).toBeGreaterThan(pct(gradeOf('fell-asa')));
    expect(family.shrinkXyPct.value).toBeLessThan(pct(gradeOf('dale-asa')));
    const unseen = gaugeCalibrationFor(both, gradeOf('tarn-asa'))!;
    const width = (c: typeof family): number => c.shrinkXyPct.high - c.shrinkXyPct.low;
    expect(unseen.shrinkXyPct.value).toBeCloseTo(family.shrinkXyPct.value, 9);
    expect(width(unseen)).toBeGreaterThan(width(family));
    expect(unseen.left.perMm).toBeGreaterThan(gaugeCalibrationFor(both, gradeOf('fell-asa'))!.left.perMm);
  });

  it('move the family little where one alone was measured', () => {
    const one = printer([1, 2, 3].map(n => gaugeOf(read(n, shrinks(1.2)), 'fell-asa')));
    const nobody = printer([1, 2, 3].map(n => gaugeOf(read(n, shrinks(1.2)))));
    const usual = usualShrinkPct(asaFamily);
    const moved = (p: Printer): number => gaugeCalibrationFor(p, asaFamily)!.shrinkXyPct.value - usual;
    expect(moved(one)).toBeGreaterThan(0);
    expect(moved(one)).toBeLessThan(moved(nobody));
    expect(gaugeCalibrationFor(one, gradeOf('fell-asa'))!.shrinkXyPct.value).toBeGreaterThan(
      usual + moved(one),
    );
  });

  it('share the machine’s offsets, and the slicer is told each maker’s own scale', () => {
    const fell = gaugeCalibrationFor(both, gradeOf('fell-asa'))!;
    // Its working is that of the makers: what it gives is what is shown.
    const { result } = calculate('makers.shrink', { ...fell.makers });
    expect((result as { groups: { mean: number }[] }).groups[0]!.mean).toBeCloseTo(fell.shrinkXyPct.value, 9);
    const dale = gaugeCalibrationFor(both, gradeOf('dale-asa'))!;
    expect(fell.outsideMm).toEqual(dale.outsideMm);
    expect(fell.compensation.scaleXyPct).toBeCloseTo(100 / (1 - fell.shrinkXyPct.value / 100), 9);
    expect(dale.compensation.scaleXyPct).toBeGreaterThan(fell.compensation.scaleXyPct);
  });
});
