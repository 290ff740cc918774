import { describe, expect, it } from 'vitest';
import { parseBrief } from '../../src/brief/parse-brief.js';
import { familyByKey } from '../../src/materials/library.js';
import { freshPlace, plateUse } from '../../src/print/plate-use.js';
import { printerRecord } from '../../src/print/printer-record.js';
import { successByRecord } from '../../src/print/success-record.js';
import { cardAmounts, cardRecord } from '../../src/records/card-words.js';
import { printCard } from '../../src/records/card.js';
import { parsePrintEntry, type PrintEntry } from '../../src/workshop/print-log.js';
import type { PrinterRecord } from '../../src/workshop/printer-record.js';
import { parsePrinter } from '../../src/workshop/printer.js';

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

const record = (prints: PrintEntry[]): PrinterRecord | null => printerRecord(prints);

describe('a printer’s own record', () => {
  it('is the estimate while nothing was printed', () => {
    expect(record([])).toBeNull();
    expect(successByRecord(0.5, null, 'petg')).toEqual({ well: 0, failed: 0, success: 0.5 });
  });
  it('moves towards what happened, the more the more was printed', () => {
    const failed = record(several(4, { outcome: 'failed' }));
    // (6·0.8 + 4)/(6 + 4)
    expect(successByRecord(0.8, record(several(4)), 'petg').success).toBeCloseTo(0.88, 9);
    expect(successByRecord(0.8, failed, 'petg')).toMatchObject({ well: 0, failed: 4 });
    expect(successByRecord(0.8, failed, 'petg').success).toBeCloseTo(0.48, 9);
    expect(successByRecord(0.1, record(several(300)), 'petg').success).toBeGreaterThan(0.95);
  });
  it('learns a little from other families, and nothing from files', () => {
    // (6·0.5 + 0.2·5)/(6 + 1)
    const others = successByRecord(0.5, record(several(5, { family: 'pla' })), 'petg');
    expect(others).toMatchObject({ well: 0, failed: 0 });
    expect(others.success).toBeCloseTo(4 / 7, 9);
    const files = record(several(5, { outcome: 'timed', minutes: 3, expectedMinutes: 3 }));
    expect(successByRecord(0.5, files, 'petg').success).toBe(0.5);
  });
  it('keeps a factor of time, drawn to 1 while few were timed', () => {
    const timed = { minutes: 120, expectedMinutes: 100 };
    expect(record(several(1))).toMatchObject({ timed: 0, timeFactor: 1 });
    expect(record(several(1, timed))?.timeFactor).toBeCloseTo(Math.sqrt(1.2), 9);
    expect(record(several(50, timed))?.timeFactor).toBeCloseTo(1.2, 2);
    expect(record(several(3, { ...timed, outcome: 'failed' }))).toMatchObject({ timed: 0, timeFactor: 1 });
    // A file counts half.
    expect(record([entry({ ...timed, outcome: 'timed' })])?.timeFactor).toBeCloseTo(1.2 ** (1 / 3), 9);
  });
  it('stands on the card, with what it changed', () => {
    const brief = parseBrief({ format: 'hornblende-brief', version: 1, name: 'Foot' });
    const bench = parsePrinter({ format: 'hornblende-printer', version: 1, name: 'Bench' });
    const options = { family: familyByKey('petg')!, printer: bench };
    const prints = [...several(3, { minutes: 150, expectedMinutes: 100 }), entry({ outcome: 'failed' })];
    const card = printCard(brief, { ...options, printer: { ...bench, record: record(prints) } });
    expect(card.record).toMatchObject({ well: 3, failed: 1 });
    expect(cardRecord(card)).toMatch(/3 of 4 of these prints went well/);
    expect(cardRecord(card)).toMatch(/Prints here take 1\.3\d times what is expected \(3 timed\)/);
    expect(cardAmounts(card, '€')).toContain(`${Math.round(100 * card.success)} times in 100`);
    const plain = printCard(brief, options);
    expect(plain).toMatchObject({ record: null, time: null });
    expect(card.record?.modelSuccess).toBeCloseTo(plain.success, 9);
    expect(card.time?.modelHours).toBeCloseTo(plain.hours, 9);
    expect(card.hours).toBeCloseTo(plain.hours * card.time!.factor, 9);
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
