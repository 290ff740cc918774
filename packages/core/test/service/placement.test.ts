import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { climate } from '../../src/climate/climates.js';
import { annualGhiKWhm2 } from '../../src/climate/weather.js';
import { InputError } from '../../src/input/input-error.js';
import { freshCode } from '../../src/service/code.js';
import { parseInspection } from '../../src/service/inspection.js';
import { sunOfPlace } from '../../src/service/lab-life.js';
import { parsePlacement, type Placement } from '../../src/service/placement.js';
import { serviceStanding, yearsOut, type Look } from '../../src/service/standing.js';
import { strengthKept, yearsToHalfBySpares } from '../../src/service/strength-kept.js';

const look = (id: string, at: string, verdict: Look['verdict'], mode: Look['mode'] = null): Look => ({
  id,
  at,
  verdict,
  mode,
  struck: false,
});

describe('what is refused', () => {
  const placement = { format: 'hornblende-service', version: 1, name: 'X', place: { where: 'x' } };
  const problems = (run: () => unknown): string[] => {
    try {
      run();
    } catch (e) {
      return (e as InputError).problems.map(p => p.field);
    }
    return [];
  };

  it('is a part without a date, or without a filament, by name', () => {
    expect(problems(() => parsePlacement({ ...placement, since: 'May', materials: [] }))).toEqual([
      'since',
      'materials',
    ]);
    expect(
      problems(() => parsePlacement({ ...placement, since: '2026-02-30', materials: [{ material: 'pla' }] })),
    ).toEqual(['since']);
  });

  it('is a look that failed in no way, or that is fine in one', () => {
    const base = { id: 'look-0001', placementId: 'x', at: '2026-01-01T10:00:00Z' };
    expect(problems(() => parseInspection({ ...base, verdict: 'failed' }))).toEqual(['mode']);
    expect(problems(() => parseInspection({ ...base, verdict: 'fine', mode: 'cracked' }))).toEqual(['mode']);
    expect(problems(() => parseInspection({ ...base, verdict: 'fine', id: '../etc' }))).toEqual(['id']);
    expect(problems(() => parseInspection({ ...base, verdict: 'fine', photos: [{ sha256: 'zz' }] }))).toEqual(
      ['photos[0].sha256'],
    );
  });
});

describe('a code for a tag', () => {
  it('is four signs that are not taken for one another, and none that is taken', () => {
    let n = 0;
    const uniform = (): number => (n++ % 32) / 32;
    const first = freshCode(new Set(), uniform);
    expect(first).toMatch(/^[2-9A-HJ-NP-Z]{4}$/);
    n = 0;
    expect(freshCode(new Set([first]), uniform)).not.toBe(first);
  });
});

describe('a part that was taken in', () => {
  const placement = parsePlacement({
    format: 'hornblende-service',
    version: 1,
    name: 'Trough float',
    since: '2020-01-01',
    materials: [{ material: 'pp' }],
    pauses: [{ from: '2020-11-01', to: '2021-03-01' }, { from: '2021-11-01' }],
  });

  it('was out there for the rest of its time: by hand, ten months and eight', () => {
    const out = (until: string): number => yearsOut(placement, until) * 12;
    expect(out('2020-11-01')).toBeCloseTo(10, 1);
    expect(out('2021-03-01')).toBeCloseTo(10, 1);
    expect(out('2021-11-01')).toBeCloseTo(18.07, 1);
    // It is in still.
    expect(out('2024-01-01')).toBeCloseTo(18.07, 1);
  });

  it('stands by that time, and never grows younger as days go by', () => {
    const looks = [look('a', '2022-01-01T10:00:00Z', 'fine')];
    expect(serviceStanding(placement, looks, '2023-01-01').seenYears * 12).toBeCloseTo(18.07, 1);
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 2000 }), fc.integer({ min: 0, max: 400 }), (day, more) => {
        const at = (n: number): string => new Date(Date.parse('2020-01-01') + n * 86_400_000).toISOString();
        expect(yearsOut(placement, at(day + more))).toBeGreaterThanOrEqual(
          yearsOut(placement, at(day)) - 1e-12,
        );
      }),
    );
  });

  it('is refused where the times go round in a circle, by the field', () => {
    const fields = (pauses: object[]): string[] => {
      try {
        parsePlacement({ ...JSON.parse(JSON.stringify(placement)), pauses });
      } catch (e) {
        return (e as InputError).problems.map(p => p.field);
      }
      return [];
    };
    expect(fields([{ from: '2019-01-01' }])).toEqual(['pauses[0].from']);
    expect(fields([{ from: '2021-01-01', to: '2020-06-01' }])).toEqual(['pauses[0].to']);
    expect(fields([{ from: '2020-06-01' }, { from: '2021-01-01' }])).toEqual(['pauses[0].to']);
    expect(fields([{ from: '2020-06-01', to: '2021-06-01' }, { from: '2021-01-01' }])).toEqual([
      'pauses[0].to',
    ]);
  });
});

describe('a spare that was broken on purpose', () => {
  const placement = { since: '2020-01-01', pauses: [], freshBreakN: 200 };
  const broken = (year: number, spareBreakN: number): ReturnType<typeof parseInspection> =>
    parseInspection({
      id: `spare-${year}`,
      placementId: 'p',
      at: `${year}-01-01T10:00:00Z`,
      verdict: 'fine',
      spareBreakN,
    });

  it('says what is kept, and when half is left at that rate', () => {
    const kept = strengthKept(placement, [broken(2024, 100), broken(2022, 160)]);
    expect(kept.map(k => k.share)).toEqual([0.8, 0.5]);
    expect(kept[1]!.words).toBe('50 % after 4 years (100 of 200 N)');
    expect(yearsToHalfBySpares(kept)).toBeCloseTo(4, 1);
    expect(yearsToHalfBySpares(kept.slice(0, 1))).toBeCloseTo((2 * Math.log(0.5)) / Math.log(0.8), 1);
  });

  it('says nothing of a rate while nearly all is there, nor where nobody broke a fresh one', () => {
    expect(yearsToHalfBySpares(strengthKept(placement, [broken(2022, 190)]))).toBeNull();
    expect(strengthKept({ ...placement, freshBreakN: null }, [broken(2022, 100)])).toEqual([]);
  });
});

describe('the sun of a place', () => {
  const place = (more: object): Placement['place'] =>
    parsePlacement({
      format: 'hornblende-service',
      version: 1,
      name: 'X',
      since: '2020-01-01',
      materials: [{ material: 'pp' }],
      place: { where: 'x', ...more },
    }).place;

  it('is that of one’s own year of weather, else of the climate, else as usual', () => {
    expect(sunOfPlace(place({ weatherId: 'w1' }), id => (id === 'w1' ? 987 : null))).toBe(987);
    expect(sunOfPlace(place({ climate: 'desert' }), () => null)).toBeCloseTo(
      annualGhiKWhm2(climate('desert')),
      6,
    );
    expect(sunOfPlace(place({ weatherId: 'gone' }), () => null)).toBe(1500);
  });
});
