import { serviceStanding, type KindOfPart, type Look, type Placed } from '@hornblende/core/service';
import type { Knex } from 'knex';
import { requireSum, type Row } from './kind.js';
import { placements, readPlacement, type PlacementRow } from './kinds/placements.js';

interface LookRow {
  id: string;
  placement_id: string;
  at: string;
  verdict: Look['verdict'];
  mode: Look['mode'];
  struck: number;
}

/** What is read of a look to say how its part stands: not its notes. */
const SLIM = ['id', 'placement_id', 'at', 'verdict', 'mode', 'struck'] as const;

/** How parts stand, by their looks. @param ids those asked for; default all */
export async function looksOf(db: Knex, ids: readonly string[] | null = null): Promise<Map<string, Look[]>> {
  const query = db<LookRow>('inspections').select(...SLIM);
  if (ids) query.whereIn('placement_id', [...ids]);
  const byPart = new Map<string, Look[]>();
  for (const { placement_id: part, struck, ...look } of (await query) as LookRow[]) {
    const list = byPart.get(part) ?? [];
    byPart.set(part, list);
    list.push({ ...look, struck: struck !== 0 });
  }
  return byPart;
}

/**
 * The parts that failed, as far as says of what kind they are: read without being looked through, for a list of some
 * parts must not cost a look at all.
 */
export async function failedKinds(db: Knex): Promise<KindOfPart[]> {
  const failed = db('inspections').where({ verdict: 'failed', struck: false }).distinct('placement_id');
  const rows = (await db('placements')
    .whereIn('id', failed)
    .select('id', 'part_id', 'data')) as PlacementRow[];
  return rows.map(row => ({
    placement: { ...(JSON.parse(row.data) as KindOfPart['placement']), partId: row.part_id },
    standing: { verdict: 'failed' },
  }));
}

/** Every part in service that is not put away, and how it stands. Rows that cannot be read are left out. */
export async function allPlaced(db: Knex, now: string): Promise<Placed[]> {
  const looks = await looksOf(db);
  const rows = (await db('placements').orderByRaw('place, name, id')) as PlacementRow[];
  return rows.flatMap(row => {
    try {
      requireSum(placements, row as unknown as Row);
      const { placement } = readPlacement(row);
      if (placement.archived) return [];
      return [{ id: row.id, placement, standing: serviceStanding(placement, looks.get(row.id) ?? [], now) }];
    } catch {
      return [];
    }
  });
}
