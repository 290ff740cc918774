import { InputError } from '../input/parse.js';
import { type ReadWeather, number, finish } from './weather-series.js';
import { Problems } from './weather-problems.js';

const EPW_COLUMNS = 35;

const EPW_HEADER = 8;

/** Columns of EPW, from 0: dry bulb, global horizontal radiation, wind speed; with the values that mean "missing". */
const EPW = { air: { at: 6, missing: 99.9 }, ghi: { at: 13, missing: 9999 }, wind: { at: 21, missing: 999 } };

/** Reads a year of weather from EPW. @throws InputError naming line, value and what is wanted */
export function readEpw(name: string, text: string): ReadWeather {
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
