import { contenders } from '@hornblende/core/advice';
import type { Weather } from '@hornblende/core/climate';
import type { Brief, Grade, Printer, Spool, WorkshopSettings } from '@hornblende/core/formats';
import { families, gradeFamily, type Family } from '@hornblende/core/materials';
import { rank, type RankOptions, type Ranking } from '@hornblende/core/score';
import { withFieldEvidence, type FieldEvidence } from '@hornblende/core/service';
import { familiesHere, shelfMaterials, withShelf, type ShelfAir } from '@hornblende/core/workshop';

/** What a workshop's rankings rest on besides their briefs. */
export interface Ground {
  /** The grades that may take part. */
  grades: Grade[];
  /** What is on the shelf, and the air that its water is worked out by. */
  spools: Spool[];
  air: ShelfAir;
  /** What own parts outdoors say, for briefs that ask the field. */
  field: FieldEvidence[];
  /** What the workshop prints, and how far it moves the models. */
  workshop: Pick<WorkshopSettings, 'allowed' | 'scales'>;
}

/** What is ranked. */
export interface RankedPart {
  brief: Brief;
  printer: Printer | null;
  weather: Weather | null;
}

/** Everybody who may take part in a part's ranking, and everybody by key. */
export interface Entrants {
  of: (brief: Brief) => { library: readonly Family[]; own: readonly Family[] };
  everything: ReadonlyMap<string, Family>;
}

/**
 * Who takes part: what is printed here, as its spool is and as the workshop judges it. A brief that asks the field
 * heeds one's own parts.
 */
export function entrantsOf({ grades, spools, air, workshop, field }: Ground): Entrants {
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

/**
 * A part's ranking, and what it rests on.
 * @param keep grades that take part whatever they score
 */
export function ranked(
  part: RankedPart,
  entrants: Entrants,
  keep: ReadonlySet<string> = new Set(),
): { ranking: Ranking; options: RankOptions } {
  const { brief, printer, weather } = part;
  const { library, own } = entrants.of(brief);
  const takingPart = [...library, ...contenders(brief, own, { printer, weather }, keep)];
  const options = { printer, weather, families: takingPart };
  return { ranking: rank(brief, options), options };
}
