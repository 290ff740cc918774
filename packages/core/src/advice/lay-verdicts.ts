import type { Brief } from '../brief/brief.js';
import { laidBrief, pullOf } from '../brief/laid.js';
import { dot } from '../geometry/turn.js';
import type { Family } from '../materials/family.js';
import { warpBowOf } from '../models/warp-bow.js';
import type { Candidate } from '../score/candidate.js';
import type { RankOptions } from '../score/judge.js';
import { rank } from '../score/rank.js';
import { AS_GOOD_WITHIN } from '../score/as-good.js';
import { ratingOf } from '../score/doubt.js';
import { scoreIn } from '../score/score.js';
import { layReasons } from './lay-reasons.js';
import type { LayVerdict, ShapeLay } from './lay-verdict.js';

/** What roughness takes from a lay's score, whole surface for none, by the finish that is asked for. */
const ROUGH_COSTS = { any: 0.1, fair: 0.3, fine: 0.6 };
/** What supports of the part's own mass take from a lay's score: filament, an afternoon of tearing, marks. */
const SUPPORT_COSTS = 0.1;
const MOST_SUPPORT = 1.5;
/** What each load that pulls the layers apart takes: enough strength is enough, but that is the way prints fail. */
const ACROSS_COSTS = 0.05;
/** What a lay that does not stay lying by itself loses: it wants holding on all of its height. */
const UNSTEADY_COSTS = 0.3;

/**
 * Compares ways to lay a part in one filament: each is the brief laid so, judged as every ranking judges, with what
 * supports take and how the surface comes out.
 * @returns best first: what stands better, then what scores better
 */
export function layVerdicts(
  brief: Brief,
  lays: readonly ShapeLay[],
  family: Family,
  options: RankOptions = {},
): LayVerdict[] {
  const made = lays.map((lay, index): LayVerdict => {
    const current = isCurrent(brief, lay);
    // As it lies now it is the brief as it stands: the figures are those of the ranking.
    const laid = current ? brief : laidBrief(brief, lay);
    const [candidate] = rank(laid, { ...options, families: [family] }).candidates;
    if (!candidate) throw new Error(`${family.key} was not judged`);
    return {
      index,
      lay,
      brief: laid,
      candidate,
      current,
      fits: !candidate.gates.some(g => g.id === 'build' && g.verdict === 'fail'),
      bowMm: warpBowOf(candidate.printing.bowInput).bowMm,
      roughShare: lay.look ? Math.min(1, (lay.look.scarMm2 + lay.look.steppedMm2) / lay.look.surfaceMm2) : 0,
      across: laid.loads.flatMap((l, i) => (l.acrossLayers ? [i] : [])),
      rank: 0,
      for: [],
      against: [],
    };
  });
  const worth = (v: LayVerdict): number =>
    ratingOf(scoreWithin(brief, v, options.school), v.candidate.doubt) -
    ROUGH_COSTS[brief.looks.finish] * v.roughShare -
    SUPPORT_COSTS * Math.min(MOST_SUPPORT, v.candidate.printing.supportG / v.candidate.printing.massG) -
    ACROSS_COSTS * v.across.length -
    (v.lay.steady ? 0 : UNSTEADY_COSTS);
  made.sort((a, b) => Number(isOut(a)) - Number(isOut(b)) || worth(b) - worth(a) || a.index - b.index);
  const told = made.map(v => ({ ...v, ...layReasons(v, made) }));
  return leading(told, v => worth(v)).map((v, i) => ({ ...v, rank: i + 1 }));
}

/** The score of a way, with a bow that stays within the tolerance taken as none: it is not felt. */
function scoreWithin(
  { school, toleranceMm }: Brief,
  { bowMm, candidate }: LayVerdict,
  asked: RankOptions['school'],
): number {
  return scoreIn(
    asked ?? school,
    candidate.criteria.map(c => (c.id === 'warp' && bowMm <= toleranceMm ? { ...c, desirability: 1 } : c)),
  );
}

const isOut = (v: LayVerdict): boolean => v.candidate.status === 'out';

/**
 * The way that a part lies now leads, unless another stands better, or is worth more by something that can be named.
 * @param sorted best first
 */
function leading(sorted: readonly LayVerdict[], worth: (v: LayVerdict) => number): LayVerdict[] {
  const now = sorted.find(v => v.current);
  if (!now) return [...sorted];
  const beats = (v: LayVerdict): boolean =>
    (isOut(now) && !isOut(v)) ||
    (isOut(v) === isOut(now) && worth(v) > worth(now) + AS_GOOD_WITHIN && v.for.length > 0);
  const before = sorted.slice(0, sorted.indexOf(now)).filter(beats);
  const rest = sorted.filter(v => v !== now && !before.includes(v));
  return [...before, now, ...rest];
}

/** Whether a lay is the one that a brief has now; a brief that says none has that of its file. */
function isCurrent({ geometry }: Brief, lay: ShapeLay): boolean {
  return dot(geometry.up ?? [0, 0, 1], lay.up) > 0.9999;
}

/** Loads whose direction on the shape is not known: they count as said, however it is laid. */
export function undirectedLoads(brief: Brief): number[] {
  return brief.loads.flatMap((l, i) => (l.case !== 'clamp' && pullOf(l) === null ? [i] : []));
}

/** One way to lay a part, and what would be chosen for it then. */
export interface LayChoice {
  index: number;
  first: Candidate | null;
  /** How many families are in the running. */
  running: number;
}

/**
 * Searches over lay and filament together: what comes first for each way to lay the part.
 * @returns in the order of the lays
 */
export function layChoices(
  brief: Brief,
  lays: readonly ShapeLay[],
  options: RankOptions = {},
  progress: (done: number) => void = () => undefined,
): LayChoice[] {
  return lays.map((lay, index) => {
    const { candidates } = rank(laidBrief(brief, lay), options);
    progress((index + 1) / lays.length);
    const running = candidates.filter(c => c.rank !== null);
    return { index, first: running[0] ?? null, running: running.length };
  });
}

/** Points of difficulty from which another filament is called easier. */
const EASIER = 0.5;

/**
 * Where another lay lets an easier filament in: the lay whose first choice is the easiest to print, where that is
 * easier than what comes first as the part lies now.
 */
export function easierLay(choices: readonly LayChoice[], current: number): LayChoice | null {
  const now = choices.find(c => c.index === current)?.first;
  const better = choices
    .filter(c => c.first !== null && (!now || standsAsWell(c.first, now)))
    .sort((a, b) => a.first!.printing.difficulty - b.first!.printing.difficulty)[0];
  if (!better?.first) return null;
  if (!now) return better;
  return better.first.material !== now.material &&
    better.first.printing.difficulty < now.printing.difficulty - EASIER
    ? better
    : null;
}

function standsAsWell(a: Candidate, b: Candidate): boolean {
  return a.standing <= b.standing;
}
