/** A part in service by its id, with what it rests on. */
export interface Stamped {
  id: string;
  /** Changes whenever anything is written that the part rests on. */
  stamp: string;
}

/**
 * Every part in service with what it rests on, as a query: its own row, its looks, the brief of its part, its grade,
 * its year of weather, and the program's state, which is bound as `build`. What is no JSON names no grade and weather.
 * @param schema the name of the workshop's database on the connection
 */
export function stampedParts(schema: string): string {
  const sums = ['p.sum', 'p.part_id', 'p.decision_id', 'p.print_id', 'p.spool_id', 'l.n', 'l.s'];
  const parts = [...sums, 'b.sum', 'g.sum', 'w.sum'].map(column => `coalesce(${column}, '')`);
  const named = (path: string): string => `case when json_valid(p.data) then p.data ->> '${path}' end`;
  return `select p.id as id, @build || ' ' || ${parts.join(" || ' ' || ")} as stamp
    from ${schema}.placements p
    left join (select placement_id, count(*) as n, sum(sum) as s from ${schema}.inspections group by placement_id) l
      on l.placement_id = p.id
    left join ${schema}.parts b on b.id = p.part_id
    left join ${schema}.grades g on g.key = ${named('$.materials[0].material')}
    left join ${schema}.weathers w on w.id = ${named('$.place.weatherId')}`;
}
