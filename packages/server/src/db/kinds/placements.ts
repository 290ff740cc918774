import type { StoredPlacement } from '@hornblende/core/api';
import { parsePlacement, Placement } from '@hornblende/core/formats';
import { DocumentEnvelope } from '../../lib/envelopes.js';
import { within } from '../../lib/split.js';
import type { DocumentKind, RevisionedRow } from '../document-kind.js';
import { kept, parsed, titled } from './fields.js';
import { takeOffMaps } from './maps.js';

/** A row of a part in service. */
export interface PlacementRow extends RevisionedRow {
  id: string;
  part_id: string | null;
  decision_id: string | null;
  print_id: string | null;
  spool_id: string | null;
  name: string;
  place: string;
  code: string;
  data: string;
  created_at: string;
}

/** A row as the part in service that it is. */
export function readPlacement(row: PlacementRow): StoredPlacement {
  return {
    id: row.id,
    // What it came from may be gone since; what is out there is not.
    placement: {
      ...kept(Placement, row.data),
      partId: row.part_id,
      decisionId: row.decision_id,
      printId: row.print_id,
      spoolId: row.spool_id,
    },
    revision: row.revision,
    updatedAt: row.updated_at,
  };
}

/** Parts in service, by place. */
export const placements: DocumentKind<Placement, StoredPlacement, PlacementRow> = {
  name: 'service',
  one: 'part in service',
  table: 'placements',
  key: ['id'],
  json: ['data'],
  references: [
    { column: 'part_id', field: 'partId', to: 'parts', gone: 'forgotten' },
    { column: 'decision_id', field: 'decisionId', to: 'decisions', gone: 'forgotten' },
    { column: 'print_id', field: 'printId', to: 'prints', gone: 'forgotten' },
    { column: 'spool_id', field: 'spoolId', to: 'spools', gone: 'forgotten' },
    {
      each: "json_each(x.data, '$.materials')",
      value: "e.value ->> 'material'",
      field: '.material',
      to: 'grades',
      gone: 'keeps the name',
      needed: true,
    },
    {
      each: "json_each(x.data, '$.place')",
      value: "case when e.key = 'weatherId' then e.atom end",
      field: '',
      to: 'weathers',
      // The part says where it is all the same; it is judged by its climate, or by one hot day.
      gone: 'keeps the name',
      needed: true,
    },
    {
      each: "json_each(x.data, '$.photos')",
      value: "e.value ->> 'sha256'",
      field: '.sha256',
      to: 'photos',
      gone: 'holds it',
      needed: true,
    },
  ],
  writtenAt: ['updated_at'],
  revisioned: true,
  title: titled('name'),
  check: row => void parsePlacement(parsed(row, 'data')),
  path: '/placements',
  body: {
    name: 'placement',
    Envelope: DocumentEnvelope,
    fields: Placement,
    read: plain => within('placement', () => parsePlacement(plain)),
  },
  dated: true,
  order: { columns: ['place', 'name', 'id'], direction: 'asc' },
  searchKind: 'placements',
  read: readPlacement,
  columns: placement => ({
    part_id: placement.partId,
    decision_id: placement.decisionId,
    print_id: placement.printId,
    spool_id: placement.spoolId,
    name: placement.name,
    place: placement.place.where,
    code: placement.code,
    data: JSON.stringify(placement),
  }),
  problems: async (t, { code }, before) => {
    if (!code) return [];
    const twin = (await t('placements').where({ code }).first('id', 'name')) as
      { id: string; name: string } | undefined;
    return twin && twin.id !== before?.id
      ? [{ field: 'placement.code', value: code, message: `stands on “${twin.name}” already` }]
      : [];
  },
  removed: takeOffMaps,
};
