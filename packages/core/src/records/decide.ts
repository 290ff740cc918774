import type { Brief } from '../brief/brief.js';
import type { Weather } from '../climate/weather.js';
import { InputError, type Problem } from '../input/parse.js';
import type { Family } from '../materials/family.js';
import type { Grade } from '../materials/grade.js';
import { families as libraryFamilies } from '../materials/library.js';
import { robustness } from '../score/draws/robustness.js';
import type { Printer } from '../workshop/printer.js';
import type { ModelScales } from '../workshop/model-scales.js';
import type { ShelfMaterial } from '../workshop/shelf.js';
import { decisionProblems, type DecisionInput } from './decision-input.js';
import { premisedCandidates, premisesNow } from './premises.js';
import { decisionRecord, type DecisionRecord } from './record.js';

/** What a decision is taken on. */
export interface DecisionGround {
  brief: Brief;
  /** The brief as it was said, before defaults. */
  given: unknown;
  printer: Printer | null;
  weather: Weather | null;
  /** The grades that take part. */
  grades: readonly Grade[];
  /** The families, as the outdoor school has them; default as they are shipped. */
  families?: readonly Family[];
  /** What is on the shelf; default nothing. */
  shelf?: readonly ShelfMaterial[];
  /** How far the workshop moves the models; default not at all. */
  scales?: ModelScales;
}

/** How a decision is worked out: when, and by how many draws. */
export interface DecideHow {
  /** ISO 8601. */
  at: string;
  draws: number;
  seed?: number;
}

/**
 * Works out the record of a decision: the same for the application and the command line. It takes a second or two,
 * nearly all of it for the draws.
 * @throws InputError naming every field that does not hold
 */
export function decide(input: DecisionInput, ground: DecisionGround, how: DecideHow): DecisionRecord {
  const { brief, given, printer, weather, families = libraryFamilies, shelf = [], scales } = ground;
  const known = new Set([...families.map(f => f.key), ...ground.grades.map(g => g.key)]);
  const problems: Problem[] = decisionProblems(input, brief, known);
  if (!Number.isFinite(Date.parse(how.at)))
    problems.push({ field: 'at', value: how.at, message: 'must be a time such as 2026-03-14T09:20:00Z' });
  if (problems.length) throw new InputError(problems);
  const premises = premisesNow(input, {
    brief,
    printer,
    weather,
    grades: [...ground.grades],
    families,
    shelf,
    ...(scales ? { scales } : {}),
  });
  const { draws, seed } = how;
  const sure = robustness(brief, {
    printer,
    weather,
    families: premisedCandidates(premises),
    draws,
    ...(seed === undefined ? {} : { seed }),
  });
  return decisionRecord(input, how.at, premises, given, sure);
}
