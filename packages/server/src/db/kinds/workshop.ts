import { parseWorkshop } from '@hornblende/core/formats';
import type { RecordKind } from '../kind.js';
import { parsed } from './fields.js';

/** The settings of the workshop: one row. */
export const workshopSettings: RecordKind = {
  name: 'workshop',
  one: 'setting',
  table: 'workshop',
  key: ['id'],
  json: ['settings'],
  writtenAt: ['updated_at'],
  title: () => 'settings of the workshop',
  check: row => void parseWorkshop(parsed(row, 'settings')),
};

/** What print services ask for parts. */
export const quotes: RecordKind = {
  name: 'quotes',
  one: 'quote',
  table: 'part_quotes',
  key: ['part_id'],
  json: [],
  references: [{ column: 'part_id', field: null, to: 'parts', gone: 'goes too' }],
  writtenAt: ['updated_at'],
  title: () => 'a quote for a part',
  check: row => {
    if (!Number.isFinite(row.each)) throw new Error('is no price');
  },
};
