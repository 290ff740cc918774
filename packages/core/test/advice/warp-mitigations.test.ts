import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { warpInAirs } from '../../src/advice/warp-airs.js';
import { filamentMitigations, warpMitigationsFor } from '../../src/advice/warp-mitigations.js';
import {
  liftsFromMm,
  warpOutcome,
  warpSentence,
  warpSetup,
  type WarpSetup,
} from '../../src/advice/warp-outcome.js';
import { cheapestRemedy, warpRemedies, type WarpRemedy } from '../../src/advice/warp-remedies.js';
import { parseBrief } from '../../src/brief/parse-brief.js';
import { familyByKey } from '../../src/materials/library.js';
import { layerCooling } from '../../src/print/layer-cooling.js';
import { offRimTurnDeg } from '../../src/print/plate-turn.js';
import { calculate } from '../../src/registry.js';
import { parsePrinter } from '../../src/workshop/printer.js';
import { holdDownDiscs } from '../../src/geometry/prisms.js';
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

describe('where it lies, and in what air', () => {
  it('a long part is turned off the cool rim only where a turn does it', () => {
    const long = setup('abs', cabinet, { xMm: 190, yMm: 20 });
    expect(offRimTurnDeg(long.brief, cabinet)).toBe(40);
    const turn = warpMitigationsFor(long).find(m => m.id === 'turn')!;
    expect(warpOutcome(turn.apply(long)).pLift).toBeLessThan(warpOutcome(long).pLift);
    // Too long for the inside at any angle, or inside as it is: no turn is promised.
    for (const xMm of [215, 120])
      expect(warpMitigationsFor(setup('abs', cabinet, { xMm, yMm: 20 })).some(m => m.id === 'turn')).toBe(
        false,
      );
  });
  it('discs that stand apart hold less than discs that touch, ribs help what is solid', () => {
    const s = setup('abs', open, { solidFraction: 0.9 });
    const after = (id: string): ReturnType<typeof warpOutcome> =>
      warpOutcome(
        warpMitigationsFor(s)
          .find(m => m.id === id)!
          .apply(s),
      );
    expect(after('ears').pLift).toBeLessThan(after('ears-parted').pLift);
    expect(after('ears-parted').pLift).toBeLessThan(warpOutcome(s).pLift);
    expect(after('ribs').bowMm).toBeLessThan(warpOutcome(s).bowMm);
    expect(warpRemedies(setup('abs', open, { solidFraction: 0.3 })).some(r => r.ids[0] === 'ribs')).toBe(
      false,
    );
  });
  it('the door: closed and warm lowers the bow, and costs corners', () => {
    const [cold, shut, warm] = warpInAirs(setup('abs', cabinet));
    expect([cold!.label, shut!.label, warm!.label]).toEqual([
      'door open',
      'door closed',
      'closed and preheated',
    ]);
    expect(shut!.outcome.bowMm).toBeLessThan(cold!.outcome.bowMm);
    expect(warm!.outcome.bowMm).toBeLessThan(shut!.outcome.bowMm);
    expect(warm!.setsInS!).toBeGreaterThan(cold!.setsInS!);
    // PLA loses far more corner in the same cabinet than ABS does.
    const cost = (key: string): number => {
      const airs = warpInAirs(setup(key, cabinet));
      return airs[1]!.setsInS! / airs[0]!.setsInS!;
    };
    expect(cost('pla')).toBeGreaterThan(cost('abs'));
    expect(warpInAirs(setup('abs')).map(a => a.label)).toContain('in a cabinet');
    expect(warpInAirs({ ...setup('abs'), printer: null })).toEqual([]);
  });
  it('a layer never sets in air that is as warm as that', () => {
    const at = (airC: number): number | null =>
      layerCooling({ nozzleC: 210, solidificationC: 60, airC, fanPct: 100, lineMm: 0.45, layerMm: 0.2 })
        .seconds;
    expect(at(60)).toBeNull();
    expect(at(50)!).toBeGreaterThan(at(25)!);
    // By hand: τ = 1.9e6·0.45e-3·0.2e-3/(75·0.65e-3) = 3.508 s, t = τ·ln(185/35).
    expect(at(25)).toBeCloseTo(3.508 * Math.log(185 / 35), 2);
    expect(calculate('print.cooling', { nozzleC: 210, solidificationC: 60, airC: 60 }).warnings).toHaveLength(
      1,
    );
  });
  it('lifting begins at a height where it is as likely as not', () => {
    const s = setup('abs', open, { solidFraction: 0.9 });
    const h = liftsFromMm(s)!;
    expect(h).toBeGreaterThan(0);
    expect(h).toBeLessThan(20);
    const grown = { ...s, brief: { ...s.brief, geometry: { ...s.brief.geometry, zMm: h } } };
    expect(warpOutcome(grown).pLift).toBeCloseTo(0.5, 3);
    expect(liftsFromMm(setup('pla', open, { xMm: 30, yMm: 30 }))).toBeNull();
  });
  it('an open box pulls less on its edge than a block of its outline', () => {
    const block = warpOutcome(setup('abs'));
    const box = warpOutcome(setup('abs', open, { footFill: [1, 1, 0.65, 0.38, 0.26, 0.22] }));
    expect(box.pLift).toBeLessThan(block.pLift);
    expect(warpOutcome(setup('abs', open, { footFill: [1, 1, 1, 1, 1, 1] })).pLift).toBeCloseTo(
      block.pLift,
      12,
    );
  });
  it('is a model of its own', () => {
    const { brief: b, printer } = setup('abs', cabinet);
    const answer = calculate('warp.mitigate', { brief: { ...b }, printer, family: 'abs' });
    const { remedies } = answer.result as { remedies: WarpRemedy[] };
    expect(remedies.map(r => r.ids[0])).toEqual(warpRemedies(setup('abs', cabinet)).map(r => r.ids[0]));
    expect(answer.steps.length).toBe(2 + remedies.length);
  });
});

describe('what is printed for it', () => {
  it('discs are closed one by one', () => {
    const of = (positions: Float32Array): ReturnType<typeof meshReport> =>
      meshReport({ format: 'stl', unit: 'millimeter', positions, warnings: [] });
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
