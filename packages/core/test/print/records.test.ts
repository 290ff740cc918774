import { describe, expect, it } from 'vitest';
import {
  familyByKey,
  freshPlace,
  parseBrief,
  parsePrintEntry,
  plateUse,
  printCard,
  successByRecord,
  timeByRecord,
  cardAmounts,
  cardRecord,
  type PrintEntry,
} from '../../src/index.js';

const entry = (change: object = {}): PrintEntry =>
  parsePrintEntry({
    format: 'hornblende-print',
    version: 1,
    outcome: 'well',
    at: '2026-05-01T10:00:00Z',
    part: 'Foot',
    printerId: 'a',
    material: 'petg',
    family: 'petg',
    grams: 20,
    ...change,
  });
const several = (n: number, change: object = {}): PrintEntry[] =>
  Array.from({ length: n }, () => entry(change));

describe('a printer’s own record', () => {
  it('is the estimate while nothing was printed', () => {
    expect(successByRecord(0.5, [], 'a', 'petg')).toEqual({ well: 0, failed: 0, success: 0.5 });
  });
  it('moves towards what happened, the more the more was printed', () => {
    // (6·0.8 + 4)/(6 + 4)
    expect(successByRecord(0.8, several(4), 'a', 'petg').success).toBeCloseTo(0.88, 9);
    expect(successByRecord(0.8, several(4, { outcome: 'failed' }), 'a', 'petg')).toMatchObject({
      well: 0,
      failed: 4,
    });
    expect(successByRecord(0.8, several(4, { outcome: 'failed' }), 'a', 'petg').success).toBeCloseTo(0.48, 9);
    expect(successByRecord(0.1, several(300), 'a', 'petg').success).toBeGreaterThan(0.95);
  });
  it('learns a little from other families, and nothing from other printers or from files', () => {
    // (6·0.5 + 0.2·5)/(6 + 1)
    const others = successByRecord(0.5, several(5, { family: 'pla' }), 'a', 'petg');
    expect(others).toMatchObject({ well: 0, failed: 0 });
    expect(others.success).toBeCloseTo(4 / 7, 9);
    expect(successByRecord(0.5, several(5, { printerId: 'b' }), 'a', 'petg').success).toBe(0.5);
    expect(successByRecord(0.5, several(5, { outcome: 'timed', minutes: 3 }), 'a', 'petg').success).toBe(0.5);
  });
  it('keeps a factor of time, drawn to 1 while few were timed', () => {
    const timed = { minutes: 120, expectedMinutes: 100 };
    expect(timeByRecord([], 'a')).toEqual({ timed: 0, factor: 1 });
    expect(timeByRecord(several(1, timed), 'a').factor).toBeCloseTo(Math.sqrt(1.2), 9);
    expect(timeByRecord(several(50, timed), 'a').factor).toBeCloseTo(1.2, 2);
    expect(timeByRecord(several(3, { ...timed, outcome: 'failed' }), 'a').timed).toBe(0);
    // A file counts half.
    expect(timeByRecord([entry({ ...timed, outcome: 'timed' })], 'a').factor).toBeCloseTo(1.2 ** (1 / 3), 9);
  });
  it('stands on the card, with what it changed', () => {
    const brief = parseBrief({ format: 'hornblende-brief', version: 1, name: 'Foot' });
    const options = { family: familyByKey('petg')!, printer: null };
    const prints = [...several(3, { minutes: 150, expectedMinutes: 100 }), entry({ outcome: 'failed' })];
    const card = printCard(brief, { ...options, log: { prints, printerId: 'a' } });
    expect(card.record).toMatchObject({ well: 3, failed: 1 });
    expect(cardRecord(card)).toMatch(/3 of 4 of these prints went well/);
    expect(cardRecord(card)).toMatch(/Prints here take 1\.3\d times what is expected \(3 timed\)/);
    expect(cardAmounts(card, '€')).toContain(`${Math.round(100 * card.record!.success)} times in 100`);
    const plain = printCard(brief, options);
    expect(plain).toMatchObject({ record: null, time: null });
    expect(cardRecord(plain)).toBe('');
  });
});

describe('an entry of the log', () => {
  it('is refused by field where it cannot be', () => {
    expect(() => entry({ at: '2026-02-30' })).toThrow(/at: "2026-02-30" must be a date/);
    expect(() => entry({ outcome: 'timed' })).toThrow(/minutes: null is needed/);
    expect(() => entry({ grams: -1 })).toThrow(/grams: -1/);
    expect(() => entry({ placeMm: [1] })).toThrow(/placeMm/);
  });
});

describe('the wear of a plate', () => {
  const bed = [200, 200] as const;
  const stood = { placeMm: [100, 100], sizeMm: [40, 40] };
  it('counts what stood on each place of this printer’s plate', () => {
    const use = plateUse([...several(3, stood), entry({ ...stood, printerId: 'b' }), entry()], 'a', bed);
    expect(use).toMatchObject({ columns: 20, rows: 20 });
    expect(Math.max(...use.prints)).toBe(3);
    expect(use.prints.filter(n => n > 0)).toHaveLength(16);
  });
  it('gives a new print the middle of a fresh plate', () => {
    expect(freshPlace(plateUse([], 'a', bed), bed, [40, 40])).toEqual({
      xMm: 100,
      yMm: 100,
      stoodMost: 0,
      atRim: false,
    });
  });
  it('moves on from where prints stood, but not out to the cool rim', () => {
    const place = freshPlace(plateUse(several(3, stood), 'a', bed), bed, [40, 40])!;
    expect(place).toMatchObject({ stoodMost: 0, atRim: false });
    expect(Math.max(Math.abs(place.xMm - 100), Math.abs(place.yMm - 100))).toBeGreaterThanOrEqual(40);
  });
  it('says when it does not fit, or must reach the rim', () => {
    expect(freshPlace(plateUse([], 'a', bed), bed, [210, 40])).toBeNull();
    expect(freshPlace(plateUse([], 'a', bed), bed, [190, 40])?.atRim).toBe(true);
  });
});
