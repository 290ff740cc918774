import { familyByKey, parsePlacement, type Placement, type StoredPlacement } from '@hornblende/core';
import type { Knex } from 'knex';
import { HttpProblem } from '../lib/errors.js';
import { RevisionedStore, type DocumentKind, type RevisionedRow } from './revisioned-store.js';

/** A row of a part in service. */
export interface PlacementRow extends RevisionedRow {
  id: string;
  part_id: string | null;
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
    // Its part may be gone since; what is out there is not.
    placement: { ...parsePlacement(JSON.parse(row.data)), partId: row.part_id },
    revision: row.revision,
    updatedAt: row.updated_at,
  };
}

const kind: DocumentKind<Placement, StoredPlacement, PlacementRow> = {
  name: 'part in service',
  table: 'placements',
  keyColumn: 'id',
  dated: true,
  order: { columns: ['place', 'name', 'id'], direction: 'asc' },
  read: readPlacement,
  columns: placement => ({
    part_id: placement.partId,
    name: placement.name,
    place: placement.place.where,
    code: placement.code,
    data: JSON.stringify(placement),
  }),
  check: requireThings,
};

async function requireThings(db: Knex, placement: Placement, before: PlacementRow | null): Promise<void> {
  const problems: { field: string; value: unknown; message: string }[] = [];
  const { partId, materials, code } = placement;
  if (partId !== null && !(await db('parts').where({ id: partId }).first('id')))
    problems.push({ field: 'placement.partId', value: partId, message: 'is not in this workshop' });
  // What is out there stays what it is, even where its grade is gone from the library.
  const known = new Set(before ? readPlacement(before).placement.materials.map(m => m.material) : []);
  for (const [i, { material }] of materials.entries()) {
    if (familyByKey(material) || known.has(material)) continue;
    if (!(await db('grades').where({ key: material }).first('key')))
      problems.push({
        field: `placement.materials[${i}].material`,
        value: material,
        message: 'is neither a family nor a grade of this library',
      });
  }
  const twin = code
    ? ((await db('placements').where({ code }).first('id', 'name')) as
        { id: string; name: string } | undefined)
    : undefined;
  if (twin && twin.id !== before?.id)
    problems.push({ field: 'placement.code', value: code, message: `stands on “${twin.name}” already` });
  if (problems.length) throw new HttpProblem(400, problems);
}

/** Parts in service. */
export class PlacementStore extends RevisionedStore<Placement, StoredPlacement, PlacementRow> {
  constructor(db: Knex) {
    super(db, kind);
  }
}
