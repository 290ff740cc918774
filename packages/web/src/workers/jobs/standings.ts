import {
  allowedOf,
  contenders,
  families,
  gradeFamily,
  isUntouched,
  rank,
  shelfMaterials,
  withShelf,
  type AllowedFilament,
  type Brief,
  type Family,
  type Grade,
  type Printer,
  type ShelfAir,
  type Spool,
  type Status,
  type Weather,
} from '@hornblende/core';
import { prose, withCurrency, type UnitSystem } from '@hornblende/core/units';

/** A part as the list needs it judged. */
export interface StandingPart {
  id: string;
  brief: Brief;
  /** The brief as it was said, before defaults. */
  given: object;
  printer: Printer | null;
  weather: Weather | null;
  /** What was decided, by its key. */
  decided: string | null;
}

/** Parts of the list, and the grades that may take part. */
export interface StandingsQuestion {
  parts: StandingPart[];
  grades: Grade[];
  /** What is on the shelf, and the air that its water is worked out by. */
  spools: Spool[];
  air: ShelfAir;
  /** The only filaments that are printed here; all where it is empty. */
  allowed: AllowedFilament[];
  /** Whose units and money its sentences are told in. */
  reader: { units: UnitSystem; currency: string };
}

/** How a part stands today: who leads, how many are in the running, and what was decided. */
export interface Standing {
  id: string;
  first: { material: string; family: string; name: string; status: Status; why: string } | null;
  count: number;
  /** Nothing is said of it yet but its name. */
  untouched: boolean;
  decided: { name: string; family: string } | null;
}

/** Ranks parts of the list. */
export function run({ parts, grades, spools, air, allowed, reader }: StandingsQuestion): Standing[] {
  const stated = grades.map(g => gradeFamily(g));
  const byKey = new Map([...families, ...stated].map(f => [f.key, f]));
  const shelf = shelfMaterials(spools, key => byKey.get(key), air);
  const library = withShelf(families, shelf);
  const own = withShelf(stated, shelf);
  const everything = new Map([...library, ...own].map(f => [f.key, f]));
  return parts.map(part =>
    standingOf(part, allowedOf(library, allowed), allowedOf(own, allowed), everything, reader),
  );
}

function standingOf(
  { id, brief, given, printer, weather, decided }: StandingPart,
  library: readonly Family[],
  own: readonly Family[],
  everything: ReadonlyMap<string, Family>,
  { units, currency }: StandingsQuestion['reader'],
): Standing {
  const options = { printer, weather };
  const { candidates } = rank(brief, {
    ...options,
    families: [...library, ...contenders(brief, own, options)],
  });
  const first = candidates.find(c => c.rank === 1);
  const chosen = decided === null ? undefined : everything.get(decided);
  return {
    id,
    first: first
      ? {
          material: first.material,
          family: first.family,
          name: first.name,
          status: first.status,
          why: withCurrency(prose(first.for[0] ?? '', units), currency),
        }
      : null,
    untouched: isUntouched(given),
    count: candidates.filter(c => c.rank !== null).length,
    decided: chosen ? { name: chosen.name, family: chosen.grade?.family ?? chosen.key } : null,
  };
}
