import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { creepStrain } from '../src/models/creep-strain.js';
import { infillPatterns } from '../src/models/infill-pattern.js';
import { beam, type BeamCase } from '../src/models/load-beam.js';
import { printedSection, printedSectionAxial, sectionChoices } from '../src/models/section-printed.js';
import { calculate } from '../src/registry.js';

/**
 * A finite-element reference: Hermite beam elements, point loads at nodes, solved by Gaussian elimination.
 * @returns the largest deflection, mm, and the largest bending moment, N·mm
 */
function finiteElements(
  c: BeamCase,
  F: number,
  L: number,
  EI: number,
  n = 16,
): { deflection: number; moment: number } {
  const size = 2 * (n + 1);
  const K = Array.from({ length: size }, () => new Float64Array(size));
  const f = new Float64Array(size);
  const h = L / n;
  const ke = [
    [12, 6 * h, -12, 6 * h],
    [6 * h, 4 * h * h, -6 * h, 2 * h * h],
    [-12, -6 * h, 12, -6 * h],
    [6 * h, 2 * h * h, -6 * h, 4 * h * h],
  ].map(r => r.map(x => (x * EI) / h ** 3));
  for (let e = 0; e < n; e++)
    for (let i = 0; i < 4; i++) for (let j = 0; j < 4; j++) K[2 * e + i]![2 * e + j]! += ke[i]![j]!;
  if (c === 'simply-supported-uniform') {
    const q = F / L;
    for (let e = 0; e < n; e++)
      [(q * h) / 2, (q * h * h) / 12, (q * h) / 2, (-q * h * h) / 12].forEach((x, i) => {
        f[2 * e + i]! += x;
      });
  } else f[c === 'cantilever' ? 2 * n : n] = F; // node n/2 has its deflection at index n
  const fixed = c === 'cantilever' ? [0, 1] : c === 'fixed-fixed' ? [0, 1, 2 * n, 2 * n + 1] : [0, 2 * n];
  for (const d of fixed) {
    for (let j = 0; j < size; j++) K[d]![j] = K[j]![d] = 0;
    K[d]![d] = 1;
    f[d] = 0;
  }
  for (let i = 0; i < size; i++)
    for (let r = i + 1; r < size; r++) {
      const m = K[r]![i]! / K[i]![i]!;
      if (m) {
        for (let j = i; j < size; j++) K[r]![j]! -= m * K[i]![j]!;
        f[r]! -= m * f[i]!;
      }
    }
  const u = new Float64Array(size);
  for (let i = size - 1; i >= 0; i--) {
    let s = f[i]!;
    for (let j = i + 1; j < size; j++) s -= K[i]![j]! * u[j]!;
    u[i] = s / K[i]![i]!;
  }
  let moment = 0;
  for (let e = 0; e < n; e++)
    for (const row of [1, 3]) {
      let m = 0;
      for (let j = 0; j < 4; j++) m += ke[row]![j]! * u[2 * e + j]!;
      if (c === 'simply-supported-uniform') m += ((((row === 1 ? -1 : 1) * F) / L) * h * h) / 12;
      moment = Math.max(moment, Math.abs(m));
    }
  return { deflection: Math.max(...Array.from({ length: n + 1 }, (_, i) => Math.abs(u[2 * i]!))), moment };
}

describe('beams against finite elements', () => {
  it.each<BeamCase>(['cantilever', 'simply-supported', 'simply-supported-uniform', 'fixed-fixed'])('%s', c =>
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 500, noNaN: true }),
        fc.double({ min: 20, max: 300, noNaN: true }),
        fc.double({ min: 2, max: 30, noNaN: true }),
        fc.double({ min: 2, max: 30, noNaN: true }),
        fc.double({ min: 20, max: 8000, noNaN: true }),
        (forceN, lengthMm, widthMm, heightMm, modulusMPa) => {
          const r = beam({ case: c, forceN, lengthMm, widthMm, heightMm, modulusMPa, poisson: 0.36 });
          const fe = finiteElements(c, forceN, lengthMm, (modulusMPa * widthMm * heightMm ** 3) / 12);
          expect(r.deflectionMm / fe.deflection).toBeCloseTo(1, 4);
          expect(r.stressMPa / ((fe.moment * 6) / (widthMm * heightMm ** 2))).toBeCloseTo(1, 4);
        },
      ),
      { numRuns: 15, seed: 7 },
    ),
  );
});

describe('printed sections', () => {
  it('two walls more buy more bending strength for a gram than twice the infill', () => {
    const section = {
      widthMm: 20,
      heightMm: 10,
      walls: 3,
      lineMm: 0.45,
      topBottomMm: 0.8,
      infill: 0.2,
      pattern: 'grid' as const,
    };
    const [usual, walls, infill, solid] = sectionChoices(section, 60, 1.24, 5);
    const perGram = (c: typeof usual): number =>
      (c!.result.strengthRatio - usual!.result.strengthRatio) / (c!.massG - usual!.massG);
    expect(perGram(walls)).toBeGreaterThan(perGram(infill));
    expect(solid).toMatchObject({
      massG: expect.closeTo(((60 * 20 * 10) / 1000) * 1.24, 9) as number,
      minutes: expect.closeTo(12000 / 5 / 60, 9) as number,
    });
    expect(usual!.massG).toBeLessThan(infill!.massG);
  });

  it('more wall, more infill, more skin is never weaker or lighter', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 8 }),
        fc.double({ min: 0, max: 0.9, noNaN: true }),
        fc.double({ min: 0.2, max: 3, noNaN: true }),
        fc.constantFrom(...infillPatterns),
        (walls, infill, topBottomMm, pattern) => {
          const base = { widthMm: 20, heightMm: 10, walls, lineMm: 0.45, topBottomMm, infill, pattern };
          for (const more of [
            { ...base, walls: walls + 1 },
            { ...base, infill: infill + 0.1 },
            { ...base, topBottomMm: topBottomMm + 0.2 },
          ]) {
            for (const of of [printedSection, printedSectionAxial])
              for (const ratio of ['stiffnessRatio', 'strengthRatio', 'massRatio'] as const) {
                expect(of(more)[ratio]).toBeGreaterThanOrEqual(of(base)[ratio] - 1e-12);
                expect(of(base)[ratio]).toBeLessThanOrEqual(1);
              }
          }
        },
      ),
      { seed: 7 },
    ));
});

describe('creep', () => {
  it('longer and hotter never moves less', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 1e4, noNaN: true }),
        fc.double({ min: 0, max: 60, noNaN: true }),
        fc.double({ min: 1, max: 10, noNaN: true }),
        (hours, temperatureC, times) => {
          const at = (h: number, t: number): number =>
            creepStrain.compute({
              stressMPa: 5,
              modulusMPa: 2000,
              a: 0.1,
              n: 0.2,
              k: 0.05,
              temperatureC: t,
              hours: h,
              limitPct: null,
            }).result.strainPct;
          expect(at(hours * times, temperatureC)).toBeGreaterThanOrEqual(at(hours, temperatureC));
          expect(at(hours, temperatureC + times)).toBeGreaterThanOrEqual(at(hours, temperatureC));
        },
      ),
      { seed: 7 },
    ));
});

describe('inputs that are not sure', () => {
  it('carry through to a range', () => {
    const a = calculate('load.beam', {
      case: 'cantilever',
      forceN: { low: 30, high: 50 },
      lengthMm: 60,
      widthMm: 20,
      heightMm: { low: 5, high: 6 },
      modulusMPa: 2000,
    });
    expect(a).toMatchObject({ ranges: { stressMPa: { low: 15, high: 36 } } });
    expect((a.result as { stressMPa: number }).stressMPa).toBeCloseTo((40 * 60 * 6) / (20 * 5.5 ** 2), 6);
  });
  it('refuses a range upside down, and too many', () => {
    expect(() =>
      calculate('uv.dose', { ghiKWhm2Year: { low: 2, high: 1 }, exposure: 'full', years: 1 }),
    ).toThrow(/low not above high/);
    expect(() =>
      calculate('uv.dose', { ghiKWhm2Year: { low: 1, high: 9999 }, exposure: 'full', years: 1 }),
    ).toThrow(/0 to 3000/);
  });
});
