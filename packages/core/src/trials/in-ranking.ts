import { mean, sampleStandardDeviation } from 'simple-statistics';
import type { CriterionId } from '../brief/choices.js';
import { gradeFamily } from '../materials/grade-family.js';
import type { GradeValue, GradeValues } from '../materials/grade.js';
import type { Family } from '../materials/family.js';
import { propertyDefinition, type PropertyName } from '../materials/property.js';
import type { Tried } from '../materials/tried.js';
import type { Candidate, Ranking } from '../score/candidate.js';
import { rank } from '../score/rank.js';
import { counted, judged, keepsLimit } from './answer.js';
import { benchCriterion } from './bench-criteria.js';
import { foreignStandings, type ForeignStanding } from './foreign.js';
import { movedOf, type Moved } from './moved.js';
import { trialPosterior } from './posterior.js';
import type { TrialGround } from './trial-ground.js';
import type { Trial, TrialCriterion, TrialEntrant } from './trial.js';

/** Standard deviations from the middle of a range to its end, see `trial.posterior`: 3.29 from end to end. */
const TO_END = 3.29 / 2;

/** What is believed of a property of a filament, before it was read and since. */
export interface Belief {
  material: string;
  /** The criterion of the trial that was read. */
  criterion: string;
  property: PropertyName;
  readings: number;
  /** What the library has; null where it has nothing. */
  typical: number | null;
  mean: number;
  sd: number;
}

/** An entrant's place in the brief's ranking with what was measured. */
export interface TrialStanding {
  material: string;
  candidate: Candidate;
  /** From 1 among those in the running; null where it is out. */
  rank: number | null;
  /** Why the trial itself puts it out: by hand, or by a limit that it did not keep; null where it does not. */
  outOfTrial: string | null;
}

/** A trial's answer as the brief ranks it, with what was measured in the library's place. */
export interface TrialRanking {
  standings: TrialStanding[];
  firstChoice: string | null;
  secondChoice: string | null;
  /** The first choice of the same filaments by the library alone. */
  byModels: string | null;
  beliefs: Belief[];
  /** What is no filament of the library: the models know nothing of it, its readings and its price stand beside. */
  foreign: ForeignStanding[];
  /** Hours to the first movement that were read, brought to the part's own wall. */
  moved: Moved[];
  /** What the brief weighs and readings decide for all that are in the running; and what is left to the models. */
  settled: CriterionId[];
  toModels: CriterionId[];
}

/** What is believed of everything that was read of an entrant and that the library has a property for. */
export function beliefsOf(trial: Trial, entrant: TrialEntrant, family: Family): Belief[] {
  return trial.criteria.flatMap(({ id, property }): Belief[] => {
    const readings = counted(entrant, id);
    if (property === null || !readings.length) return [];
    const known = family.properties[property];
    const instrumentSd = benchCriterion(id)?.instrumentSd ?? 0;
    const { mean: at, sd } = known
      ? trialPosterior({ ...known, readings, instrumentSd })
      : { mean: mean(readings), sd: scatterOf(readings, instrumentSd) / Math.sqrt(readings.length) };
    const typical = known?.typical ?? null;
    return [
      {
        material: entrant.material,
        criterion: id,
        property,
        readings: readings.length,
        typical,
        mean: at,
        sd,
      },
    ];
  });
}

/** How single readings scatter: as they do among themselves, and at least as the instrument does. */
export function scatterOf(readings: readonly number[], instrumentSd: number): number {
  return Math.max(instrumentSd, readings.length > 1 ? sampleStandardDeviation([...readings]) : 0);
}

/** A belief as a range of the library: nine in ten lie in it, within what the property can be. */
export function believedRange({
  property,
  mean: typical,
  sd,
}: Pick<Belief, 'property' | 'mean' | 'sd'>): GradeValue {
  const { min, max } = propertyDefinition(property);
  const inside = (x: number): number => Math.min(max, Math.max(min, x));
  return {
    low: inside(typical - TO_END * sd),
    typical: inside(typical),
    high: inside(typical + TO_END * sd),
  };
}

/** A filament with what is believed of it in the library's place, and what was read of the part itself. */
export function asMeasured(family: Family, measured: GradeValues, tried: Tried = {}): Family {
  const { key, name, note, grade, spool } = family;
  const moved = gradeFamily(
    {
      ...{
        format: 'hornblende-grade',
        version: 1,
        key,
        name,
        maker: grade?.maker ?? '',
        family: family.key,
        note,
      },
      ...{
        archived: false,
        soakedGcm3: grade?.soakedGcm3 ?? null,
        facts: null,
        sheet: {},
        measured,
        windows: {},
      },
    },
    family,
  );
  return { ...moved, grade, spool, ...(Object.keys(tried).length ? { tried } : {}) };
}

/** What was read of the part itself that the ranking works out otherwise. */
function triedOf(trial: Trial, entrant: TrialEntrant): Tried {
  if (trial.pieceIs !== 'part') return {};
  const read = (id: string): number | undefined => {
    const values = counted(entrant, id);
    return values.length ? mean(values) : undefined;
  };
  const massG = read('mass');
  const costEach = read('price');
  // An error to either side is one: a mean of both signs would hide it.
  const off = counted(entrant, 'size').map(Math.abs);
  return {
    ...(massG === undefined ? {} : { massG }),
    ...(costEach === undefined ? {} : { costEach }),
    ...(off.length ? { deviationMm: mean(off) } : {}),
  };
}

/** The filaments of a trial as they were measured; those that the library does not have are left out. */
export function measuredFamilies(
  trial: Trial,
  find: TrialGround['find'],
): { families: Family[]; beliefs: Belief[] } {
  const beliefs: Belief[] = [];
  const families = trial.entrants.flatMap(entrant => {
    const family = find(entrant.material);
    if (!family) return [];
    const own = beliefsOf(trial, entrant, family);
    beliefs.push(...own);
    const values = Object.fromEntries(own.map(b => [b.property, believedRange(b)])) as GradeValues;
    return [asMeasured(family, values, triedOf(trial, entrant))];
  });
  return { families, beliefs };
}

/** Why the trial itself puts an entrant out; null where it does not. */
export function outOfTrial(trial: Trial, entrant: TrialEntrant, ground: TrialGround): string | null {
  if (entrant.eliminated !== null) return entrant.eliminated;
  if (entrant.baseline) return 'it was printed to lose: the others are held against it';
  const broken = trial.criteria.find(c => keepsLimit(entrant, c) === false);
  if (broken) return limitWords(entrant, broken);
  const moved = movedOf(trial, entrant, ground);
  return moved?.tooShort ? moved.words : null;
}

function limitWords(entrant: TrialEntrant, criterion: TrialCriterion): string {
  const { label, unit, band, limit, lessIsBetter } = criterion;
  const read = `${Number(mean(judged(entrant, criterion)).toPrecision(3))}${unit && ` ${unit}`}`;
  const wanted = band
    ? `${band[0]} to ${band[1]}`
    : `${lessIsBetter ? 'at most' : 'at least'} ${String(limit)}`;
  return `${label}: ${read} was read, ${wanted}${unit && ` ${unit}`} is wanted`;
}

/**
 * The answer of a trial: the brief's own ranking of its filaments, each with what was measured in the place of what the
 * library has (`trial.posterior`), and of the part itself its mass, price and truth as they were read. A reading that
 * breaks its limit puts its filament out, and so does whoever took it out by hand.
 */
export function trialRanking(trial: Trial, ground: TrialGround): TrialRanking {
  const { brief, options, find } = ground;
  const { families, beliefs } = measuredFamilies(trial, find);
  const ranking = rank(brief, { ...options, families });
  const plain = rank(brief, { ...options, families: trial.entrants.flatMap(e => find(e.material) ?? []) });
  const entrantOf = new Map(trial.entrants.map(e => [e.material, e]));
  let position = 0;
  const standings = ranking.candidates.map((candidate): TrialStanding => {
    const out = outOfTrial(trial, entrantOf.get(candidate.material)!, ground);
    const running = candidate.rank !== null && out === null;
    return {
      material: candidate.material,
      candidate,
      rank: running ? ++position : null,
      outOfTrial: out,
    };
  });
  const running = standings.filter(s => s.rank !== null);
  return {
    standings: [...running, ...standings.filter(s => s.rank === null)],
    firstChoice: running[0]?.material ?? null,
    secondChoice: running[1]?.material ?? null,
    byModels: plain.firstChoice,
    beliefs,
    foreign: foreignStandings(trial),
    moved: trial.entrants.flatMap(e => movedOf(trial, e, ground) ?? []),
    ...toldApart(
      trial,
      ranking,
      running.map(s => entrantOf.get(s.material)!),
    ),
  };
}

/** What the readings decide for all in the running, among what the brief weighs, and what they leave to the models. */
function toldApart(
  trial: Trial,
  ranking: Ranking,
  running: readonly TrialEntrant[],
): Pick<TrialRanking, 'settled' | 'toModels'> {
  const weighed = (Object.entries(ranking.weights) as [CriterionId, number][])
    .filter(([, weight]) => weight > 0)
    .sort((a, b) => b[1] - a[1])
    .map(([id]) => id);
  const decides = ({ id, property }: TrialCriterion): boolean =>
    property !== null || (trial.pieceIs === 'part' && ['mass', 'price', 'size'].includes(id));
  const told = new Set(
    trial.criteria
      .filter(c => decides(c) && running.every(e => counted(e, c.id).length > 0))
      .flatMap(c => benchCriterion(c.id)?.tells ?? []),
  );
  return { settled: weighed.filter(id => told.has(id)), toModels: weighed.filter(id => !told.has(id)) };
}
