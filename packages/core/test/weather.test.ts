import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { conditionsOf } from '../src/brief/conditions.js';
import { clearSkyGhiWm2, cosZenith, middleOfHour } from '../src/climate/clear-sky.js';
import { climate, climateKeys } from '../src/climate/climates.js';
import { annualGhiKWhm2, highest, lowest, type Weather } from '../src/climate/weather.js';
import { InputError } from '../src/input/input-error.js';
import { hoursAbove, partYear } from '../src/models/part-year.js';
import { calculate } from '../src/registry.js';
import { rank } from '../src/score/rank.js';
import { readWeatherFile } from '../src/climate/weather-files.js';
import { brief, candidate } from './cases.js';

/** An EPW text of so many hours, with a change to any row. */
function epw(hours: number, change: (cells: string[], hour: number) => string[] = c => c): string {
  const head = [
    'LOCATION,Testmoor,-,-,made up,000000,54.5,-2.1,0.0,300.0',
    'DESIGN CONDITIONS,0',
    'TYPICAL/EXTREME PERIODS,0',
    'GROUND TEMPERATURES,0',
    'HOLIDAYS/DAYLIGHT SAVINGS,No,0,0,0',
    'COMMENTS 1,',
    'COMMENTS 2,',
    'DATA PERIODS,1,1,Data,Sunday,1/1,12/31',
  ];
  const rows = Array.from({ length: hours }, (_, h) => {
    const cells = Array<string>(35).fill('0');
    cells[6] = String(10 + 10 * Math.sin(h / 24));
    cells[13] = h % 24 > 8 && h % 24 < 18 ? '500' : '0';
    cells[21] = '3.0';
    return change(cells, h).join(',');
  });
  return [...head, ...rows].join('\r\n');
}
function csv(
  hours: number,
  head = 'time,airC,ghiWm2,windMs',
  row: (h: number) => string = h => `${h},15,${h % 24 === 12 ? 800 : 0},2`,
): string {
  return [head, ...Array.from({ length: hours }, (_, h) => row(h))].join('\n');
}
/** The first problem of a file that is refused. */
function problem(name: string, text: string): string {
  try {
    readWeatherFile(name, text);
  } catch (e) {
    if (e instanceof InputError)
      return `${e.problems[0]?.field}: ${String(e.problems[0]?.value)} ${e.problems[0]?.message}`;
    throw e;
  }
  return 'accepted';
}

describe('the sun', () => {
  it('stands where it should: 23.4° north of the equator at the June solstice', () => {
    const noons = Array.from({ length: 24 }, (_, h) =>
      cosZenith(new Date(Date.UTC(2025, 5, 21, h)), 23.44, 0),
    );
    expect(Math.max(...noons)).toBeGreaterThan(0.999);
    expect(cosZenith(new Date(Date.UTC(2025, 11, 21, 12)), 70, 0)).toBeLessThan(0);
  });
  it('follows Haurwitz', () => {
    expect(clearSkyGhiWm2(1)).toBeCloseTo(1098 * Math.exp(-0.057), 6);
    expect(clearSkyGhiWm2(-0.1)).toBe(0);
    expect(middleOfHour(0, 1).toISOString()).toBe('2024-12-31T23:30:00.000Z');
  });
});

describe('shipped climates', () => {
  it.each(climateKeys)('%s is a whole, plausible year, the same every time', key => {
    const w = climate(key);
    expect(w.airC).toHaveLength(8760);
    expect(highest(w.ghiWm2)).toBeLessThan(1050);
    expect(lowest(w.ghiWm2)).toBe(0);
    expect(lowest(w.windMs)).toBeGreaterThan(0);
    expect(climate(key)).toBe(w);
  });
  it('differ as they should', () => {
    const sun = climateKeys.map(k => annualGhiKWhm2(climate(k)));
    expect(sun[2]).toBeGreaterThan(2000);
    expect(sun[0]).toBeGreaterThan(850);
    expect(sun[3]).toBeLessThan(sun[1]!);
    expect(lowest(climate('north').airC)).toBeLessThan(-15);
  });
});

describe('heat.day and heat.year', () => {
  it('a clear day heats a dark part most at midday, and a darker one more', () => {
    const at = (absorptivity: number): { maxC: number; hottestHour: number } =>
      calculate('heat.day', { ambientMinC: 18, ambientMaxC: 33, absorptivity }).result as {
        maxC: number;
        hottestHour: number;
      };
    expect(at(0.85).hottestHour).toBeGreaterThanOrEqual(12);
    expect(at(0.85).hottestHour).toBeLessThanOrEqual(15);
    expect(at(0.95).maxC).toBeGreaterThan(at(0.25).maxC + 15);
  });
  it('counts hours as a plain loop does', () => {
    const year = partYear(climate('desert'), {
      setting: 'outdoors',
      absorptivity: 0.85,
      sunShare: 1,
      windShare: 0.5,
    });
    fc.assert(
      fc.property(fc.double({ min: -10, max: 90, noNaN: true }), t => {
        expect(hoursAbove(year, t)).toBe(year.partC.filter(x => x > t).length);
      }),
      { numRuns: 50 },
    );
    expect(year.p999C).toBeLessThanOrEqual(year.maxC);
  });
  it('tells every family in one call, and a stress costs hours', () => {
    const r = (stressMPa: number): Record<string, { allowableC: number; hoursAbove: number }> =>
      (
        calculate('heat.year', { climate: 'desert', absorptivity: 0.85, stressMPa }).result as {
          families: Record<string, { allowableC: number; hoursAbove: number }>;
        }
      ).families;
    expect(r(0.05).pla!.hoursAbove).toBeGreaterThan(300);
    expect(r(0.05).asa!.hoursAbove).toBe(0);
    expect(r(2).pla!.hoursAbove).toBeGreaterThan(r(0.05).pla!.hoursAbove);
  });
  it('a hotter year never has fewer hours above', () => {
    const base = climate('coast');
    const warmer: Weather = { ...base, airC: base.airC.map(t => t + 4) };
    const place = { setting: 'outdoors' as const, absorptivity: 0.65, sunShare: 1, windShare: 0.5 };
    const a = partYear(base, place);
    const b = partYear(warmer, place);
    for (const t of [20, 30, 40, 50]) expect(hoursAbove(b, t)).toBeGreaterThanOrEqual(hoursAbove(a, t));
  });
  it('refuses series that are too short, or impossible, by entry', () => {
    const year = Array<number>(8760).fill(10);
    expect(() => calculate('heat.year', { weather: { airC: [1], ghiWm2: year, windMs: year } })).toThrow(
      /8760 or 8784 entries, not 1/,
    );
    expect(() =>
      calculate('heat.year', { weather: { airC: year.with(7, 99), ghiWm2: year, windMs: year } }),
    ).toThrow(/entry 7 is 99/);
    expect(() =>
      calculate('heat.year', { weather: { airC: year, ghiWm2: year, windMs: Array<number>(8784).fill(1) } }),
    ).toThrow(/as many hours/);
  });
});

describe('weather in the brief', () => {
  const out = { heat: { setting: 'outdoors', climate: 'desert' }, sun: 'full', looks: { colour: 'black' } };
  it('decides the part temperature, the dose, and tells the hours', () => {
    const desert = conditionsOf(brief(out));
    const hill = conditionsOf(brief({ ...out, heat: { setting: 'outdoors', climate: 'hill' } }));
    expect(desert.partMaxC).toBeGreaterThan(hill.partMaxC + 20);
    expect(desert.uvDoseMJm2).toBeCloseTo(0.05 * annualGhiKWhm2(climate('desert')) * 3.6 * 5, 3);
    expect(candidate(rank(brief(out)), 'pla').gates.find(g => g.id === 'heat')?.why).toMatch(
      /hotter than that for \d+ hours of the year/,
    );
  });
  it('of one’s own changes the verdict', () => {
    const own = { ...out, heat: { setting: 'outdoors', climate: 'own' }, looks: { colour: 'white' } };
    const cool = readWeatherFile('cool.csv', csv(8760)).weather;
    const hot = readWeatherFile(
      'hot.csv',
      csv(8760, 'airC;ghi', () => '49,5;900'),
    ).weather;
    expect(rank(brief(own), { weather: cool }).conditions.partMaxC).toBeLessThan(35);
    expect(
      candidate(rank(brief(own), { weather: cool }), 'pla').gates.find(g => g.id === 'heat')?.verdict,
    ).toBe('pass');
    expect(
      candidate(rank(brief({ ...own, looks: { colour: 'dark' } }), { weather: hot }), 'pla').gates.find(
        g => g.id === 'heat',
      )?.verdict,
    ).toBe('fail');
  });
});

describe('weather files', () => {
  it('EPW reads, with its place', () => {
    const { weather, notes } = readWeatherFile('testmoor.epw', epw(8760));
    expect(weather).toMatchObject({ name: 'Testmoor', latitudeDeg: 54.5, longitudeDeg: -2.1 });
    expect(weather.airC[24]).toBeCloseTo(10 + 10 * Math.sin(1), 6);
    expect(notes).toEqual([]);
  });
  it('a leap year reads', () =>
    expect(readWeatherFile('leap.epw', epw(8784)).weather.airC).toHaveLength(8784));
  it('short gaps are bridged, and said', () => {
    const { weather, notes } = readWeatherFile(
      'gap.epw',
      epw(8760, (c, h) => {
        if (h >= 100 && h < 103) c[6] = '99.9';
        if (h === 200) c[13] = '9999';
        return c;
      }),
    );
    expect(notes).toEqual([
      '3 missing hours of air temperature bridged by straight lines.',
      '1 missing hour of irradiance bridged by straight lines.',
    ]);
    const a = weather.airC[99]!;
    const b = weather.airC[103]!;
    expect(weather.airC[101]).toBeCloseTo((a + b) / 2, 9);
  });
  it.each([
    ['a day missing', 'x.epw', epw(8736), /8736 hours must have every hour of a year: 8760, or 8784/],
    [
      'a long gap',
      'x.epw',
      epw(8760, (c, h) => {
        if (h >= 10 && h < 30) c[6] = '99.9';
        return c;
      }),
      /hours 10 to 29: missing of air temperature: at most 6/,
    ],
    [
      'a short row',
      'x.epw',
      epw(8760, (c, h) => (h === 5 ? c.slice(0, 20) : c)),
      /line 14: .* has 20 columns; 35 are wanted/,
    ],
    [
      'an impossible value',
      'x.csv',
      csv(8760, undefined, h => `${h},${h === 9 ? 140 : 15},0,2`),
      /hour 9: 140 of air temperature is impossible; allowed: -90 to 70/,
    ],
    [
      'text for a number',
      'x.csv',
      csv(8760, undefined, h => `${h},${h === 9 ? 'warm' : 15},0,2`),
      /line 11: warm is not a number/,
    ],
    [
      'no temperature',
      'x.csv',
      csv(8760, 'time,rain', h => `${h},1`),
      /must name a column of air temperature/,
    ],
    [
      'a wrong column count',
      'x.csv',
      csv(8760, undefined, h => (h === 3 ? '3,15' : `${h},15,0,2`)),
      /line 5: 3,15 has 2 columns; the header has 4/,
    ],
    ['not weather', 'x.epw', 'hello', /line 1: hello must begin with LOCATION/],
    ['nothing', 'x.csv', '  ', /is empty/],
    ['−999 for days', 'x.csv', csv(8760, undefined, h => `${h},-999,0,2`), /at most 6 missing hours/],
    ['50 MB', 'x.csv', 'a'.repeat(50_000_000), /50 MB is over the limit of 20 MB/],
  ])('%s is refused clearly', (_, name, text, message) => expect(problem(name, text)).toMatch(message));

  it('decimal commas, a byte order mark and missing columns are borne', () => {
    const { weather, notes } = readWeatherFile(
      'b.csv',
      `\uFEFF${csv(8760, 'Temperatur;x', () => '12,5;1').replace('Temperatur', 'temperature')}`,
    );
    expect(weather.airC[0]).toBe(12.5);
    expect(notes.join()).toMatch(/clear sky is taken.*2 m\/s/);
  });
  it('never throws anything but its own error', () =>
    fc.assert(
      fc.property(fc.string({ maxLength: 300 }), fc.constantFrom('a.epw', 'a.csv'), (text, name) => {
        expect(problem(name, text)).not.toBe('');
      }),
    ));
});
