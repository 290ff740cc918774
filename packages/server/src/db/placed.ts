import { serviceStanding, type FailedKind, type Look, type Placed } from '@hornblende/core/service';
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

/** How some parts stand, by their looks. */
export async function looksOf(db: Knex, ids: readonly string[]): Promise<Map<string, Look[]>> {
  const rows = (await db<LookRow>('inspections')
    .select(...SLIM)
    .whereIn('placement_id', [...ids])) as LookRow[];
  const byPart = new Map<string, Look[]>();
  for (const { placement_id: part, struck, ...look } of rows) {
    const list = byPart.get(part);
    const read = { ...look, struck: struck !== 0 };
    if (list) list.push(read);
    else byPart.set(part, [read]);
  }
  return byPart;
}

/**
 * The parts that failed, by their kinds, counted where they stand: for a list of some parts must not cost a look at
 * all. A part failed if the first look that ended its service says so. What is no JSON is of no kind.
 */
export async function failedKindsIn(db: Knex): Promise<FailedKind[]> {
  const rows: unknown = await db.raw(
    `select p.data ->> '$.materials[0].material' as material, p.part_id as "partId",
       p.data ->> '$.place.sun' as sun, p.data ->> '$.place.heat' as heat, count(*) as count
     from (select id, part_id, case when json_valid(data) then data end as data from placements) p
     where p.id in (select placement_id from inspections where verdict = 'failed' and not struck)
       and 'failed' = (select verdict from inspections e
         where e.placement_id = p.id and not e.struck and e.verdict in ('failed', 'lost', 'removed')
         order by e.at, e.id limit 1)
       and json_array_length(p.data, '$.materials') = 1 and not (p.data ->> '$.archived')
     group by 1, 2, 3, 4`,
  );
  return rows as FailedKind[];
}

/** Some parts in service and how they stand; those that cannot be read, or are put away, are left out. */
export async function placedByIds(db: Knex, ids: readonly string[], now: string): Promise<Placed[]> {
  const looks = await looksOf(db, ids);
  const rows = (await db('placements').whereIn('id', [...ids])) as PlacementRow[];
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

/** What the parts are called that something in service is one of, by their ids. */
export async function placedPartNames(db: Knex): Promise<Record<string, string>> {
  const rows = (await db('parts').whereIn('id', db('placements').select('part_id')).select('id', 'name')) as {
    id: string;
    name: string;
  }[];
  return Object.fromEntries(rows.map(part => [part.id, part.name]));
}
