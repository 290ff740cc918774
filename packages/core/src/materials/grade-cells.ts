import { Grade, windowLimits, windowNames, type GradeValue, type GradeValues } from './grade.js';
import type { WindowName } from './family.js';
import { propertyDefinitions } from './property-definitions.js';
import { propertyNames, type PropertyName } from './property.js';

/** The columns of a table that name a grade. */
export const identity = ['key', 'name', 'maker', 'family', 'note', 'archived'] as const;

/** What stands before the name of a property that was measured here. */
export const MEASURED = 'measured.';

/** Whether a column of a table means anything here. */
export function isColumn(name: string): boolean {
  const bare = name.startsWith(MEASURED) ? name.slice(MEASURED.length) : name;
  return (
    Object.hasOwn(propertyDefinitions, bare) ||
    Object.hasOwn(windowLimits, name) ||
    (identity as readonly string[]).includes(name)
  );
}

/** Every column by its name in small letters: spreadsheets and people write them as they like. */
const byLowerCase = new Map(
  [...identity, ...windowNames, ...propertyNames, ...propertyNames.map(n => MEASURED + n)].map(n => [
    n.toLowerCase(),
    n,
  ]),
);

/** A heading as the column that it means; as it stands where it means none. */
export function columnNamed(heading: string): string {
  return byLowerCase.get(heading.trim().toLowerCase()) ?? heading.trim();
}

/** The columns that a table of these grades needs, in the order of writing. */
export function columnsOf(grades: readonly Grade[]): string[] {
  const used = (part: (g: Grade) => object): Set<string> => {
    const names = new Set<string>();
    for (const g of grades) for (const n of Object.keys(part(g))) names.add(n);
    return names;
  };
  const sheet = used(g => g.sheet);
  const measured = used(g => g.measured);
  const windows = used(g => g.windows);
  return [
    ...identity,
    ...windowNames.filter(n => windows.has(n)),
    ...propertyNames.filter(n => sheet.has(n)),
    ...propertyNames.filter(n => measured.has(n)).map(n => MEASURED + n),
  ];
}

function valueCell(v: GradeValue): string {
  if (v.low === null && v.high === null) return String(v.typical);
  return `${v.low ?? v.typical}..${v.typical}..${v.high ?? v.typical}`;
}

/** A grade as cells of a table, by column. */
export function cellsOf(g: Grade): Record<string, string> {
  const cells: Record<string, string> = {
    key: g.key,
    name: g.name,
    maker: g.maker,
    family: g.family,
    note: g.note,
    archived: String(g.archived),
  };
  const put = (values: GradeValues, prefix: string): void => {
    for (const [n, v] of Object.entries(values) as [PropertyName, GradeValue][])
      cells[prefix + n] = valueCell(v);
  };
  for (const [n, w] of Object.entries(g.windows) as [WindowName, { low: number; high: number }][])
    cells[n] = `${w.low}..${w.high}`;
  put(g.sheet, '');
  put(g.measured, MEASURED);
  return cells;
}
