import type { Weather } from '@hornblende/core/climate';
import type { RecordKind } from '../kind.js';
import { parsed, titled } from './fields.js';

/** Years of hourly weather that users brought. */
export const weathers: RecordKind = {
  name: 'weathers',
  one: 'weather',
  table: 'weathers',
  key: ['id'],
  json: ['data', 'summary'],
  writtenAt: ['created_at'],
  title: titled('name'),
  check: row => {
    const { airC } = parsed(row, 'data') as Partial<Weather>;
    if (!Array.isArray(airC)) throw new Error('has no hours');
  },
};
