import {
  contenders,
  families,
  familiesHere,
  gradeFamily,
  isProvisional,
  isUntouched,
  rank,
  shelfMaterials,
  withFieldEvidence,
  withShelf,
  type Brief,
  type Family,
  type FieldEvidence,
  type Grade,
  type Printer,
  type RankOptions,
  type Ranking,
  type ShelfAir,
  type Spool,
  type Status,
  type Weather,
  type WorkshopSettings,
} from '@hornblende/core';
import type { Progress } from '../job';
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
  /** What own parts outdoors say, for briefs that ask the field. */
  field: FieldEvidence[];
  /** What the workshop prints, and how far it moves the models. */
  workshop: Pick<WorkshopSettings, 'allowed' | 'scales'>;
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

/** Everybody who may take part in a part's ranking, and everybody by key. */
interface Entrants {
  of: (brief: Brief) => { library: readonly Family[]; own: readonly Family[] };
  everything: ReadonlyMap<string, Family>;
}

/**
 * Who takes part: what is printed here, as its spool is and as the workshop judges it. A brief that asks the field
 * heeds one's own parts.
 */
function entrantsOf({ grades, spools, air, workshop, field }: StandingsQuestion): Entrants {
  const stated = grades.map(g => gradeFamily(g));
  const byKey = new Map([...families, ...stated].map(f => [f.key, f]));
  const shelf = shelfMaterials(spools, key => byKey.get(key), air);
  const library = withShelf(families, shelf);
  const own = withShelf(stated, shelf);
  const here = (list: readonly Family[]): Family[] => familiesHere(list, workshop);
  const laboratory = { library: here(library), own: here(own) };
  const heeding = {
    library: here(withFieldEvidence(library, field)),
    own: here(withFieldEvidence(own, field)),
  };
  return {
    of: brief => (brief.outdoorSchool === 'field' ? heeding : laboratory),
    everything: new Map([...library, ...own].map(f => [f.key, f])),
  };
}

/** A part's ranking, and what it rests on. */
function ranked(part: StandingPart, entrants: Entrants): { ranking: Ranking; options: RankOptions } {
  const { brief, printer, weather } = part;
  const { library, own } = entrants.of(brief);
  const takingPart = [...library, ...contenders(brief, own, { printer, weather })];
  const options = { printer, weather, families: takingPart };
  return { ranking: rank(brief, options), options };
}

/** Ranks parts of the list. */
export function run(question: StandingsQuestion): Standing[] {
  const entrants = entrantsOf(question);
  return question.parts.map(part => standingOf(part, entrants, question.reader));
}

/** The parts whose first choice hangs on a question that is still open, by their ids: some ten rankings a part. */
export function provisional(question: StandingsQuestion, progress: Progress): string[] {
  const entrants = entrantsOf(question);
  return question.parts.flatMap((part, i) => {
    const { ranking, options } = ranked(part, entrants);
    const is = isProvisional(part.brief, part.given, ranking, options);
    progress(i + 1, question.parts.length);
    return is ? [part.id] : [];
  });
}

function standingOf(
  part: StandingPart,
  entrants: Entrants,
  { units, currency }: StandingsQuestion['reader'],
): Standing {
  const { id, given, decided } = part;
  const { candidates } = ranked(part, entrants).ranking;
  const first = candidates.find(c => c.rank === 1);
  const chosen = decided === null ? undefined : entrants.everything.get(decided);
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
