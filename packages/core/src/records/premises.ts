import { parseBrief } from '../brief/parse-brief.js';
import type { Brief } from '../brief/brief.js';
import type { Weather } from '../climate/weather.js';
import type { Family } from '../materials/family.js';
import { gradeFamily } from '../materials/grade-family.js';
import type { Grade } from '../materials/grade.js';
import { families as libraryFamilies, LIBRARY_VERSION } from '../materials/library.js';
import { currentKey } from '../materials/renamed.js';
import type { Printer } from '../workshop/printer.js';
import { ModelScales, scaledFamilies } from '../workshop/model-scales.js';
import { withShelf, type ShelfMaterial } from '../workshop/shelf.js';
import { contenders } from '../advice/contenders.js';
import { DecisionInput } from './decision-input.js';

/** Everything that a ranking was worked out from, so that it can be worked out again. */
export interface RecordPremises {
  brief: Brief;
  printer: Printer | null;
  weather: Weather | null;
  grades: Grade[];
  families: readonly Family[];
  /** What was on the shelf, by the spools that would be used; absent in records from before. */
  shelf?: readonly ShelfMaterial[];
  /** How far the workshop moved the models then; absent in records from before. */
  scales?: ModelScales;
  libraryVersion: string;
}

/** The candidates of a record's premises: families as they were, grades on top, as shelf and workshop had them. */
export function premisedCandidates(
  p: Pick<RecordPremises, 'families' | 'grades' | 'shelf' | 'scales'>,
): Family[] {
  const grades = p.grades.map(g =>
    gradeFamily(
      g,
      p.families.find(f => f.key === g.family),
    ),
  );
  const all = withShelf([...p.families, ...grades], p.shelf ?? []);
  return [...scaledFamilies(all, p.scales ?? new ModelScales())];
}

/**
 * Today's premises of a decision: the library as it is shipped now, and the grades that take part.
 * @param input names the choices, whose grades take part whatever they score
 * @param p the ground; the families default to the library as it is shipped
 */
export function premisesNow(
  input: DecisionInput,
  {
    families = libraryFamilies,
    ...p
  }: Omit<RecordPremises, 'families' | 'libraryVersion'> & Partial<Pick<RecordPremises, 'families'>>,
): RecordPremises {
  const part = new Set(
    contenders(
      p.brief,
      p.grades.map(g =>
        gradeFamily(
          g,
          families.find(f => f.key === g.family),
        ),
      ),
      { printer: p.printer, weather: p.weather },
      new Set([input.firstChoice, input.secondChoice ?? '']),
    ).map(f => f.key),
  );
  return {
    ...p,
    grades: p.grades.filter(g => part.has(g.key)),
    families,
    libraryVersion: LIBRARY_VERSION,
  };
}

/**
 * A record's premises as today's code reads them: fields that briefs and families have gained since are filled in,
 * the brief's by their defaults, a family's from today's library. What was there stays as it was.
 */
export function revived(p: RecordPremises): RecordPremises {
  return { ...p, brief: parseBrief(p.brief), families: p.families.map(filledIn) };
}

function filledIn(f: Family): Family {
  const today = libraryFamilies.find(x => x.key === currentKey(f.key)) ?? libraryFamilies[0]!;
  return {
    ...f,
    properties: { ...today.properties, ...f.properties },
    flags: { ...today.flags, ...f.flags },
    chemicals: { ...today.chemicals, ...f.chemicals },
    baked: f.baked ?? null,
    spool: f.spool ?? null,
  };
}
