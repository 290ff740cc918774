import type { RecordKind } from '../kind.js';
import { titled } from './fields.js';

/** Marks of the workshop's own, such as that the demo was laid out. */
export const marks: RecordKind = {
  name: 'marks',
  one: 'mark',
  table: 'marks',
  key: ['name'],
  json: [],
  writtenAt: ['at'],
  onlyAdded: true,
  title: titled('name'),
  check: () => undefined,
};
