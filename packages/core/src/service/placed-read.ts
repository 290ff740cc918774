import { decodeText } from '../lib/decode-text.js';
import { unguarded } from '../lib/formula-guard.js';
import { InputError, type Problem } from '../input/parse.js';
import { parseQuantity, QuantityError } from '../units/index.js';
import { familyNamed } from '../materials/family-named.js';
import { parseInspection } from './inspection.js';
import { failureModes, type FailureMode } from './modes.js';
import { parsePlacement, PLACE_UNSAID, type PlacedMaterial } from './placement.js';
import { isZip, readPlacedArchive } from './placed-archive.js';
import { tableCells, whole } from './placed-cells.js';
import {
  markDoubles,
  type PlacedLook,
  type PlacedReading,
  type PlacedRow,
  type PlacedTable,
} from './placed-row.js';
import {
  colourSaid,
  consequenceSaid,
  heatSaid,
  loadSaid,
  outcomeSaid,
  placedColumns,
  sunSaid,
  waterSaid,
  type PlacedColumn,
} from './placed-words.js';
import { roughDate } from './rough-date.js';

/**
 * Reads placed parts from CSV, a paste out of a sheet (tabs), JSON, or the archive of another workshop. Never throws
 * for what is in the file.
 */
export function readPlacedTable(bytes: Uint8Array, reading: PlacedReading): PlacedTable {
  if (isZip(bytes)) return readPlacedArchive(bytes, reading);
  const { text, note } = decodeText(bytes);
  const plain = text.replace(/^\ufeff/, '');
  const cells = tableCells(plain);
  const notes = note ? [note] : [];
  if ('problem' in cells) return { rows: [], columns: [], problems: [cells.problem], notes };
  const columns = cells.headings.map(heading => ({ heading, as: columnNamed(heading) }));
  const problem = missing(columns);
  if (problem) return { rows: [], columns, problems: [problem], notes };
  const unknown = columns.filter(c => c.as === null && c.heading.trim()).map(c => c.heading);
  if (unknown.length) notes.push(`Columns that are not known here are left out: ${unknown.join(', ')}.`);
  const rows = cells.lines
    .map(({ line, values }) => ({ line, values: values.map(v => unguarded(v.trim())) }))
    .filter(l => l.values.some(Boolean))
    .map(({ line, values }) => rowOf(line, columns, values, reading));
  markDoubles(rows, reading.existing);
  return { rows, columns, problems: rows.length ? [] : [whole('has a heading but no rows')], notes };
}

function columnNamed(heading: string): PlacedColumn | null {
  const plain = heading
    .trim()
    .toLowerCase()
    .replace(/[_-]+/g, ' ')
    .replace(/\s*\(.*\)$/, '');
  const found = (Object.keys(placedColumns) as PlacedColumn[]).find(c =>
    (placedColumns[c] as readonly string[]).includes(plain),
  );
  return found ?? null;
}

/** Three answers are needed: what it is, of which filament, and since when. */
function missing(columns: PlacedTable['columns']): Problem | null {
  const has = (c: PlacedColumn): boolean => columns.some(x => x.as === c);
  const lacking = (['name', 'material', 'since'] as const).filter(c => !has(c));
  const twice = columns.find((c, i) => c.as && columns.findIndex(x => x.as === c.as) !== i);
  if (twice) return whole(`has two columns for ${twice.as}: “${twice.heading}” is the second`);
  return lacking.length
    ? whole(
        `lacks the column${lacking.length > 1 ? 's' : ''} ${lacking.join(' and ')}; it has ` +
          `${
            columns
              .map(c => c.heading)
              .filter(Boolean)
              .slice(0, 12)
              .join(', ') || 'none'
          }`,
      )
    : null;
}

function rowOf(
  line: number,
  columns: PlacedTable['columns'],
  values: readonly string[],
  reading: PlacedReading,
): PlacedRow {
  const problems: Problem[] = [];
  const cell = (c: PlacedColumn): string => values[columns.findIndex(x => x.as === c)] ?? '';
  const refuse = (field: PlacedColumn, message: string): null => {
    problems.push({ field, value: cell(field), message });
    return null;
  };
  const name = cell('name');
  if (!name) refuse('name', 'is needed');
  const since = readSince(cell('since'), reading.today, message => refuse('since', message));
  const materials = readMaterials(cell('material'), reading, message => refuse('material', message));
  const oneOf = <T extends string>(
    c: PlacedColumn,
    words: Readonly<Record<T, readonly string[]>>,
  ): T | null => wordIn(cell(c), words, message => refuse(c, message));
  const place = {
    where: cell('where') || PLACE_UNSAID,
    ...kept('heat', oneOf('heat', heatSaid)),
    ...kept('sun', oneOf('sun', sunSaid)),
    ...kept('water', oneOf('water', waterSaid)),
    ...kept('load', oneOf('load', loadSaid)),
    ...kept(
      'partMaxC',
      readTemperature(cell('partMaxC'), m => refuse('partMaxC', m)),
    ),
  };
  const plain = {
    format: 'hornblende-service',
    version: 1,
    name,
    materials,
    place,
    since: since?.on,
    sinceRough: since?.rough ?? false,
    ...kept('colour', oneOf('colour', colourSaid)),
    ...kept('ifItFails', oneOf('ifItFails', consequenceSaid)),
    ...kept(
      'walls',
      readNumber(cell('walls'), m => refuse('walls', m)),
    ),
    ...kept(
      'lifeYears',
      readNumber(cell('lifeYears'), m => refuse('lifeYears', m)),
    ),
    code: cell('code'),
    note: cell('note'),
    origin: cell('origin') || reading.origin,
    weight: readNumber(cell('weight'), m => refuse('weight', m)) ?? reading.weight,
  };
  const look = since && lookOf(cell, since.on, reading.today, refuse);
  const row: PlacedRow = {
    line,
    verdict: 'reject',
    name,
    placement: null,
    looks: look ? [look] : [],
    problems,
    twin: '',
  };
  if (problems.length) return row;
  try {
    return { ...row, verdict: 'add', placement: parsePlacement(plain) };
  } catch (e) {
    if (!(e instanceof InputError)) throw e;
    return { ...row, problems: e.problems };
  }
}

type Refuse = (message: string) => null;

const kept = <K extends string, V>(key: K, value: V | null): Partial<Record<K, V>> =>
  value === null ? {} : ({ [key]: value } as Partial<Record<K, V>>);

function readSince(text: string, today: string, refuse: Refuse): { on: string; rough: boolean } | null {
  if (!text) return refuse('is needed');
  const found = roughDate(text);
  if (!found) return refuse('is no date such as 2021-05-14, 14.5.2021, May 2021 or 2021');
  return found.on > today ? refuse('lies ahead') : found;
}

/** One filament, or several where that is half remembered: "PETG or ASA", "PETG/ASA?". */
function readMaterials(text: string, { materialNamed }: PlacedReading, refuse: Refuse): PlacedMaterial[] {
  if (!text) {
    refuse('is needed; where it is half remembered, name both: PETG or ASA');
    return [];
  }
  const names = text
    .replace(/\?+$/, '')
    .split(/\s+or\s+|\s*\/\s*|\s*\|\s*/i)
    .map(n => n.trim())
    .filter(Boolean);
  const keys = names.map(n => materialNamed(n));
  const unknown = names.filter((_, i) => keys[i] === null);
  if (unknown.length)
    refuse(
      names.length === 1
        ? 'is no family or grade here'
        : `names what is no family or grade here: ${unknown.join(', ')}`,
    );
  return keys.flatMap(material => (material === null ? [] : [{ material, share: 1 / keys.length }]));
}

function wordIn<T extends string>(
  text: string,
  words: Readonly<Record<T, readonly string[]>>,
  refuse: Refuse,
): T | null {
  if (!text) return null;
  const plain = text.toLowerCase();
  const found = (Object.keys(words) as T[]).find(k => words[k].includes(plain));
  return found ?? refuse(`must be one of ${Object.keys(words).join(', ')}`);
}

function readNumber(text: string, refuse: Refuse): number | null {
  if (!text) return null;
  const value = Number(text.replace(',', '.'));
  return Number.isFinite(value) ? value : refuse('must be a number');
}

function readTemperature(text: string, refuse: Refuse): number | null {
  if (!text) return null;
  try {
    return parseQuantity(text, 'temperature').value;
  } catch (e) {
    if (e instanceof QuantityError) return refuse(e.message);
    throw e;
  }
}

/** The look that an outcome amounts to: on the day that it was seen, else today; null where nothing was said. */
function lookOf(
  cell: (c: PlacedColumn) => string,
  since: string,
  today: string,
  refuse: (field: PlacedColumn, message: string) => null,
): PlacedLook | null {
  const text = cell('outcome').toLowerCase();
  const howText = cell('mode').toLowerCase();
  if (!text && !cell('seen') && !howText) return null;
  const said = outcomeSaid[text || (howText ? 'failed' : 'fine')];
  if (!said) return refuse('outcome', `must be one of ${Object.keys(outcomeSaid).join(', ')}`);
  const seen = cell('seen') ? roughDate(cell('seen')) : { on: today, rough: false };
  if (!seen) return refuse('seen', 'is no date such as 2021-05-14, 14.5.2021, May 2021 or 2021');
  if (seen.on < since) return refuse('seen', `lies before it was placed, ${since}`);
  if (seen.on > today) return refuse('seen', 'lies ahead');
  const how =
    outcomeSaid[howText]?.mode ?? (failureModes as readonly string[]).find(m => m === howText) ?? null;
  if (howText && !how) return refuse('mode', `must be one of ${failureModes.join(', ')}`);
  const mode = said.verdict === 'failed' ? ((how ?? said.mode) as FailureMode) : null;
  const {
    id: _id,
    placementId: _placementId,
    ...look
  } = parseInspection({
    id: 'of-a-table',
    placementId: 'of-a-table',
    at: `${seen.on}T12:00:00Z`,
    verdict: said.verdict,
    mode,
  });
  return look;
}

/** A look-up of filaments by key or name, families first. @param grades the workshop’s own */
export function materialFinderByName(
  grades: readonly { key: string; name: string }[],
  isFamily: (key: string) => boolean,
): (text: string) => string | null {
  const own = new Map(grades.flatMap(g => [g.key, g.name].map(n => [n.toLowerCase(), g.key] as const)));
  return text => {
    const key = familyNamed(text);
    return isFamily(key) ? key : (own.get(text.trim().toLowerCase()) ?? null);
  };
}
