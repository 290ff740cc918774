import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  cheapestRemedy,
  familyByKey,
  filamentMitigations,
  parseBrief,
  parsePrinter,
  warpMitigationsFor,
  warpOutcome,
  warpRemedies,
  warpSentence,
  warpSetup,
  type WarpSetup,
} from '../../src/index.js';
import { holdDownDiscs, warpBarMesh } from '../../src/geometry/prisms.js';
import { meshReport } from '../../src/geometry/mesh-report.js';

const open = parsePrinter({
  format: 'hornblende-printer',
  version: 1,
  name: 'Open',
  adhesives: ['glue-stick'],
});
const cabinet = parsePrinter({
  format: 'hornblende-printer',
  version: 1,
  name: 'Cabinet',
  chamber: 'enclosed',
  chamberC: 45,
  adhesives: ['glue-stick'],
});
const brief = (geometry: object = {}): ReturnType<typeof parseBrief> =>
  parseBrief({
    format: 'hornblende-brief',
    version: 1,
    name: 'Lid',
    geometry: { xMm: 150, yMm: 100, zMm: 20, solidFraction: 0.6, sharpCorners: 4, ...geometry },
  });
const setup = (key: string, printer = open, geometry: object = {}): WarpSetup =>
  warpSetup(brief(geometry), familyByKey(key)!, printer);

describe('what people who print know of warping', () => {
  const bow = (s: WarpSetup): number => warpOutcome(s).bowMm;
  it('ABS warps more than PLA, and nylon more than PETG', () => {
    expect(bow(setup('abs'))).toBeGreaterThan(bow(setup('pla')));
    expect(bow(setup('pa6'))).toBeGreaterThan(bow(setup('petg')));
  });
  it('a closed printer, a light print, a shorter part and round corners help', () => {
    expect(bow(setup('abs', cabinet))).toBeLessThan(bow(setup('abs')));
    expect(bow({ ...setup('abs'), solidFraction: 0.2 })).toBeLessThan(bow(setup('abs')));
    expect(bow(setup('abs', open, { xMm: 75, yMm: 50 }))).toBeLessThan(bow(setup('abs')) / 3);
    const round = warpOutcome({ ...setup('abs'), tweaks: { filletMm: 5 } });
    expect(round.pLift).toBeLessThan(warpOutcome(setup('abs')).pLift);
    expect(warpOutcome(setup('abs', open, { sharpCorners: 0 })).pLift).toBeLessThan(round.pLift);
  });
  it('fibres keep a part flat', () => {
    expect(bow(setup('pa6-cf'))).toBeLessThan(bow(setup('pa6')));
    expect(bow(setup('asa-cf'))).toBeLessThan(bow(setup('asa')));
  });
});

describe('what helps', () => {
  it('promises only what a rerun gives', () => {
    const s = setup('abs');
    const all = warpMitigationsFor(s);
    for (const r of warpRemedies(s)) {
      const again = warpOutcome(all.find(m => m.id === r.ids[0])!.apply(s));
      expect([r.bowMm, r.pTrouble]).toEqual([again.bowMm, again.pTrouble]);
      expect(r.gain).toBeGreaterThan(0);
    }
  });
  it('never makes a part likelier to fail, for any part of these', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('abs', 'asa', 'pla', 'petg', 'pa6', 'pc', 'pp'),
        fc.integer({ min: 20, max: 250 }),
        fc.integer({ min: 3, max: 60 }),
        fc.boolean(),
        (key, xMm, zMm, closed) => {
          const s = setup(key, closed ? cabinet : open, { xMm, yMm: 20, zMm });
          const before = warpOutcome(s);
          for (const m of warpMitigationsFor(s).filter(x => x.id !== 'bed')) {
            const after = warpOutcome(m.apply(s));
            expect(after.bowMm).toBeLessThanOrEqual(before.bowMm + 1e-9);
            expect(after.pTrouble).toBeLessThanOrEqual(before.pTrouble + 1e-9);
          }
        },
      ),
      { numRuns: 60 },
    );
  });
  it('finds the least that gets it under its tolerance, and nothing where it is there', () => {
    const s = setup('abs');
    const least = cheapestRemedy(s)!;
    expect(least.bowMm).toBeLessThanOrEqual(s.brief.toleranceMm);
    expect(least.pTrouble).toBeLessThanOrEqual(0.05);
    expect(least.ids.length).toBeLessThanOrEqual(3);
    const single = warpRemedies(s).filter(r => r.bowMm <= 0.3 && r.pTrouble <= 0.05);
    for (const r of single) expect(least.effort).toBeLessThanOrEqual(r.effort);
    expect(cheapestRemedy(setup('pla', open, { xMm: 30, yMm: 30 }))).toBeNull();
  });
  it('offers another filament once in a set', () => {
    const s = setup('abs');
    const others = filamentMitigations([familyByKey('pla')!, familyByKey('petg')!]);
    const least = cheapestRemedy(s, [...warpMitigationsFor(s), ...others])!;
    expect(least.ids.filter(id => id.startsWith('filament-')).length).toBeLessThanOrEqual(1);
    expect(warpRemedies(s, others).map(r => r.label)).toContain('print it in PLA');
  });
  it('is told in a sentence', () => {
    expect(warpSentence(warpOutcome(setup('pla', open, { xMm: 40, yMm: 20 })), 40)).toMatch(
      /^Over 40 mm it bows [\d.]+ mm; a corner lifts less than once in 100\.$/,
    );
  });
});

describe('what is printed for it', () => {
  it('a bar is a closed box of its size, and discs are closed one by one', () => {
    const of = (positions: Float32Array): ReturnType<typeof meshReport> =>
      meshReport({ format: 'stl', unit: 'millimeter', positions, warnings: [] });
    const bar = of(warpBarMesh(150, 15, 6));
    expect(bar).toMatchObject({ watertight: true, shells: 1, boundsMm: { x: 150, y: 15, z: 6 } });
    expect(bar.volumeMm3).toBeCloseTo(150 * 15 * 6, 3);
    const discs = of(
      holdDownDiscs(
        [
          [0, 0],
          [100, 0],
          [100, 60],
        ],
        8,
        0.4,
      ),
    );
    expect(discs).toMatchObject({ watertight: true, shells: 3, sharpCorners: [] });
    expect(discs.boundsMm.x).toBeCloseTo(116, 3);
  });
});
