/** A part in service by its id, with what it rests on. */
export interface Stamped {
  id: string;
  /** Changes whenever anything is written that the part rests on. */
  stamp: string;
  /** The checksum of its own row, and the grade and the year of weather that the row names, if any. */
  sum: number | null;
  material: string | null;
  weather: string | null;
}

/**
 * Parts in service that were written since they were kept, with what they rest on now, as a query: their own row, its
 * looks, the brief of its part, its grade, its year of weather, and the program's state, which is bound as `build`.
 * What is no JSON names no grade and weather.
 * @param schema the name of the workshop's database on the connection
 * @param kept the table of what was kept, with columns named as in {@link Stamped}
 */
export function staleParts(schema: string, kept: string): string {
  const sums = ['p.sum', 'p.part_id', 'p.decision_id', 'p.print_id', 'p.spool_id', 'l.n', 'l.s'];
  const columns = [...sums, 'b.sum', 'g.sum', 'w.sum'].map(column => `coalesce(${column}, '')`);
  const stamp = `@build || ' ' || ${columns.join(" || ' ' || ")}`;
  // A row that is the same names the same: reading the JSON of every part takes as long as all the rest.
  const named = (column: string, path: string): string =>
    `case when k.sum = p.sum then k.${column} when json_valid(p.data) then p.data ->> '${path}' end`;
  const material = named('material', '$.materials[0].material');
  const weather = named('weather', '$.place.weatherId');
  return `select p.id, ${stamp} as stamp, p.sum, ${material} as material, ${weather} as weather
    from ${schema}.placements p
    left join ${kept} k on k.id = p.id
    left join (select placement_id, count(*) as n, sum(sum) as s from ${schema}.inspections group by placement_id) l
      on l.placement_id = p.id
    left join ${schema}.parts b on b.id = p.part_id
    left join ${schema}.grades g on g.key = ${material}
    left join ${schema}.weathers w on w.id = ${weather}
    where k.stamp is not ${stamp}`;
}
