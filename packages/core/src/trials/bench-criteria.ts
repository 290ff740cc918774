import type { CriterionId } from '../brief/choices.js';
import type { Trial, TrialCriterion } from './trial.js';

/** What a bench can measure of a print, and which criteria of a brief it tells of. */
export interface BenchCriterion extends TrialCriterion {
  how: string;
  tells: readonly CriterionId[];
  /** Minutes that one reading takes at the bench, waiting not counted; estimates. */
  minutes: number;
  /** Standard deviation of the instrument alone, in the criterion’s unit; 0 where it is not known. */
  instrumentSd: number;
}

/** Minutes that a reading takes which nobody has timed. */
export const USUAL_MINUTES = 5;
/** Minutes and scatter by criterion, where they are known: a durometer reads to a point, a strip of sag to 2 K. */
const BENCH: Readonly<Record<string, { minutes: number; instrumentSd?: number }>> = {
  fettling: { minutes: 1 },
  mass: { minutes: 1 },
  price: { minutes: 1 },
  size: { minutes: 2, instrumentSd: 0.03 },
  lift: { minutes: 2 },
  bend: { minutes: 6 },
  movement: { minutes: 5 },
  finish: { minutes: 3 },
  hardness: { minutes: 3, instrumentSd: 1 },
  soak: { minutes: 10 },
  sag: { minutes: 15, instrumentSd: 2 },
  drop: { minutes: 8 },
};

const of = (
  id: string,
  label: string,
  unit: string,
  tells: readonly CriterionId[],
  how: string,
  rest: Partial<TrialCriterion> = {},
): BenchCriterion => ({
  id,
  label,
  unit,
  tells,
  how,
  lessIsBetter: false,
  weight: 1,
  limit: null,
  band: null,
  enough: null,
  signed: false,
  property: null,
  minutes: BENCH[id]?.minutes ?? USUAL_MINUTES,
  instrumentSd: BENCH[id]?.instrumentSd ?? 0,
  ...rest,
});

/** What is usually measured, in the order in which a piece goes over the bench: what breaks it comes last. */
export const benchCriteria: readonly BenchCriterion[] = [
  of(
    'fettling',
    'Minutes of fettling',
    'min',
    ['printability'],
    'Supports off, strings off, rim trimmed: by the clock.',
    {
      lessIsBetter: true,
    },
  ),
  of('mass', 'Mass', 'g', ['mass'], 'On the scale, supports off.', { lessIsBetter: true }),
  of('price', 'Price', 'each', ['cost'], 'Its grams at the price of the spool.', { lessIsBetter: true }),
  of(
    'size',
    'Off its drawing',
    'mm',
    ['accuracy', 'warp'],
    'The size that matters most, by caliper: + where it came out bigger than drawn, − where it came out smaller.',
    {
      lessIsBetter: true,
      signed: true,
    },
  ),
  of(
    'finish',
    'Place by looks',
    '',
    ['finish'],
    'Shuffled, the names hidden: 1 the best. Ask several people.',
    {
      lessIsBetter: true,
    },
  ),
  of(
    'scratch',
    'Hardest pencil that leaves no mark',
    '',
    ['wear'],
    'Pencils from 6B (1) to 9H (17), pushed at 45°: the number of the hardest that leaves no mark (ISO 15184).',
  ),
  of('hardness', 'Hardness', 'Shore A', ['flex'], 'Median of five on a stack of 6 mm.', {
    property: 'shoreA',
  }),
  of(
    'soak',
    'Water taken up',
    'g',
    ['water', 'moisture'],
    'Weighed, under water until two weighings agree, about a day, wiped, weighed again.',
    {
      lessIsBetter: true,
    },
  ),
  of('sag', 'Softens at', '°C', ['heat'], 'The strip of 2 mm: the warmth at which it hangs by 1 mm.', {
    property: 'vicatC',
  }),
  of(
    'lift',
    'Corners lift by',
    'mm',
    ['warp'],
    'On a flat table, the gap under the worst corner by feeler gauge: hot, cooled and released, with the door open, ' +
      'propped and closed.',
    { lessIsBetter: true },
  ),
  of(
    'movement',
    'Hours to the first movement',
    'h',
    ['creep', 'heat'],
    'A strip in the warmth of the part, loaded as the part is: the hours until it hangs visibly, and how thick it is.',
  ),
  of(
    'bend',
    'Bends before it breaks',
    '%',
    ['flex'],
    'A bar on two supports, pressed in the middle until it breaks, whitens or slips: its strain by ISO 178.',
    { property: 'elongationPct' },
  ),
  of('drop', 'Falls it bears', 'm', ['impact'], 'From rising heights on to stone, until it cracks.'),
  of(
    'break',
    'Breaks at',
    'N',
    ['strength', 'creep', 'stiffness'],
    'In the vice, pulled by the luggage scale.',
  ),
  of(
    'stress',
    'Breaks at a stress of',
    'MPa',
    ['strength', 'creep', 'stiffness'],
    'A bar in the vice, pulled at its end by the luggage scale: pieces of any size compare by it.',
  ),
];

/** A criterion of the bench by its id; undefined for one of somebody’s own. */
export function benchCriterion(id: string): BenchCriterion | undefined {
  return benchCriteria.find(c => c.id === id);
}

/** A criterion of the bench as a trial keeps it. */
export function trialCriterionOf({
  how: _how,
  tells: _tells,
  minutes: _minutes,
  instrumentSd: _sd,
  ...criterion
}: BenchCriterion): TrialCriterion {
  return criterion;
}

/** Asked for by name only: another, quicker one measures much the same, or they take days. */
const ON_DEMAND = new Set(['stress', 'bend', 'movement', 'lift']);

/** A criterion is worth measuring from this share of the heaviest on. */
const LEAST_WEIGHT_SHARE = 0.2;

/** Degrees over what it must bear, times the comfortable margin, at which it is enough. */
const ENOUGH_MARGINS = 2;
/** Share of the tolerance that is true enough. */
const TRUE_ENOUGH = 0.4;

/** What a brief asks that readings can be held against. */
export interface TrialAsks {
  /** How warm the part gets, and what margin over it is comfortable, K. */
  partMaxC: number;
  comfortableK: number;
  toleranceMm: number;
  /** The hardness that is asked for, Shore A; null where any does. */
  shoreA: [number, number] | null;
  maxMassG: number | null;
  maxCostEach: number | null;
}

/** What a brief asks of readings, by their criterion. */
function askedLimits(asks: TrialAsks): Record<string, Partial<TrialCriterion>> {
  return {
    sag: {
      limit: Math.round(asks.partMaxC),
      enough: Math.round(asks.partMaxC + ENOUGH_MARGINS * asks.comfortableK),
    },
    size: { limit: asks.toleranceMm, enough: Number((TRUE_ENOUGH * asks.toleranceMm).toFixed(3)) },
    ...(asks.shoreA ? { hardness: { band: asks.shoreA } } : {}),
    ...(asks.maxMassG === null ? {} : { mass: { limit: asks.maxMassG } }),
    ...(asks.maxCostEach === null ? {} : { price: { limit: asks.maxCostEach } }),
  };
}

/**
 * A trial with what its part's brief asks put where the trial itself says nothing: a reading is judged as the brief
 * asks, also in a trial that was planned before the brief asked it.
 */
export function asBriefAsks(trial: Trial, asks: TrialAsks): Trial {
  const limits = askedLimits(asks);
  const criteria = trial.criteria.map(c =>
    c.limit === null && c.band === null && c.enough === null && limits[c.id] ? { ...c, ...limits[c.id] } : c,
  );
  return { ...trial, criteria };
}

/**
 * What to measure for a brief, by what its criteria weigh: a bench criterion weighs as the heaviest that it tells of.
 * What the brief asks is asked of the readings as well: warmth and truth are limits, with a comfortable margin from
 * which on it is enough; a hardness is a band; the most that it may weigh or cost is a limit.
 * @param weights of the brief's ranking
 */
export function criteriaFor(
  weights: Partial<Record<CriterionId, number>>,
  asks: TrialAsks,
): TrialCriterion[] {
  const most = Math.max(...Object.values(weights), 0);
  const limits = askedLimits(asks);
  return benchCriteria.flatMap(bench => {
    const { tells } = bench;
    const criterion = trialCriterionOf(bench);
    const weight = Math.max(0, ...tells.map(id => weights[id] ?? 0));
    // A durometer tells of a rubbery part; of a stiff one it tells nothing that the brief asks.
    const isAsked = criterion.id !== 'hardness' || asks.shoreA !== null;
    return isAsked && weight > 0 && weight >= LEAST_WEIGHT_SHARE * most && !ON_DEMAND.has(criterion.id)
      ? [{ ...criterion, ...limits[criterion.id], weight: Math.min(5, weight) }]
      : [];
  });
}
