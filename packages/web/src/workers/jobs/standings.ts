import { isProvisional } from '@hornblende/core/advice';
import { isUntouched } from '@hornblende/core/brief';
import type { Weather } from '@hornblende/core/climate';
import type { Brief, Printer } from '@hornblende/core/formats';
import type { Status } from '@hornblende/core/score';
import { prose, withCurrency, type UnitSystem } from '@hornblende/core/units';
import type { Progress } from '../job';
import { entrantsOf, ranked, type Entrants, type Ground } from './entrants';

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

/** Parts of the list, and who may take part in their rankings. */
export interface StandingsQuestion extends Ground {
  parts: StandingPart[];
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
