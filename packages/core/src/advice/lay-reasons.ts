import { timesIn100 } from '../lib/chance-words.js';
import { sig } from '../lib/figures.js';
import type { LayVerdict } from './lay-verdict.js';

/** One thing that speaks for a lay or against it, and how much. */
interface Point {
  text: string;
  weight: number;
}

/** Reasons told of one lay. */
const MOST_REASONS = 3;
/** What weighs less is not worth a word. */
const LEAST_WEIGHT = 0.25;

const minutes = (v: LayVerdict): number => 60 * v.candidate.printing.hours;

/**
 * What speaks for a way to lay a part and against it, the weightiest first: another way against how it lies now, and
 * how it lies now against the best of the others.
 */
export function layReasons(v: LayVerdict, all: readonly LayVerdict[]): { for: string[]; against: string[] } {
  const now = all.find(o => o.current);
  const others = v.current || !now ? all.filter(o => o.index !== v.index && o.fits) : [now];
  const than = v.current || !now ? 'the best of the others' : 'as it lies now';
  const good: Point[] = [];
  const bad: Point[] = [];
  if (!v.fits) bad.push({ text: 'does not fit the printer lying so', weight: 9 });
  if (!v.lay.steady)
    bad.push({ text: 'stands on an edge or leans: it wants holding all the way up', weight: 4 });
  else if (others.length && !others.some(o => o.lay.steady))
    good.push({ text: 'stays lying by itself', weight: 3 });
  supportPoint(v, others, good, bad);
  figure(v, others, good, bad, {
    of: minutes,
    better: (mine, least) => `${lasting(least - mine)} quicker than ${than}`,
    worse: (mine, least) => `${lasting(mine - least)} slower than ${than}`,
    scale: 60,
  });
  figure(v, others, good, bad, {
    of: o => 100 * Math.max(o.candidate.printing.pLift, o.candidate.printing.pSplit),
    better: (mine, least) => `lifts or splits ${timesIn100(mine / 100)}, ${timesIn100(least / 100)} ${than}`,
    worse: (mine, least) => `lifts or splits ${timesIn100(mine / 100)}, ${timesIn100(least / 100)} ${than}`,
    scale: 12,
  });
  figure(v, others, good, bad, {
    // Within the tolerance a bow is not felt.
    of: o => (o.bowMm <= v.brief.toleranceMm ? 0 : o.bowMm),
    better: mine =>
      mine > 0
        ? `bows ${sig(v.bowMm, 2)} mm, ${sig(
            least(others, o => o.bowMm),
            2,
          )} mm ${than}`
        : `bows within the ${sig(v.brief.toleranceMm, 2)} mm that are allowed, not so ${than}`,
    worse: mine =>
      `bows ${sig(mine, 2)} mm, ${sig(
        least(others, o => o.bowMm),
        2,
      )} mm ${than}`,
    scale: 1,
  });
  figure(v, others, good, bad, {
    of: o => 100 * o.roughShare,
    better: (mine, theirs) => `${share(mine)} of its surface comes out rough, ${share(theirs)} ${than}`,
    worse: (mine, theirs) => `${share(mine)} of its surface comes out rough, ${share(theirs)} ${than}`,
    scale: 15,
  });
  loadPoints(v, others, good, bad);
  return { for: told(good), against: told(bad) };
}

function least(others: readonly LayVerdict[], of: (v: LayVerdict) => number): number {
  return Math.min(...others.map(of));
}

function told(points: Point[]): string[] {
  return points
    .filter(p => p.weight >= LEAST_WEIGHT)
    .sort((a, b) => b.weight - a.weight)
    .slice(0, MOST_REASONS)
    .map(p => p.text);
}

interface Figure {
  of: (v: LayVerdict) => number;
  better: (mine: number, theirs: number) => string;
  worse: (mine: number, theirs: number) => string;
  /** What makes a difference that weighs 1. */
  scale: number;
}

/** Compares one figure, of which less is better, with the least of the others. */
function figure(v: LayVerdict, others: readonly LayVerdict[], good: Point[], bad: Point[], f: Figure): void {
  if (!others.length) return;
  const mine = f.of(v);
  const theirs = least(others, f.of);
  if (mine < theirs) good.push({ text: f.better(mine, theirs), weight: (theirs - mine) / f.scale });
  if (mine > theirs) bad.push({ text: f.worse(mine, theirs), weight: (mine - theirs) / f.scale });
}

function supportPoint(v: LayVerdict, others: readonly LayVerdict[], good: Point[], bad: Point[]): void {
  const mine = v.candidate.printing.supportG;
  const theirs = others.length ? least(others, o => o.candidate.printing.supportG) : 0;
  const supported = others.some(o => o.candidate.printing.supportG >= LEAST_SUPPORT_G);
  if (mine < LEAST_SUPPORT_G) {
    if (supported) good.push({ text: 'needs no supports', weight: 1.5 });
    return;
  }
  const ofPart = (mine - Math.min(mine, theirs)) / Math.max(0.1, v.candidate.printing.massG);
  if (mine >= theirs)
    bad.push({ text: `${sig(mine, 2)} g of supports to tear off`, weight: 0.4 + 4 * ofPart });
  else
    good.push({
      text: `${sig(mine, 2)} g of supports instead of ${sig(theirs, 2)} g`,
      weight: (4 * (theirs - mine)) / Math.max(0.1, v.candidate.printing.massG),
    });
}

/** Less of supports is none, g. */
const LEAST_SUPPORT_G = 0.05;

function loadPoints(v: LayVerdict, others: readonly LayVerdict[], good: Point[], bad: Point[]): void {
  for (const [i] of v.brief.loads.entries()) {
    const opens = v.across.includes(i);
    const otherwise = others.some(o => o.across.includes(i) !== opens);
    if (!otherwise) continue;
    const utilised = strengthOf(v);
    if (opens) bad.push({ text: `load ${i + 1} pulls its layers apart${utilised}`, weight: 3 });
    else good.push({ text: `load ${i + 1} runs along its layers${utilised}`, weight: 2 });
  }
}

/** How much of its strength is used, where it is known. */
function strengthOf({ candidate }: LayVerdict): string {
  const criterion = candidate.criteria.find(c => c.id === 'strength' && c.weight > 0);
  return criterion && Number.isFinite(criterion.value)
    ? ` (${sig(criterion.value, 2)} ${criterion.unit || 'of its strength'})`
    : '';
}

function share(percent: number): string {
  return percent < 1 ? 'under 1 %' : `${Math.round(percent)} %`;
}

function lasting(min: number): string {
  return min < 90 ? `${Math.max(1, Math.round(min))} min` : `${sig(min / 60, 2)} h`;
}
