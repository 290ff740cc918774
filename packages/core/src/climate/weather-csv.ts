import Papa from 'papaparse';
import { InputError } from '../input/parse.js';
import { type ReadWeather, number, finish } from './weather-series.js';
import { Problems } from './weather-problems.js';

const headers = {
  air: /^(air|dry.?bulb|temp|t_?air|t2m|ambient)/i,
  ghi: /^(ghi|global|irradiance|solar|g_?h)/i,
  wind: /^(wind|ws|speed)/i,
};

/** Reads a year of weather from CSV with a header row. @throws InputError naming line, value and what is wanted */
export function readCsv(name: string, text: string): ReadWeather {
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
