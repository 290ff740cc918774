import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { warpMitigationsFor } from '../../src/advice/warp-mitigations.js';
import { warpSetup } from '../../src/advice/warp-outcome.js';
import type { Brief } from '../../src/brief/brief.js';
import { printAids, type PrintAid } from '../../src/brief/print-aids.js';
import { timesIn100 } from '../../src/lib/chance-words.js';
import { familyByKey } from '../../src/materials/library.js';
import type { WarpLiftOffInput } from '../../src/models/warp-lift-off.js';
import type { Adhesion } from '../../src/print/adhesion.js';
import { aidSentence, liftWithAids } from '../../src/print/aid-words.js';
import { printCard } from '../../src/records/card.js';
import type { Candidate } from '../../src/score/candidate.js';
import { robustness } from '../../src/score/draws/robustness.js';
import type { Gate } from '../../src/score/gate.js';
import { rank } from '../../src/score/rank.js';
import { parsePrinter } from '../../src/workshop/printer.js';
import { brief, candidate, enclosedPrinter, openPrinter } from '../cases.js';

const plate = (aids: PrintAid[]): Brief =>
  brief({ geometry: { xMm: 200, yMm: 200, zMm: 8, sharpCorners: 4 }, print: { aids } });
const asa = familyByKey('asa')!;

describe('what is done so that a print holds', () => {
  it('a brim doubles the hold and halves what a corner adds; discs take the corners out', () => {
    const input = (aids: PrintAid[]): WarpLiftOffInput =>
      candidate(rank(plate(aids), { printer: openPrinter }), 'asa').printing.liftInput;
    const bare = input([]);
    const brim = input(['brim']);
    expect(brim.adhesionJm2 / bare.adhesionJm2).toBeCloseTo(2, 9);
    // 1 + 0.6·e^(−r/4) = 1.3 at r = 4·ln 2.
    expect(brim.filletMm).toBeCloseTo(4 * Math.log(2), 9);
    expect(input(['ears'])).toMatchObject({ adhesionJm2: bare.adhesionJm2, sharpCorners: 0 });
    expect(input(['first-layer']).adhesionJm2 / bare.adhesionJm2).toBeCloseTo(1.25, 9);
  });
  it('counts in lifting, success, grams, minutes and price, in the ranking and on the card alike', () => {
    const of = (aids: PrintAid[]): Candidate['printing'] =>
      candidate(rank(plate(aids), { printer: openPrinter }), 'asa').printing;
    const bare = of([]);
    const held = of(['brim', 'ears', 'first-layer']);
    expect(held.pLift).toBeLessThan(bare.pLift / 2);
    expect(held.success).toBeGreaterThan(bare.success);
    expect(held.massG).toBeCloseTo(bare.massG, 9);
    // 800 mm round it and the corners' quarters of a disc, 8 mm wide, 0.2 mm thick; four discs of two layers.
    const disc = Math.PI * 64;
    const mm3 = (800 * 8 + disc) * 0.2 + 4 * 0.75 * disc * 0.4;
    expect(held.supportG - bare.supportG).toBeCloseTo((mm3 / 1000) * 1.07, 1);
    expect(held.hours).toBeGreaterThan(bare.hours);
    const card = printCard(plate(['brim', 'ears', 'first-layer']), { family: asa, printer: openPrinter });
    expect(card).toMatchObject({ supportG: held.supportG, hours: held.hours, costEach: held.costEach });
    expect(card.lines.find(l => l.id === 'rim')).toMatchObject({ value: '8 mm, and discs at its corners' });
  });
  it('says what bare lifts and what is left, and the card says the same', () => {
    const { bare, with: held } = liftWithAids(plate(['brim', 'ears']), asa, openPrinter);
    expect(aidSentence(plate(['brim', 'ears']), asa, openPrinter)).toBe(
      `ASA lifts ${timesIn100(bare)} bare, ${timesIn100(held)} with a brim of 8 mm and discs at its corners.`,
    );
    expect(aidSentence(plate([]), asa, openPrinter)).toMatch(/^ASA lifts \d+ times in 100 bare\.$/);
    expect(aidSentence(plate(['brim']), familyByKey('pla')!, openPrinter)).toBe(
      'PLA lifts less than once in 100 bare: nothing has to hold it down.',
    );
  });
  it('more never lifts more, and draws agree with the ranking', () => {
    fc.assert(
      fc.property(fc.subarray([...printAids]), fc.constantFrom(...printAids), (some, one) => {
        const [a, b] = [some, [...new Set([...some, one])]].map(aids =>
          liftWithAids(plate(aids), asa, enclosedPrinter),
        );
        expect(b!.with).toBeLessThanOrEqual(a!.with + 1e-12);
      }),
      { numRuns: 40, seed: 7 },
    );
    const part = plate(['brim', 'preheat']);
    const families = [asa, familyByKey('petg')!];
    const sure = robustness(part, { printer: enclosedPrinter, families, draws: 400, seed: 3 });
    const first = rank(part, { printer: enclosedPrinter, families }).firstChoice;
    expect(sure.candidates.find(c => c.material === first)!.pFirst).toBeGreaterThan(0.4);
  });
  it('is offered at the gate that it would help, and taken when pressed', () => {
    const small = (aids: PrintAid[]): Gate =>
      candidate(rank(plate(aids), { printer: openPrinter }), 'asa').gates.find(
        g => g.id === 'printability.chamber',
      )!;
    expect(small([]).remedy).toEqual({
      label: 'count a brim of 8 mm and discs at its corners',
      path: 'print.aids',
      value: ['brim', 'ears'],
    });
    expect(small(['brim', 'ears']).have as number).toBeLessThan(small([]).have as number);
    expect(small(['brim', 'ears']).remedy).toBeUndefined();
  });
  it('dried just before, an undried nylon passes on a machine without a dryer', () => {
    const dryer = (aids: PrintAid[]): Gate =>
      candidate(
        rank(brief({ print: { aids } }), { printer: { ...enclosedPrinter, dryerMaxC: null } }),
        'pa6',
      ).gates.find(g => g.id === 'printability.dryer')!;
    expect(dryer([])).toMatchObject({
      verdict: 'marginal',
      remedy: { path: 'print.aids', value: ['dried'] },
    });
    expect(dryer(['dried'])).toMatchObject({ verdict: 'pass', why: 'It is dried just before, as ticked.' });
  });
  it('is on the card what was ticked: the same air, the same pace, the same cold plate as were counted', () => {
    const card = (aids: PrintAid[], dryerMaxC: number | null = null): Map<string, string> => {
      const printer = { ...enclosedPrinter, dryerMaxC };
      const { lines } = printCard(plate(aids), { family: familyByKey('pa6')!, printer });
      return new Map(lines.map(l => [l.id, l.value]));
    };
    expect(card([]).get('air')).toBe('closed, bed on for 20 min before, until 45 °C');
    expect(card(['preheat']).get('air')).toBe('closed, bed on for 30 min before, until 50 °C');
    expect(card([]).get('first-layer')).toBe('20 mm/s, 0.25 mm high, lines 0.54 mm wide, fan off');
    expect(card(['first-layer']).get('first-layer')).toBe(
      '10 mm/s, 0.25 mm high, lines 0.54 mm wide, fan off',
    );
    expect(card(['cool']).get('cooling-down')).toContain('25 °C');
    expect(card([]).get('drying')).toBe('fresh from its sealed bag');
    expect(card(['dried']).get('drying')).toMatch(/ just before, as ticked/);
  });
  it('is not advised again where it is ticked', () => {
    const ids = (aids: PrintAid[]): string[] =>
      warpMitigationsFor(warpSetup(plate(aids), asa, openPrinter)).map(m => m.id);
    expect(ids([])).toContain('brim');
    expect(ids(['brim'])).not.toContain('brim');
    expect(ids(['brim'])).toContain('ears');
  });
});

describe('a plate of one’s own', () => {
  it('holds as it was found to, and is named', () => {
    const film = parsePrinter({
      ...openPrinter,
      plates: [],
      ownPlates: [{ name: 'Grey film', like: 'textured-pei', hold: 1.5 }],
    });
    const on = (printer: typeof film): Adhesion =>
      candidate(rank(plate([]), { printer }), 'petg').printing.adhesion!;
    const bought = on({ ...film, ownPlates: [], plates: ['textured-pei'] });
    expect(on(film)).toMatchObject({ name: 'Grey film', plate: 'textured-pei' });
    expect(on(film).energyJm2).toBeCloseTo(1.5 * bought.energyJm2, 9);
    const card = printCard(plate([]), { family: familyByKey('petg')!, printer: film });
    expect(card.lines.find(l => l.id === 'plate')?.value).toMatch(/^Grey film/);
    expect(() => parsePrinter({ ...openPrinter, ownPlates: [{ name: 'x', like: 'slate' }] })).toThrow(
      'ownPlates[0].like',
    );
  });
});
