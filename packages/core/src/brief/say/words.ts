import { labelOf } from '../field-labels.js';
import { sig } from '../../lib/figures.js';
import type { Understood } from './reading.js';

/** What some words were taken for: "sun: full", "load 1, force: 29.4 N". */
export function briefSaying({ field, value }: Pick<Understood, 'field' | 'value'>): string {
  if (field === 'name') return `called ${String(value)}`;
  if (field === 'printer') return 'the printer that it is made on';
  return `${labelOf(field)}: ${valueWords(value)}`;
}

function valueWords(value: unknown): string {
  if (Array.isArray(value)) return value.map(valueWords).join(' to ');
  if (typeof value === 'number') return sig(value, 4);
  return value === true ? 'yes' : String(value).replaceAll('-', ' ');
}
