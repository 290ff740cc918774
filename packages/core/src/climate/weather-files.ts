import { InputError } from '../input/parse.js';
import type { ReadWeather } from './weather-series.js';
import { readEpw } from './epw.js';
import { readCsv } from './weather-csv.js';

/** Largest weather file read, characters: a year by the hour is well under 3 MB. */
export const WEATHER_LIMIT = 20_000_000;

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
