import { describe, expect, it } from 'vitest';
import { parseBrief } from '../../src/brief/parse-brief.js';
import { InputError } from '../../src/input/input-error.js';
import { familyByKey } from '../../src/materials/library.js';
import { printsThere } from '../../src/print/plate-use.js';
import { cardHtml } from '../../src/records/card-html.js';
import { cardMarkdown } from '../../src/records/card-markdown.js';
import { printCard } from '../../src/records/card.js';
import { calculate } from '../../src/registry.js';
import { contextFactors } from '../../src/triage/context-rules.js';
import { parseFault, type Fault } from '../../src/triage/fault.js';
import { causes } from '../../src/triage/knowledge.js';
import { faultHistory, faultLessons, rememberedWords } from '../../src/triage/memory.js';
import { mergedFault } from '../../src/triage/merge-faults.js';
import { limitOfCause, withLimit } from '../../src/triage/printer-limit.js';
import { triageRank } from '../../src/triage/triage-rank.js';
import { parsePrinter } from '../../src/workshop/printer.js';

const end = (cause: string, change: object = {}): object => ({
  cause,
  at: '2026-10-01',
  mending: 'helped',
  tellAt: ['card'],
  ...change,
});
const fault = (change: object): Fault =>
  parseFault({ format: 'hornblende-fault', version: 1, symptoms: ['strings'], ...change });

describe('what faults were', () => {
  it('counts what each turned out to be; an open one and one that was not mended by it count nothing', () => {
    const faults = [
      fault({ end: end('wet-filament') }),
      fault({ end: end('wet-filament') }),
      fault({ end: end('nozzle-too-hot', { mending: 'did not' }) }),
      fault({}),
    ];
    expect(faultHistory(faults)).toEqual({ 'wet-filament': 2 });
  });

  it('makes a cause likelier, the more often it was', () => {
    const p = (n: number): number => {
      const history = faultHistory(
        Array.from({ length: n }, () => fault({ end: end('retraction-too-little') })),
      );
      return triageRank(fault({ history })).causes.find(c => c.id === 'retraction-too-little')!.probability;
    };
    expect(p(1)).toBeGreaterThan(p(0));
    expect(p(4)).toBeGreaterThan(p(1));
  });

  it('shows in the working how the record moved the prior, by hand: (25·p + 3)/(25 + 4)', () => {
    const history = { 'wet-filament': 3, draught: 1 };
    const { steps, result } = calculate('triage.rank', JSON.parse(JSON.stringify(fault({ history })))) as {
      steps: { symbol: string; value: number; substituted: string }[];
      result: { causes: { id: string }[] };
    };
    const total = causes.reduce((s, c) => s + c.prior, 0);
    const share = causes.find(c => c.id === 'wet-filament')!.prior / total;
    const moved = steps.find(s => s.symbol === 'prior of wet-filament')!;
    expect(moved.value).toBeCloseTo((25 * share + 3) / 29, 12);
    expect(moved.substituted).toContain('+ 3) / (25 + 4)');
    expect(result.causes[0]!.id).toBe('wet-filament');
    const plain = calculate('triage.rank', JSON.parse(JSON.stringify(fault({})))) as {
      steps: { symbol: string }[];
    };
    expect(plain.steps.some(s => s.symbol.startsWith('prior'))).toBe(false);
  });

  it('says what it was the last times that it looked like this', () => {
    const wet = (at: string): Fault => fault({ end: end('wet-filament', { at }) });
    expect(rememberedWords(['strings'], [])).toBe('');
    expect(rememberedWords(['jam'], [wet('2026-10-01')])).toBe('');
    expect(rememberedWords(['strings'], [wet('2026-10-01')])).toBe(
      'Last time (threads between the parts of it) it was wet filament.',
    );
    const three = [wet('2026-10-01'), wet('2026-10-05'), wet('2026-10-09')];
    expect(rememberedWords(['strings'], three)).toBe(
      'The last 3 times that looked like this it was wet filament.',
    );
    const other = fault({ end: end('nozzle-too-hot', { at: '2026-11-01' }) });
    expect(rememberedWords(['strings'], [...three, other])).toContain('so it was in 1 of the last 3.');
  });

  it('is told of again where it was asked to be, each cause once, the newest first', () => {
    const of = { partId: 'p1', spoolId: 's1' };
    const faults = [
      fault({ of, end: end('wet-filament', { at: '2026-09-01', remedy: 'Dried at 60 °C for 6 h' }) }),
      fault({ of, end: end('wet-filament', { at: '2026-08-01' }) }),
      fault({ of, end: end('bed-dirty', { at: '2026-10-01', tellAt: ['card', 'spool'] }) }),
      fault({ of: { partId: 'p2' }, end: end('draught') }),
      fault({ of, end: end('belt-loose', { mending: 'did not' }) }),
    ];
    const told = faultLessons(faults, { place: 'card', id: 'p1' });
    expect(told.map(l => l.at)).toEqual(['2026-10-01', '2026-09-01']);
    expect(told[1]).toMatchObject({ remedy: 'Dried at 60 °C for 6 h' });
    // Where nothing was noted, what is advised.
    expect(told[0]!.remedy).not.toBe('');
    expect(faultLessons(faults, { place: 'spool', id: 's1' })).toHaveLength(1);
    expect(faultLessons(faults, { place: 'printer', id: null })).toEqual([]);
  });

  it('stands on the print card in every form, escaped', () => {
    const lessons = [{ what: 'Draught (corners <lift>)', remedy: 'Door shut', at: '2026-10-24T15:00:00Z' }];
    const brief = parseBrief({ format: 'hornblende-brief', version: 1, name: 'Foot' });
    const card = printCard(brief, { family: familyByKey('asa')!, printer: null, lessons });
    expect(card.lessons).toEqual(lessons);
    expect(cardHtml(card)).toContain('24 Oct 2026: Draught (corners &#60;lift&#62;). <b>Door shut.</b>');
    expect(cardMarkdown(card)).toContain('## What earlier prints taught');
    expect(cardHtml({ ...card, lessons: [] })).not.toContain('What earlier prints taught');
  });

  it('may bound what a printer does, and nothing else of it', () => {
    const printer = parsePrinter({ format: 'hornblende-printer', version: 1, name: 'Old one' });
    const limit = limitOfCause('too-fast')!;
    expect(withLimit(printer, limit.field, 8)).toEqual({ ...printer, maxFlowMm3s: 8 });
    expect(limitOfCause('sharp-corners')).toBeNull();
  });

  it('is refused where it names no cause or no date', () => {
    const fields = (change: object): string[] => {
      try {
        fault(change);
        return [];
      } catch (e) {
        return (e as InputError).problems.map(p => p.field);
      }
    };
    expect(fields({ end: end('gremlins') })).toEqual(['end.cause']);
    expect(fields({ at: 'yesterday', end: end('jam') })).toEqual(['end.cause', 'at']);
    expect(fields({ end: end('draught', { tellAt: ['moon'] }) })).toEqual(['end.tellAt']);
  });
});

describe('what the model and the plate say', () => {
  const factor = (part: object, cause: string): number =>
    contextFactors(fault({ context: { part } }).context)
      .filter(f => f.cause === cause)
      .reduce((product, f) => product * f.factor, 1);

  it('points at what the warp model knows where it expects lifting, and at what it cannot know where not', () => {
    expect(factor({ liftChance: 0.7 }, 'sharp-corners')).toBeGreaterThan(1);
    expect(factor({ liftChance: 0.7 }, 'bed-dirty')).toBe(1);
    expect(factor({ liftChance: 0.01 }, 'sharp-corners')).toBeLessThan(1);
    expect(factor({ liftChance: 0.01 }, 'bed-dirty')).toBeGreaterThan(1);
    expect(factor({ liftChance: 0.1 }, 'bed-dirty')).toBe(1);
  });

  it('suspects a place where most prints failed, once there were three', () => {
    expect(factor({ printsThere: 2, failedThere: 2 }, 'plate-worn')).toBe(1);
    expect(factor({ printsThere: 4, failedThere: 3 }, 'plate-worn')).toBeGreaterThan(2);
    expect(factor({ printsThere: 5, failedThere: 0 }, 'plate-worn')).toBeLessThan(1);
  });

  it('counts the last five prints whose footprint overlaps, on that plate of that printer', () => {
    const print = {
      printerId: 'a',
      at: '2026-06-01',
      outcome: 'failed' as const,
      placeMm: [100, 100] as [number, number],
      sizeMm: [40, 40] as [number, number],
      plate: 'smooth-pei' as const,
      ownPlate: null,
    };
    const log = [
      { ...print, at: '2026-05-01' },
      { ...print, at: '2026-05-02', outcome: 'well' as const },
      { ...print, at: '2026-05-03', placeMm: [139, 100] as [number, number] },
      { ...print, at: '2026-05-03', placeMm: [141, 100] as [number, number] },
      { ...print, at: '2026-05-04', printerId: 'b' },
      { ...print, at: '2026-05-05', plate: 'textured-pei' as const },
      { ...print, at: '2026-05-06', plate: null },
      { ...print, at: '2026-05-07', outcome: 'timed' as const },
      { ...print, at: '2026-07-01' },
    ];
    expect(printsThere(print, log)).toEqual({ prints: 4, failed: 3 });
    expect(printsThere({ ...print, placeMm: null }, log)).toBeNull();
  });
});

describe('a fault that two have changed', () => {
  it('holds what either saw and tried, and of two answers the first one’s', () => {
    const ours = fault({
      symptoms: ['strings'],
      absent: ['gaps'],
      tried: [{ test: 'listen-purge', outcome: 'no' }],
    });
    const theirs = fault({
      symptoms: ['popping', 'gaps'],
      absent: ['strings', 'jam'],
      tried: [
        { test: 'listen-purge', outcome: 'yes' },
        { test: 'bend-filament', outcome: 'no' },
      ],
    });
    expect(mergedFault(ours, theirs)).toMatchObject({
      symptoms: ['strings', 'popping'],
      absent: ['gaps', 'jam'],
      tried: [
        { test: 'listen-purge', outcome: 'no' },
        { test: 'bend-filament', outcome: 'no' },
      ],
      end: null,
    });
  });
  it('is closed where either closed it', () => {
    const closed = fault({ end: end('wet-filament') });
    expect(mergedFault(fault({}), closed).end?.cause).toBe('wet-filament');
    expect(mergedFault(closed, fault({})).end?.cause).toBe('wet-filament');
  });
});
