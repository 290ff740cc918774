import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parseBrief } from '../../src/brief/parse-brief.js';
import { warpOutcome, warpSentence, warpSetup } from '../../src/advice/warp-outcome.js';
import { warpRemedies } from '../../src/advice/warp-remedies.js';
import { families, familyByKey } from '../../src/materials/library.js';
import {
  chamberBalance,
  ChamberBalanceInput,
  chamberDoors,
  chamberWalls,
} from '../../src/models/chamber-balance.js';
import { plateLift, WarpPlateLiftInput } from '../../src/models/warp-plate-lift.js';
import { changerSentence, changerTakes } from '../../src/print/changer.js';
import { holdByPeel, peelEnergyJm2 } from '../../src/print/peel.js';
import { printerRecord } from '../../src/print/printer-record.js';
import { freshPlace, plateUse } from '../../src/print/plate-use.js';
import { printCard } from '../../src/records/card.js';
import type { Gate } from '../../src/score/gate.js';
import { rank } from '../../src/score/rank.js';
import { parsePrinter, type Printer } from '../../src/workshop/printer.js';
import { parsePrintEntry, type PrintEntry } from '../../src/workshop/print-log.js';

const machine = (change: object = {}): Printer =>
  parsePrinter({
    ...{
      format: 'hornblende-printer',
      version: 1,
      name: 'Bench',
      nozzleMaxC: 300,
      bedMaxC: 110,
      linerLimitC: null,
    },
    ...{ nozzleMetal: 'hardened', dryerMaxC: 85, adhesives: ['glue-stick'], ...change },
  });
const brief = (change: object = {}): ReturnType<typeof parseBrief> =>
  parseBrief({
    ...{ format: 'hornblende-brief', version: 1, name: 'Plate' },
    ...{ geometry: { xMm: 150, yMm: 150, zMm: 20, sharpCorners: 4 }, ...change },
  });
const judged = (key: string, printer: Printer, of = brief()): ReturnType<typeof rank>['candidates'][number] =>
  rank(of, { printer, families: [familyByKey(key)!] }).candidates[0]!;
const gate = (key: string, printer: Printer, id: string, of = brief()): Gate | undefined =>
  judged(key, printer, of).gates.find(g => g.id === `printability.${id}`);

describe('how filament comes to the nozzle', () => {
  it('a closely led path lies between a direct and a remote drive', () => {
    const remote = { drive: 'bowden' };
    expect(gate('tpu-85a', machine(remote), 'drive')?.verdict).toBe('fail');
    expect(gate('tpu-85a', machine({ ...remote, path: 'guided' }), 'drive')?.verdict).toBe('marginal');
    expect(gate('tpu-85a', machine(), 'drive')?.verdict).toBe('pass');
    expect(gate('tpu-95a', machine(remote), 'drive')?.verdict).toBe('marginal');
    expect(gate('tpu-95a', machine({ ...remote, path: 'guided' }), 'drive')?.verdict).toBe('pass');
  });
  it('a led path and gears on both sides make soft filament easier, and change nothing for a stiff one', () => {
    const difficulty = (key: string, change: object): number =>
      judged(key, machine(change)).printing.difficulty;
    for (const key of ['tpu-60a', 'tpu-85a', 'tpu-95a'])
      expect(difficulty(key, { path: 'guided', gears: 'both-sides' }), key).toBeLessThan(difficulty(key, {}));
    expect(difficulty('pla', { path: 'guided', gears: 'both-sides' })).toBe(difficulty('pla', {}));
  });
  it('a box that dries what it feeds stands for a dryer, and is what the card prints from', () => {
    const undried = machine({ dryerMaxC: null });
    const fed = machine({ dryerMaxC: null, feedDryerC: 70 });
    expect(gate('pa6', undried, 'dryer')?.verdict).toBe('marginal');
    expect(gate('pa6', fed, 'dryer')?.verdict).toBe('pass');
    const drying = printCard(brief(), { family: familyByKey('pa6')!, printer: fed }).lines.find(
      l => l.id === 'drying',
    );
    expect(drying?.value).toMatch(/ h at 70 °C, and print it from its box at 70 °C$/);
    expect(judged('pa6', machine({ feedDryerC: 70 })).printing.difficulty).toBeLessThan(
      judged('pa6', machine()).printing.difficulty,
    );
  });
  it('says which filaments a changer takes', () => {
    const takes = (key: string): string => changerTakes(familyByKey(key)!).takes;
    expect(['pla', 'petg', 'abs'].map(takes)).toEqual(['yes', 'yes', 'yes']);
    expect(takes('tpu-85a')).toBe('no');
    expect(['pla-cf', 'pva', 'tpu-95a'].map(takes)).toEqual(['with care', 'with care', 'with care']);
    const both = ['pla', 'pva'].map(key => familyByKey(key)!);
    expect(changerSentence(both, machine())).toContain('feeds one spool: by hand, only a whole layer');
    expect(changerSentence(both, machine({ spoolsAtOnce: 4 }))).toMatch(
      /^Its changer: PVA goes through it with care/,
    );
    expect(changerSentence(both, null)).toBe('');
  });
});

describe('the bore of the nozzle', () => {
  it('clogs by what is in a filament, sooner the narrower it is', () => {
    const verdict = (key: string, nozzleMm: number): string | undefined =>
      gate(key, machine({ nozzleMm }), 'bore', brief({ print: { lineMm: 1.1 * nozzleMm, layerMm: 0.1 } }))
        ?.verdict;
    expect([0.4, 0.35, 0.25].map(mm => verdict('pa6-cf', mm))).toEqual(['pass', 'marginal', 'fail']);
    expect([0.4, 0.25].map(mm => verdict('pla', mm))).toEqual([undefined, undefined]);
    expect(verdict('pla-wood', 0.25)).toBe('fail');
  });
  it('lays lines and layers of its own size, and the change that helps does help', () => {
    const wide = machine({ nozzleMm: 0.8 });
    const found = gate('pla', wide, 'lines');
    expect(found).toMatchObject({ verdict: 'marginal', remedy: { path: 'print.lineMm', value: 0.9 } });
    expect(found?.why).toContain('Lines of 0.45 mm do not come from a bore of 0.8 mm');
    expect(gate('pla', wide, 'lines', brief({ print: { lineMm: 0.9 } }))).toBeUndefined();
    const high = gate('pla', machine(), 'lines', brief({ print: { layerMm: 0.36 } }));
    expect(high).toMatchObject({ verdict: 'marginal', remedy: { path: 'print.layerMm', value: 0.2 } });
  });
  it('makes soft filament harder to push where it is narrow', () => {
    const fine = brief({ print: { lineMm: 0.3, layerMm: 0.1 } });
    expect(judged('tpu-95a', machine({ nozzleMm: 0.25 }), fine).printing.difficulty).toBeGreaterThan(
      judged('tpu-95a', machine(), fine).printing.difficulty,
    );
  });
});

describe('how a print begins', () => {
  it('a bed that is levelled by hand costs a long part more than a short one', () => {
    const lost = (of: ReturnType<typeof brief>): number =>
      judged('pla', machine({ levelling: 'by-hand' }), of).printing.difficulty -
      judged('pla', machine(), of).printing.difficulty;
    const small = brief({ geometry: { xMm: 20, yMm: 20, zMm: 20 } });
    expect(lost(small)).toBeGreaterThan(0);
    expect(lost(brief())).toBeGreaterThan(lost(small));
  });
  it('its own height of first layer goes on the card', () => {
    const first = (change: object): string | undefined =>
      printCard(brief(), { family: familyByKey('pla')!, printer: machine(change) }).lines.find(
        l => l.id === 'first-layer',
      )?.value;
    expect(first({})).toContain('0.25 mm high');
    expect(first({ firstLayerMm: 0.32 })).toContain('0.32 mm high');
  });
});

describe('warp.plate-lift', () => {
  const large = machine({ magnetsKPa: 8 });
  it('counts only where magnets hold the plate', () => {
    expect(judged('abs', machine()).printing.plateLift).toBeNull();
    expect(judged('abs', large).printing.success).toBeLessThan(judged('abs', machine()).printing.success);
    expect(judged('abs', large).printing.factors.map(f => f.label)).toContain('a plate off its magnets');
  });
  it('PLA stays down and a large nylon plate does not: it is clipped', () => {
    expect(judged('pla', large).printing.plateLift!.pPlate).toBeLessThan(0.05);
    expect(judged('pa12', large).printing.plateLift!.pPlate).toBeGreaterThan(0.8);
    expect(gate('pa12', large, 'chamber')).toMatchObject({
      verdict: 'fail',
      working: { model: 'warp.plate-lift' },
    });
    expect(gate('pa12', large, 'chamber')?.rescue).toContain('clip the plate down');
    const lines = printCard(brief(), { family: familyByKey('pa12')!, printer: large }).lines;
    expect(lines.find(l => l.id === 'clips')?.why).toMatch(
      /pulls the plate off its magnets .*its ends rise \d/,
    );
    const clipped = printCard(brief(), { family: familyByKey('pla')!, printer: large }).lines;
    expect(clipped.find(l => l.id === 'clips')).toBeUndefined();
  });
  it('is part of what the warp lab says', () => {
    const of = warpOutcome(warpSetup(brief(), familyByKey('pa12')!, large));
    expect(of.pTrouble).toBeGreaterThanOrEqual(of.plateLift!.pPlate);
    const setup = warpSetup(brief(), familyByKey('pa12')!, large);
    const clips = warpRemedies(setup).find(r => r.label === 'clip the plate down');
    expect(clips?.pTrouble).toBeLessThan(of.pTrouble);
    expect(warpRemedies(warpSetup(brief(), familyByKey('pa12')!, machine())).map(r => r.label)).not.toContain(
      'clip the plate down',
    );
    expect(warpSentence(of, 150)).toContain('pulls the plate off its magnets');
  });
  it('rises less the harder it is held, and the more the more it bows', () => {
    const input = (change: object): WarpPlateLiftInput =>
      Object.assign(new WarpPlateLiftInput(), {
        ...{ modulusMPa: 600, heightMm: 10, lengthMm: 150, widthMm: 40 },
        ...{ meanStrain: 1e-3, curvaturePerMm: 2e-4, holdKPa: 8, ...change },
      });
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 50, noNaN: true }),
        fc.double({ min: 1.05, max: 3, noNaN: true }),
        fc.double({ min: 1e-5, max: 1e-3, noNaN: true }),
        (holdKPa, more, curvaturePerMm) => {
          const rise = (change: object): number =>
            plateLift(input({ holdKPa, curvaturePerMm, ...change })).riseMm;
          expect(rise({ holdKPa: more * holdKPa })).toBeLessThan(rise({}));
          expect(rise({ curvaturePerMm: more * curvaturePerMm })).toBeGreaterThan(rise({}));
          expect(rise({})).toBeGreaterThanOrEqual(0);
        },
      ),
    );
    expect(plateLift(input({ curvaturePerMm: 0, meanStrain: 0 }))).toMatchObject({ riseMm: 0, pPlate: 0 });
  });
});

describe('chamber.balance', () => {
  const cabinet = (change: object = {}): ChamberBalanceInput =>
    Object.assign(new ChamberBalanceInput(), {
      ...{ sizeMm: [456, 456, 456], bedC: 100, bedMm: [256, 256], ...change },
    });
  it('a cabinet reaches about 45 °C by its bed alone, and open it is a room', () => {
    expect(chamberBalance(cabinet()).steadyC).toBeCloseTo(43.4, 1);
    expect(chamberBalance(cabinet({ door: 'open' })).steadyC).toBeLessThan(29);
  });
  it('the heater that is asked for holds what is wanted', () => {
    for (const walls of chamberWalls) {
      const { neededW } = chamberBalance(cabinet({ walls, wantedC: 80 }));
      expect(chamberBalance(cabinet({ walls, heaterW: neededW! })).steadyC).toBeCloseTo(80, 9);
    }
    expect(chamberBalance(cabinet({ wantedC: 25 })).neededW).toBe(0);
  });
  it('is the warmer the better it is closed and the warmer its room, and not there yet after half an hour', () => {
    const airs = chamberWalls.map(walls => chamberBalance(cabinet({ walls })).steadyC);
    expect(airs).toEqual([...airs].sort((a, b) => a - b));
    const doors = chamberDoors.map(door => chamberBalance(cabinet({ door })).steadyC);
    expect(doors).toEqual([...doors].sort((a, b) => b - a));
    const { steadyC, halfHourC } = chamberBalance(cabinet());
    expect(halfHourC).toBeGreaterThan(30);
    expect(halfHourC).toBeLessThan(steadyC);
    expect(chamberBalance(cabinet({ roomC: 30 })).steadyC).toBeGreaterThan(steadyC);
  });
});

describe('a plate and its record', () => {
  it('a peel test says how a plate of one’s own holds beside a new one', () => {
    const pla = familyByKey('pla')!;
    const asNew = pla.adhesion['smooth-pei']!.bare;
    expect(peelEnergyJm2(3, 10)).toBeCloseTo(300, 9);
    expect(holdByPeel(pla, 'smooth-pei', (asNew * 20) / 1000, 20)).toBeCloseTo(1, 9);
    const none = families.find(f => !f.adhesion['pp-sheet'])!;
    expect(holdByPeel(none, 'pp-sheet', 3, 10)).toBeNull();
  });
  const on = (change: object): PrintEntry =>
    parsePrintEntry({
      ...{
        format: 'hornblende-print',
        version: 1,
        outcome: 'well',
        at: '2026-05-01',
        part: 'Foot',
        printerId: 'a',
      },
      ...{ material: 'pla', family: 'pla', grams: 10, placeMm: [110, 110], sizeMm: [40, 40], ...change },
    });
  it('prints count for the plate they stood on, and one of one’s own is another', () => {
    const log = [
      on({ plate: 'smooth-pei' }),
      on({ plate: 'smooth-pei', outcome: 'failed' }),
      on({ plate: 'smooth-pei', ownPlate: 'Blue film' }),
      on({ plate: 'textured-pei', outcome: 'timed', minutes: 10 }),
      on({}),
    ];
    expect(printerRecord(log)?.plates).toEqual([
      { plate: 'smooth-pei', ownPlate: null, well: 1, failed: 1 },
      { plate: 'smooth-pei', ownPlate: 'Blue film', well: 1, failed: 0 },
    ]);
    const worn = (ownPlate: string | null): number =>
      Math.max(...plateUse(log, 'a', [220, 220], { plate: 'smooth-pei', ownPlate }).prints);
    // The print whose plate is not known counts on each.
    expect([worn(null), worn('Blue film')]).toEqual([3, 2]);
    expect(freshPlace(plateUse(log, 'a', [220, 220]), [220, 220], [40, 40])?.stoodMost).toBe(0);
  });
  it('the card names the plate of one’s own that it holds best on', () => {
    const own = machine({ plates: [], ownPlates: [{ name: 'Blue film', like: 'smooth-pei', hold: 1.2 }] });
    const card = printCard(brief(), { family: familyByKey('pla')!, printer: own });
    expect([card.plate, card.ownPlate]).toEqual(['smooth-pei', 'Blue film']);
  });
});
