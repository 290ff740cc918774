import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checksFor } from '../../src/service/checks.js';
import { dueOf, type Due } from '../../src/service/due.js';
import { serviceRecord, serviceStanding, standingAt, type Look } from '../../src/service/standing.js';

const own = { weight: 1 };
const look = (id: string, at: string, verdict: Look['verdict'], mode: Look['mode'] = null): Look => ({
  id,
  at,
  verdict,
  mode,
  struck: false,
});
const since = { since: '2020-01-01', pauses: [] };

const calm = { marginal: false, failuresOfKind: 0 };

describe('a part that is due at the end of days', () => {
  it('is due on the last day that can be written', () => {
    const placed = {
      since: '9999-12-20',
      pauses: [],
      ifItFails: 'annoys' as const,
      lifeYears: 5,
      origin: '',
    };
    const due = dueOf(
      placed,
      serviceStanding(placed, [], '2026-01-01T00:00:00Z'),
      calm,
      '2026-01-01T00:00:00Z',
    );
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

  it('moves on by its years alone, with the same looks', () => {
    for (const some of [[], looks.slice(0, 2), looks])
      for (const pauses of [[], [{ from: '2020-06-01', to: null }]]) {
        const placed = { since: '2020-01-01', pauses };
        const before = serviceStanding(placed, some, '2024-06-01');
        expect(standingAt(before, placed, '2026-01-01')).toEqual(serviceStanding(placed, some, '2026-01-01'));
      }
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
  const seen = [look('a', '2026-06-01T10:00:00Z', 'fine')];
  const dueIn = (
    placed: Parameters<typeof dueOf>[0] & typeof since,
    looks: Look[],
    risk: typeof calm,
    now: string,
  ): Due | null => dueOf(placed, serviceStanding(placed, looks, now), risk, now);

  it('is a month after it went out, and a year after a look where failing annoys', () => {
    expect(dueIn(part, [], calm, '2026-01-11')).toMatchObject({ on: '2026-01-31', inDays: 20 });
    expect(dueIn(part, seen, calm, '2026-06-11')).toMatchObject({ on: '2027-06-01', everyDays: 365 });
  });

  it('halves for each thing that speaks for looking sooner, and says which', () => {
    const soon = dueIn(part, seen, { marginal: true, failuresOfKind: 2 }, '2026-06-11')!;
    expect(soon.everyDays).toBe(91);
    expect(soon.because).toEqual(['its filament only just does', '2 of its kind have failed']);
    const worn = dueIn(part, [look('a', '2026-06-01T10:00:00Z', 'worn')], calm, '2026-06-11')!;
    expect(worn.because).toEqual(['it was worn at the last look']);
  });

  it('never comes later where failing is worse', () => {
    const days = (['nothing', 'annoys', 'damages', 'injures'] as const).map(
      ifItFails => dueIn({ ...part, ifItFails }, seen, calm, '2026-06-11')!.everyDays,
    );
    expect(days).toEqual([...days].sort((a, b) => b - a));
  });

  it('is not due where it is somebody else’s: they look at it', () => {
    expect(dueIn({ ...part, origin: 'Fell growers' }, seen, calm, '2026-06-11')).toBeNull();
  });

  it('is not due once its service has ended', () => {
    expect(dueIn(part, [look('a', '2026-06-01T10:00:00Z', 'failed', 'worn')], calm, '2027-01-01')).toBeNull();
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
