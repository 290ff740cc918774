import { parseInspection } from '@hornblende/core/formats';
import type { RecordKind } from '../kind.js';
import { dated, parsed } from './fields.js';

/** Looks at parts in service: each is written once, by an id that was made where it was written. */
export const inspections: RecordKind = {
  name: 'inspections',
  one: 'look',
  table: 'inspections',
  key: ['id'],
  json: ['data'],
  references: [
    { column: 'placement_id', field: null, to: 'placements', gone: 'goes too' },
    {
      each: "json_each(x.data, '$.photos')",
      value: "e.value ->> 'sha256'",
      field: '.sha256',
      to: 'photos',
      gone: 'holds it',
      needed: true,
    },
  ],
  writtenAt: ['saved_at'],
  title: dated('a look of', 'at'),
  check: row => void parseInspection(parsed(row, 'data')),
};
