import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  checksFor,
  dueOf,
  evidence,
  familyByKey,
  familyLesson,
  freshCode,
  InputError,
  loggedLike,
  parseBrief,
  parseInspection,
  parsePlacement,
  serviceRecord,
  serviceStanding,
  UNSURE,
  annualGhiKWhm2,
  climate,
  strengthKept,
  sunOfPlace,
  yearsOut,
  yearsText,
  yearsToHalfBySpares,
  type Placement,
  type Look,
} from '../../src/index.js';
import { placed } from './placed.js';

const own = { weight: 1 };
const look = (id: string, at: string, verdict: Look['verdict'], mode: Look['mode'] = null): Look => ({
  id,
  at,
  verdict,
  mode,
  struck: false,
});
const since = { since: '2020-01-01', pauses: [] };
const family = (key: string): string | null => familyByKey(key)?.key ?? null;

describe('a part that is due at the end of days', () => {
  it('is due on the last day that can be written', () => {
    const placed = {
      since: '9999-12-20',
      pauses: [],
      ifItFails: 'annoys' as const,
      lifeYears: 5,
      origin: '',
    };
    const due = dueOf(placed, [], { marginal: false, failuresOfKind: 0 }, '2026-01-01T00:00:00Z');
    expect(due?.on).toBe('9999-12-31');
  });
});

describe('how a part in service stands', () => {
  const looks = [
    look('a', '2021-01-01T10:00:00Z', 'fine'),
    look('b', '2022-01-01T10:00:00Z', 'worn'),
    look('c', '2023-01-01T10:00:00Z', 'failed', 'cracked'),
    look('d', '2024-01-01T10:00:00Z', 'fine'),
  ];

  it('ends with the first look that found its end, whatever is written after', () => {
    const s = serviceStanding(since, looks, '2026-01-01');
    expect(s).toMatchObject({ ended: true, verdict: 'failed', mode: 'cracked', looks: 4 });
    expect(s.seenYears).toBeCloseTo(3, 1);
    expect(s.soundYears).toBeCloseTo(2, 1);
    expect(serviceRecord(s, own)).toMatchObject({ ended: true, mode: 'cracked' });
  });

  it('does not mind in which order two phones brought the looks', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray(looks, { minLength: 4, maxLength: 4 }), turned => {
        expect(serviceStanding(since, turned, '2026-01-01')).toEqual(
          serviceStanding(since, looks, '2026-01-01'),
        );
      }),
    );
  });

  it('goes on where the look that ended it is struck', () => {
    const struck = looks.map(l => (l.id === 'c' ? { ...l, struck: true } : l));
    expect(serviceStanding(since, struck, '2026-01-01')).toMatchObject({ ended: false, verdict: 'fine' });
  });

  it('counts one that stands until it was last seen, not until today', () => {
    const s = serviceStanding(since, looks.slice(0, 2), '2026-01-01');
    expect(s.years).toBeCloseTo(6, 1);
    expect(serviceRecord(s, own).years).toBeCloseTo(2, 1);
    expect(serviceRecord(serviceStanding(since, [], '2026-01-01'), own).years).toBe(0);
  });

  it('keeps one that was lost as lost', () => {
    const s = serviceStanding(since, [look('x', '2021-01-01T10:00:00Z', 'lost')], '2026-01-01');
    expect(serviceRecord(s, own)).toMatchObject({ ended: true, mode: 'lost', soundYears: null });
  });
});

describe('when it is due', () => {
  const part = {
    since: '2026-01-01',
    pauses: [] as never[],
    ifItFails: 'annoys',
    lifeYears: 10,
    origin: '',
  } as const;
  const calm = { marginal: false, failuresOfKind: 0 };
  const seen = [look('a', '2026-06-01T10:00:00Z', 'fine')];

  it('is a month after it went out, and a year after a look where failing annoys', () => {
    expect(dueOf(part, [], calm, '2026-01-11')).toMatchObject({ on: '2026-01-31', inDays: 20 });
    expect(dueOf(part, seen, calm, '2026-06-11')).toMatchObject({ on: '2027-06-01', everyDays: 365 });
  });

  it('halves for each thing that speaks for looking sooner, and says which', () => {
    const due = dueOf(part, seen, { marginal: true, failuresOfKind: 2 }, '2026-06-11')!;
    expect(due.everyDays).toBe(91);
    expect(due.because).toEqual(['its filament only just does', '2 of its kind have failed']);
    const worn = dueOf(part, [look('a', '2026-06-01T10:00:00Z', 'worn')], calm, '2026-06-11')!;
    expect(worn.because).toEqual(['it was worn at the last look']);
  });

  it('never comes later where failing is worse', () => {
    const days = (['nothing', 'annoys', 'damages', 'injures'] as const).map(
      ifItFails => dueOf({ ...part, ifItFails }, seen, calm, '2026-06-11')!.everyDays,
    );
    expect(days).toEqual([...days].sort((a, b) => b - a));
  });

  it('is not due where it is somebody else’s: they look at it', () => {
    expect(dueOf({ ...part, origin: 'Fell growers' }, seen, calm, '2026-06-11')).toBeNull();
  });

  it('is not due once its service has ended', () => {
    expect(dueOf(part, [look('a', '2026-06-01T10:00:00Z', 'failed', 'worn')], calm, '2027-01-01')).toBeNull();
  });
});

describe('what to look at', () => {
  const place = (p: object): Parameters<typeof checksFor>[0] => ({
    ifItFails: 'annoys',
    place: {
      where: 'x',
      heat: 'indoors',
      sun: 'none',
      aspect: 'any',
      water: 'dry',
      load: 'none',
      partMaxC: null,
      climate: null,
      airMaxC: null,
      frostsAYear: null,
      heatingsAYear: null,
      weatherId: null,
      ...p,
    },
  });

  it('is nothing of the sun indoors, and all of it on a roof', () => {
    expect(checksFor(place({})).map(c => c.id)).toEqual([]);
    expect(checksFor(place({ heat: 'outdoors', sun: 'full' })).map(c => c.id)).toEqual(
      expect.arrayContaining(['fading', 'nail', 'chewed', 'bent']),
    );
  });

  it('puts first what does harm', () => {
    const checks = checksFor({ ...place({ load: 'held', sun: 'full' }), ifItFails: 'injures' });
    expect(checks[0]).toEqual({ id: 'cracks', why: 'if it breaks it does harm' });
    expect(checks[1]!.id).toBe('loose');
  });
});

describe('what parts tell together', () => {
  it('lets a part that may be one of two speak for neither', () => {
    const unsure = placed({ material: 'petg', years: 3 });
    unsure.placement.materials.push({ material: 'asa', share: 0.5 });
    const groups = evidence([placed({ material: 'petg', years: 3 }), unsure], 'family', family);
    expect(groups.map(g => g.key).sort()).toEqual(['petg', UNSURE]);
  });

  it('says how many of yours like this have stood how long, and how the first failed', () => {
    const brief = parseBrief({
      format: 'hornblende-brief',
      version: 1,
      name: 'Bracket',
      sun: 'full',
      heat: { setting: 'outdoors' },
    });
    const list = [
      ...[5, 6, 7, 8].map(years => placed({ material: 'asa', sun: 'full', years })),
      placed({ material: 'asa', sun: 'full', years: 2, verdict: 'failed', mode: 'cracked' }),
      placed({ material: 'asa', sun: 'none', years: 9 }),
      placed({ material: 'pla', sun: 'full', years: 1 }),
    ];
    const like = loggedLike(list, 'asa', brief, family)!;
    expect(like.words).toBe(
      '4 of yours like this, as dark and as loaded, have stood 5 years; 1 failed, the first cracked after 2 years.',
    );
    expect(like.lowerBound95).toBeCloseTo(0.3426, 3);
    expect(loggedLike(list, 'petg', brief, family)).toBeNull();
  });

  it('says what others logged apart from what is yours, and counts it by its weight', () => {
    const brief = parseBrief({
      format: 'hornblende-brief',
      version: 1,
      name: 'Bracket',
      sun: 'full',
      heat: { setting: 'outdoors' },
    });
    const mine = placed({ material: 'asa', sun: 'full', years: 3 });
    const theirs = [4, 5].map(years =>
      placed({ material: 'asa', sun: 'full', years, origin: 'Fell growers', weight: 0.5 }),
    );
    const like = loggedLike([mine, ...theirs], 'asa', brief, family)!;
    expect(like.words).toBe(
      '1 of yours like this, as dark and as loaded, has stood 3 years. ' +
        '2 that others logged like this, as dark and as loaded, have stood 4 years.',
    );
    expect([like.own.parts, like.others.parts]).toEqual([1, 2]);
    // Two of two: 0.05^(1/2) is the bound at 95 %.
    expect(like.lowerBound95).toBeCloseTo(Math.sqrt(0.05), 6);
  });

  it('looks for parts as dark and as loaded first, and takes the others where there are none', () => {
    const of = (colour: string, loads: object[]): string =>
      loggedLike(
        [
          placed({ material: 'asa', sun: 'full', years: 3, colour: 'black', load: 'held' }),
          placed({ material: 'asa', sun: 'full', years: 6, colour: 'white', load: 'none' }),
        ],
        'asa',
        parseBrief({
          format: 'hornblende-brief',
          version: 1,
          name: 'Bracket',
          sun: 'full',
          heat: { setting: 'outdoors' },
          looks: { colour },
          loads,
        }),
        family,
      )!.words;
    const held = { kind: 'sustained', case: 'direct-stress', stressMPa: 2, hours: 1000 };
    const cyclic = { kind: 'cyclic', case: 'direct-stress', stressMPa: 2, cycles: 1000 };
    expect(of('black', [held])).toMatch(/1 of yours like this, as dark and as loaded, has stood 3 years/);
    expect(of('white', [])).toMatch(/as dark and as loaded, has stood 6 years/);
    // White and held: the load is alike.
    expect(of('white', [held])).toBe('1 of yours like this has stood 3 years.');
    expect(of('black', [cyclic])).toBe('1 of yours like this has stood 3 years.');
  });

  it('writes a line for the library’s card from data', () => {
    const list = [
      placed({ material: 'pla', years: 1, verdict: 'failed', mode: 'deformed' }),
      placed({ material: 'pla', years: 4 }),
    ];
    expect(familyLesson(list, 'pla', family)).toBe(
      '2 of yours are out there, the longest for 4 years; 1 bent out of shape.',
    );
    expect(familyLesson(list, 'asa', family)).toBe('');
    expect(familyLesson([placed({ material: 'asa', years: 4, origin: 'Fell growers' })], 'asa', family)).toBe(
      '',
    );
  });

  it('says years as people do', () => {
    expect([yearsText(1 / 12), yearsText(0.5), yearsText(2), yearsText(5.25)]).toEqual([
      'a month',
      '6 months',
      '2 years',
      '5.3 years',
    ]);
  });
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
