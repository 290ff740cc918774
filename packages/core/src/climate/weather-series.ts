import { YEAR_HOURS, type Weather } from './weather.js';
import { clearSkyGhiWm2, cosZenith, middleOfHour } from './clear-sky.js';
import { InputError } from '../input/parse.js';
import { Problems } from './weather-problems.js';

/** Missing hours in a row that are bridged by a straight line; more is an error. */
const LONGEST_GAP = 6;

/** What was read, and what was done to it. */
export interface ReadWeather {
  weather: Weather;
  notes: string[];
}

/** A cell as a number; null when missing. */
export function number(
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

/** Makes a year of weather of what was read: gaps bridged, impossible values refused. @throws InputError */
export function finish(
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
    const before = out[i - 1] ?? series[end] ?? 0;
    const after = series[end] ?? out[i - 1] ?? 0;
    for (let j = 0; j < gap; j++) out.push(before + ((after - before) * (j + 1)) / (gap + 1));
    filled += gap;
    i = end - 1;
  }
  if (filled)
    notes.push(`${filled} missing ${filled === 1 ? 'hour' : 'hours'} of ${what} bridged by straight lines.`);
  return out;
}
