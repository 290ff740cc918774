import {
  contenders,
  families,
  gradeFamily,
  isUntouched,
  rank,
  type Brief,
  type Family,
  type Grade,
  type Printer,
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
export function run({ parts, grades, reader }: StandingsQuestion): Standing[] {
  const own = grades.map(g => gradeFamily(g));
  const everything = new Map([...families, ...own].map(f => [f.key, f]));
  return parts.map(part => standingOf(part, own, everything, reader));
}

function standingOf(
  { id, brief, given, printer, weather, decided }: StandingPart,
  own: readonly Family[],
  everything: ReadonlyMap<string, Family>,
  { units, currency }: StandingsQuestion['reader'],
): Standing {
  const options = { printer, weather };
  const { candidates } = rank(brief, {
    ...options,
    families: [...families, ...contenders(brief, own, options)],
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
