import { windowNames } from '@hornblende/core/formats';
import type { Problem } from '@hornblende/core/input';
import { propertyNames, type PropertyName, type WindowName, windowWords } from '@hornblende/core/materials';
import type { ImportVerdict, PreviewRow } from '@hornblende/core/tables';
import { sig } from '@hornblende/core/lib';

/** What importing would do with a row, in words, with its mark. */
export const verdictWords: Record<ImportVerdict, { mark: string; word: string }> = {
  add: { mark: '+', word: 'new' },
  change: { mark: '±', word: 'changed' },
  same: { mark: '=', word: 'the same already' },
  reject: { mark: '×', word: 'cannot be used' },
};

const plain: Record<string, string> = {
  name: 'Name',
  maker: 'Maker',
  family: 'Family',
  note: 'Note',
  key: 'Key',
};
const MEASURED = 'measured.';
const FIGURES = 4;
/** So much of a value that cannot be used is quoted. */
const QUOTED = 40;

/** A column of the table as people call it: "Modulus, measured here". */
export function columnName(field: string, label: (name: PropertyName) => string): string {
  const measured = field.startsWith(MEASURED);
  const name = measured ? field.slice(MEASURED.length) : field;
  const title = titleOf(name, label);
  return measured ? `${title}, measured here` : title;
}

function titleOf(name: string, label: (name: PropertyName) => string): string {
  if ((propertyNames as readonly string[]).includes(name)) return label(name as PropertyName);
  if ((windowNames as readonly string[]).includes(name)) return windowWords[name as WindowName].label;
  return plain[name] ?? name;
}

/** A cell as people write it: numbers with four figures, ranges as "91 to 101, typical 96". */
export function cellText(cell: string): string {
  if (!cell) return 'nothing';
  const parts = cell.split('..').map(figure);
  if (parts.length === 3) return `${parts[1]} (${parts[0]} to ${parts[2]})`;
  return parts.join(' to ');
}

function figure(text: string): string {
  const value = Number(text);
  return text.trim() && Number.isFinite(value) ? sig(value, FIGURES) : text;
}

/** A change of a row: what it is about, from what, to what. */
export function changeText(
  c: PreviewRow['changes'][number],
  label: (name: PropertyName) => string,
): { what: string; before: string; after: string } {
  return { what: columnName(c.field, label), before: cellText(c.before), after: cellText(c.after) };
}

/** What is wrong with a row's field. */
export function problemText(p: Problem, label: (name: PropertyName) => string): string {
  const value = String(p.value ?? '').slice(0, QUOTED);
  return `${columnName(p.field, label)}: “${value}” ${p.message}`;
}
