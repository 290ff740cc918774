import { assumptions } from '../brief/assumptions.js';
import type { Brief } from '../brief/brief.js';
import type { Weather } from '../climate/weather.js';
import { Flag, Text } from '../formats/fields.js';
import type { Problem } from '../formats/parse.js';
import type { Family } from '../materials/family.js';
import { gradeFamily, type Grade } from '../materials/grade.js';
import { families as libraryFamilies, LIBRARY_VERSION } from '../materials/library.js';
import { propertyDefinition, propertyNames } from '../materials/property.js';
import type { Printer } from '../workshop/printer.js';
import { contenders } from './contenders.js';
import type { Acceptability, Robustness } from './draws/robustness.js';
import { rank, type Candidate, type Ranking, type Status } from './rank.js';

/** What someone says when deciding. */
export class DecisionInput {
  @Text({ maxLength: 80, doc: 'The key of the family or grade chosen.' }) firstChoice!: string;
  @Text({ maxLength: 80, optional: true, nullable: true, doc: 'The key of the second choice.' })
  secondChoice: string | null = null;
  @Text({ maxLength: 4000, doc: 'Why.' }) reason!: string;
  @Text({ maxLength: 120, doc: 'Who decided.' }) decidedBy!: string;
  @Flag({ optional: true, doc: 'Whether the hazard notice was acknowledged.' }) hazardAcknowledged = false;
}

/** What of a decision must hold beyond its fields. @param known keys of the families and grades there are */
export function decisionProblems(input: DecisionInput, brief: Brief, known: ReadonlySet<string>): Problem[] {
  const problems: Problem[] = [];
  if (input.reason.trim().length < 3)
    problems.push({ field: 'reason', value: input.reason, message: 'must say why, in a few words' });
  if (input.secondChoice === input.firstChoice)
    problems.push({
      field: 'secondChoice',
      value: input.secondChoice,
      message: 'must differ from the first choice',
    });
  if (brief.ifItFails === 'injures' && !input.hazardAcknowledged)
    problems.push({
      field: 'hazardAcknowledged',
      value: false,
      message: 'must be true: a failure of this part could injure someone',
    });
  for (const field of ['firstChoice', 'secondChoice'] as const) {
    const key = input[field];
    if (key !== null && !known.has(key))
      problems.push({ field, value: key, message: 'is neither a family nor a grade that is in use' });
  }
  return problems;
}

/** Everything that a ranking was worked out from, so that it can be worked out again. */
export interface RecordPremises {
  brief: Brief;
  printer: Printer | null;
  weather: Weather | null;
  grades: Grade[];
  families: readonly Family[];
  libraryVersion: string;
}

/** `hornblende-decision/1`: a choice that stands, with its reasons, what was rejected and why, and all it rests on. */
export interface DecisionRecord extends DecisionInput {
  format: 'hornblende-decision';
  version: 1;
  part: string;
  decidedAt: string;
  libraryVersion: string;
  premises: RecordPremises;
  ranking: Ranking;
  /** How sure: draws, seed, and each candidate's chances. */
  robustness: { draws: number; seed: number; candidates: Omit<Acceptability, 'rankAcceptability'>[] };
  rejected: { material: string; name: string; status: Status; score: number; why: string }[];
  assumptions: { label: string; shown: string }[];
}

/** The candidates of a record's premises: the families as they were, and the grades on top of them. */
export function premisedCandidates(p: Pick<RecordPremises, 'families' | 'grades'>): Family[] {
  return [
    ...p.families,
    ...p.grades.map(g =>
      gradeFamily(
        g,
        p.families.find(f => f.key === g.family),
      ),
    ),
  ];
}

/**
 * Writes the record of a decision.
 * @param given the brief as it was said, before defaults, from which the assumptions follow
 * @param sure the robustness of the same premises
 */
export function decisionRecord(
  input: DecisionInput,
  decidedAt: string,
  premises: RecordPremises,
  given: unknown,
  sure: Robustness,
): DecisionRecord {
  const { brief, printer, weather } = premises;
  const ranking = rank(brief, { printer, weather, families: premisedCandidates(premises) });
  const { firstChoice, secondChoice, reason, decidedBy, hazardAcknowledged } = input;
  return {
    format: 'hornblende-decision',
    version: 1,
    part: brief.name,
    firstChoice,
    secondChoice,
    reason,
    decidedBy,
    hazardAcknowledged,
    decidedAt,
    libraryVersion: premises.libraryVersion,
    premises,
    ranking,
    robustness: {
      draws: sure.draws,
      seed: sure.seed,
      candidates: sure.candidates.map(({ rankAcceptability: _places, ...c }) => c),
    },
    rejected: ranking.candidates
      .filter(c => c.material !== firstChoice && c.material !== secondChoice)
      .map(c => ({
        material: c.material,
        name: c.name,
        status: c.status,
        score: c.score,
        why: rejectedWhy(
          c,
          ranking.candidates.find(x => x.material === firstChoice),
        ),
      })),
    assumptions: assumptions(given, brief, ranking.conditions).map(({ label, shown }) => ({ label, shown })),
  };
}

function rejectedWhy(c: Candidate, first: Candidate | undefined): string {
  if (c.status === 'out')
    return c.gates
      .filter(g => g.verdict === 'fail')
      .map(g => g.why)
      .join(' ');
  const behind = first
    ? ` ${c.score <= first.score ? `${(first.score - c.score).toFixed(2)} behind` : `${(c.score - first.score).toFixed(2)} ahead of`} ${first.name}.`
    : '';
  return `${c.against[0] ?? 'Nothing against it.'}${behind}`;
}

/**
 * Today's premises of a decision: the library as it is shipped now, and the grades that take part.
 * @param input names the choices, whose grades take part whatever they score
 */
export function premisesNow(
  input: DecisionInput,
  p: Omit<RecordPremises, 'families' | 'libraryVersion'>,
): RecordPremises {
  const part = new Set(
    contenders(
      p.brief,
      p.grades.map(g => gradeFamily(g)),
      { printer: p.printer, weather: p.weather },
      new Set([input.firstChoice, input.secondChoice ?? '']),
    ).map(f => f.key),
  );
  return {
    ...p,
    grades: p.grades.filter(g => part.has(g.key)),
    families: libraryFamilies,
    libraryVersion: LIBRARY_VERSION,
  };
}

/** How today's answer to the same question differs from a record's, because library data changed since. */
export interface RecordDrift {
  firstThen: string | null;
  firstNow: string | null;
  differs: boolean;
  candidates: {
    material: string;
    name: string;
    then: { status: Status; score: number } | null;
    now: { status: Status; score: number } | null;
  }[];
  data: {
    material: string;
    property: string;
    label: string;
    unit: string;
    then: number | null;
    now: number | null;
  }[];
}

/**
 * Asks a record's question again, of today's library: the same brief, printer and weather, other data.
 * @param families today's families
 * @param grades today's grades that are in use
 */
export function recordDrift(
  record: Pick<DecisionRecord, 'premises' | 'ranking'>,
  families: readonly Family[],
  grades: readonly Grade[],
): RecordDrift {
  const { premises, ranking: then } = record;
  const keys = new Set(premises.grades.map(g => g.key));
  const today = premisedCandidates({ families, grades: grades.filter(g => keys.has(g.key)) });
  const now = rank(premises.brief, { printer: premises.printer, weather: premises.weather, families: today });
  const of = (r: Ranking, key: string): { status: Status; score: number } | null => {
    const c = r.candidates.find(x => x.material === key);
    return c ? { status: c.status, score: c.score } : null;
  };
  const all = new Map([...then.candidates, ...now.candidates].map(c => [c.material, c.name]));
  const candidates = [...all]
    .map(([material, name]) => ({ material, name, then: of(then, material), now: of(now, material) }))
    .filter(
      c => c.then?.status !== c.now?.status || Math.abs((c.then?.score ?? 0) - (c.now?.score ?? 0)) >= 0.005,
    );
  const before = new Map(premisedCandidates(premises).map(f => [f.key, f]));
  const data = today.flatMap(f => {
    const old = before.get(f.key);
    return old
      ? propertyNames.flatMap(property => {
          const [a, b] = [old.properties[property]?.typical ?? null, f.properties[property]?.typical ?? null];
          const { label, unit } = propertyDefinition(property);
          return a === b ? [] : [{ material: f.key, property, label, unit, then: a, now: b }];
        })
      : [];
  });
  return {
    firstThen: then.firstChoice,
    firstNow: now.firstChoice,
    differs: then.firstChoice !== now.firstChoice,
    candidates,
    data,
  };
}
