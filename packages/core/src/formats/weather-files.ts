import Papa from 'papaparse';
import { YEAR_HOURS, type Weather } from '../climate/weather.js';
import { clearSkyGhiWm2, cosZenith, middleOfHour } from '../climate/clear-sky.js';
import { InputError, type Problem } from './parse.js';

/** Largest weather file read, characters: a year by the hour is well under 3 MB. */
export const WEATHER_LIMIT = 20_000_000;
/** Missing hours in a row that are bridged by a straight line; more is an error. */
const LONGEST_GAP = 6;
/** How many problems are listed before the rest is only counted. */
const MOST_PROBLEMS = 20;

/** What was read, and what was done to it. */
export interface ReadWeather {
  weather: Weather;
  notes: string[];
}

/**
 * Reads a year of hourly weather from EPW (35 columns after eight header lines) or from CSV with a header row.
 * Missing markers (EPW's 99.9, 999 and 9999; −999 and empty cells in CSV) are bridged over up to six hours.
 * @param name the file's name: it tells EPW from CSV, and names the weather
 * @throws InputError naming line, value and what is wanted
 */
export function readWeatherFile(name: string, text: string): ReadWeather {
  if (text.length > WEATHER_LIMIT)
    throw new InputError([
      {
        field: name,
        value: `${Math.round(text.length / 1e6)} MB`,
        message: `is over the limit of ${WEATHER_LIMIT / 1e6} MB for a year of hourly weather`,
      },
    ]);
  const plain = text.replace(/^\uFEFF/, '');
  if (!plain.trim()) throw new InputError([{ field: name, value: '', message: 'is empty' }]);
  return /^LOCATION,/i.test(plain) || /\.epw$/i.test(name) ? readEpw(name, plain) : readCsv(name, plain);
}

const EPW_COLUMNS = 35;
const EPW_HEADER = 8;
/** Columns of EPW, from 0: dry bulb, global horizontal radiation, wind speed; with the values that mean "missing". */
const EPW = { air: { at: 6, missing: 99.9 }, ghi: { at: 13, missing: 9999 }, wind: { at: 21, missing: 999 } };

function readEpw(name: string, text: string): ReadWeather {
  const lines = text.split(/\r\n|\n|\r/).filter((l, i) => l.trim() !== '' || i < EPW_HEADER);
  const place = (lines[0] ?? '').split(',');
  if (!/^LOCATION$/i.test(place[0] ?? ''))
    throw new InputError([
      {
        field: `${name}, line 1`,
        value: (lines[0] ?? '').slice(0, 40),
        message: 'must begin with LOCATION: this is not an EPW file',
      },
    ]);
  const problems = new Problems(name);
  const rows = lines.slice(EPW_HEADER);
  const columns: Record<'air' | 'ghi' | 'wind', (number | null)[]> = { air: [], ghi: [], wind: [] };
  rows.forEach((line, i) => {
    const cells = line.split(',');
    if (cells.length < EPW_COLUMNS - 1 || cells.length > EPW_COLUMNS + 2) {
      problems.add(
        i + EPW_HEADER + 1,
        line.slice(0, 30),
        `has ${cells.length} columns; ${EPW_COLUMNS} are wanted`,
      );
      return;
    }
    for (const key of ['air', 'ghi', 'wind'] as const) {
      const cell = cells[EPW[key].at]?.trim() ?? '';
      columns[key].push(number(cell, v => v >= EPW[key].missing || v <= -999, problems, i + EPW_HEADER + 1));
    }
  });
  problems.throwIfAny();
  const numberAt = (i: number, fallback: number): number => {
    const v = Number(place[i]);
    return place[i]?.trim() && Number.isFinite(v) ? v : fallback;
  };
  return finish(
    name,
    place[1]?.trim() || name,
    { latitudeDeg: numberAt(6, 45), longitudeDeg: numberAt(7, 0), timezoneH: numberAt(8, 0) },
    columns.air,
    columns.ghi,
    columns.wind,
  );
}

const headers = {
  air: /^(air|dry.?bulb|temp|t_?air|t2m|ambient)/i,
  ghi: /^(ghi|global|irradiance|solar|g_?h)/i,
  wind: /^(wind|ws|speed)/i,
};

function readCsv(name: string, text: string): ReadWeather {
  const parsed = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy' });
  const [head = [], ...rows] = parsed.data;
  const at = (pattern: RegExp): number => head.findIndex(h => pattern.test(h.trim()));
  const columns = { air: at(headers.air), ghi: at(headers.ghi), wind: at(headers.wind) };
  if (columns.air < 0)
    throw new InputError([
      {
        field: `${name}, line 1`,
        value: head.join(parsed.meta.delimiter).slice(0, 60),
        message: 'must name a column of air temperature: airC, and optionally ghiWm2 and windMs',
      },
    ]);
  const commas = parsed.meta.delimiter === ';';
  const problems = new Problems(name);
  const series: Record<'air' | 'ghi' | 'wind', (number | null)[]> = { air: [], ghi: [], wind: [] };
  rows.forEach((cells, i) => {
    if (cells.length !== head.length) {
      problems.add(
        i + 2,
        cells.join(parsed.meta.delimiter).slice(0, 30),
        `has ${cells.length} columns; the header has ${head.length}`,
      );
      return;
    }
    for (const key of ['air', 'ghi', 'wind'] as const) {
      if (columns[key] < 0) continue;
      const cell = (cells[columns[key]] ?? '').trim();
      series[key].push(
        number(commas ? cell.replace(',', '.') : cell, v => v <= -999 || v >= 9999, problems, i + 2),
      );
    }
  });
  problems.throwIfAny();
  return finish(
    name,
    name.replace(/\.[^.]+$/, ''),
    { latitudeDeg: 45, longitudeDeg: 0, timezoneH: 0 },
    series.air,
    columns.ghi < 0 ? null : series.ghi,
    columns.wind < 0 ? null : series.wind,
  );
}

/** A cell as a number; null when missing. */
function number(
  cell: string,
  missing: (v: number) => boolean,
  problems: Problems,
  line: number,
): number | null {
  if (cell === '' || /^(nan|na|null|-)$/i.test(cell)) return null;
  const v = Number(cell);
  if (!Number.isFinite(v)) {
    problems.add(line, cell, 'is not a number');
    return null;
  }
  return missing(v) ? null : v;
}

function finish(
  file: string,
  name: string,
  place: Pick<Weather, 'latitudeDeg' | 'longitudeDeg' | 'timezoneH'>,
  air: (number | null)[],
  ghi: (number | null)[] | null,
  wind: (number | null)[] | null,
): ReadWeather {
  const notes: string[] = [];
  const hours = air.length;
  if (!(YEAR_HOURS as readonly number[]).includes(hours))
    throw new InputError([
      {
        field: file,
        value: `${hours} hours`,
        message: `must have every hour of a year: ${YEAR_HOURS.join(', or ')} in a leap year`,
      },
    ]);
  const problems = new Problems(file);
  const airC = bridged('air temperature', air, -90, 70, problems, notes);
  let ghiWm2: number[];
  if (ghi) ghiWm2 = bridged('irradiance', ghi, 0, 1500, problems, notes);
  else {
    notes.push('No irradiance in the file: a clear sky is taken, which is hotter than the truth.');
    ghiWm2 = Array.from({ length: hours }, (_, i) =>
      Math.round(
        clearSkyGhiWm2(cosZenith(middleOfHour(i, place.timezoneH), place.latitudeDeg, place.longitudeDeg)),
      ),
    );
  }
  if (!wind) notes.push('No wind in the file: 2 m/s is taken.');
  const windMs = wind
    ? bridged('wind', wind, 0, 80, problems, notes)
    : Array.from({ length: hours }, () => 2);
  problems.throwIfAny();
  return { weather: { name, ...place, airC, ghiWm2, windMs }, notes };
}

/** Fills short gaps by straight lines, and refuses long ones and impossible values. */
function bridged(
  what: string,
  series: (number | null)[],
  min: number,
  max: number,
  problems: Problems,
  notes: string[],
): number[] {
  const out: number[] = [];
  let filled = 0;
  for (let i = 0; i < series.length; i++) {
    const v = series[i] ?? null;
    if (v !== null) {
      if (v < min || v > max)
        problems.addAt(`hour ${i}`, v, `of ${what} is impossible; allowed: ${min} to ${max}`);
      out.push(v);
      continue;
    }
    let end = i;
    while (end < series.length && (series[end] ?? null) === null) end++;
    const gap = end - i;
    if (gap > LONGEST_GAP) {
      problems.addAt(
        `hours ${i} to ${end - 1}`,
        'missing',
        `of ${what}: at most ${LONGEST_GAP} missing hours in a row can be bridged`,
      );
      out.push(...Array<number>(gap).fill(0));
      i = end - 1;
      continue;
    }
    const [before, after] = [out[i - 1] ?? series[end] ?? 0, series[end] ?? out[i - 1] ?? 0];
    for (let j = 0; j < gap; j++) out.push(before + ((after - before) * (j + 1)) / (gap + 1));
    filled += gap;
    i = end - 1;
  }
  if (filled)
    notes.push(`${filled} missing ${filled === 1 ? 'hour' : 'hours'} of ${what} bridged by straight lines.`);
  return out;
}

/** Collects problems, the first few in full and the rest as a count. */
class Problems {
  private readonly list: Problem[] = [];
  private more = 0;
  constructor(private readonly file: string) {}
  add(line: number, value: unknown, message: string): void {
    this.addAt(`line ${line}`, value, message);
  }
  addAt(where: string, value: unknown, message: string): void {
    if (this.list.length < MOST_PROBLEMS) this.list.push({ field: `${this.file}, ${where}`, value, message });
    else this.more++;
  }
  throwIfAny(): void {
    if (!this.list.length) return;
    throw new InputError(
      this.more
        ? [...this.list, { field: this.file, value: this.more, message: 'more such problems' }]
        : this.list,
    );
  }
}
