import type { StoredMap } from '@hornblende/core/api';
import { parsePlaceMap, PlaceMap } from '@hornblende/core/formats';
import type { Knex } from 'knex';
import { DocumentEnvelope } from '../../lib/envelopes.js';
import { within } from '../../lib/split.js';
import type { DocumentKind, RevisionedRow } from '../document-kind.js';
import { kept, parsed, titled } from './fields.js';
import { forgetInLists, type NamedInList } from './forget-in-lists.js';

/** A map's row. */
export interface MapRow extends RevisionedRow {
  id: string;
  name: string;
  data: string;
  created_at: string;
}

/** Maps of the places where parts are in service, by name. */
export const maps: DocumentKind<PlaceMap, StoredMap, MapRow> = {
  name: 'maps',
  one: 'map',
  table: 'maps',
  key: ['id'],
  json: ['data'],
  references: [
    {
      each: "json_each(x.data, '$.spots')",
      value: "e.value ->> 'placementId'",
      field: '.placementId',
      to: 'placements',
      gone: 'forgotten',
      needed: false,
    },
    {
      each: "json_each(x.data, '$.photo')",
      value: "case when e.key = 'sha256' then e.atom end",
      field: '',
      to: 'photos',
      gone: 'holds it',
      needed: true,
    },
  ],
  writtenAt: ['updated_at'],
  revisioned: true,
  title: titled('name'),
  check: row => void parsePlaceMap(parsed(row, 'data')),
  path: '/maps',
  plain: true,
  body: {
    name: 'map',
    Envelope: DocumentEnvelope,
    fields: PlaceMap,
    read: plain => within('map', () => parsePlaceMap(plain)),
  },
  dated: true,
  order: { columns: ['name', 'id'], direction: 'asc' },
  searched: ['name'],
  read: ({ id, data, revision, updated_at: updatedAt }) => ({
    ...{ id, map: kept(PlaceMap, data), revision, updatedAt },
  }),
  columns: map => ({ name: map.name, data: JSON.stringify(map) }),
};

/** Takes a part that is gone off every map that it was put on. */
export function takeOffMaps(t: Knex.Transaction, placementId: string): Promise<void> {
  const named: NamedInList<PlaceMap> = {
    ...{ kind: maps, list: 'spots', field: 'placementId', parse: parsePlaceMap },
    without: (map, gone) => ({ ...map, spots: map.spots.filter(s => s.placementId !== gone) }),
  };
  return forgetInLists(t, named, placementId);
}
