import { sig } from '../lib/figures.js';
import type { LayVerdict } from './lay-verdict.js';

/** One thing that speaks for a lay or against it, and how much. */
interface Point {
  text: string;
  weight: number;
}

/** Reasons told of one lay. */
const MOST = 3;

const minutes = (v: LayVerdict): number => 60 * v.candidate.printing.hours;

/** What speaks for a lay and against it, the weightiest first, each against the usual of the others. */
export function layReasons(v: LayVerdict, all: readonly LayVerdict[]): { for: string[]; against: string[] } {
  const others = all.filter(o => o.index !== v.index && o.fits);
  const good: Point[] = [];
  const bad: Point[] = [];
  if (!v.fits) bad.push({ text: 'does not fit the printer lying so', weight: 9 });
  if (!v.lay.steady)
    bad.push({ text: 'stands on an edge or leans: it wants holding all the way up', weight: 4 });
  supportPoint(v, others, good, bad);
  figure(v, others, good, bad, {
    of: minutes,
    better: (mine, least) => `${lasting(least - mine)} quicker than the next`,
    worse: (mine, least) => `${lasting(mine - least)} slower than the quickest`,
    scale: 60,
  });
  figure(v, others, good, bad, {
    of: o => 100 * Math.max(o.candidate.printing.pLift, o.candidate.printing.pSplit),
    better: mine => `lifts or splits ${times(mine)}`,
    worse: (mine, least) => `lifts or splits ${times(mine)}, ${times(least)} at best`,
    scale: 12,
  });
  figure(v, others, good, bad, {
    of: o => o.bowMm,
    better: mine => `bows least, ${sig(mine, 2)} mm`,
    worse: (mine, least) => `bows ${sig(mine, 2)} mm, ${sig(least, 2)} mm at best`,
    scale: 1,
  });
  figure(v, others, good, bad, {
    of: o => 100 * o.roughShare,
    better: mine => `the cleanest faces: ${share(mine)} of its surface comes out rough`,
    worse: mine => `${share(mine)} of its surface comes out rough`,
    scale: 15,
  });
  loadPoints(v, others, good, bad);
  return { for: told(good), against: told(bad) };
}

function told(points: Point[]): string[] {
  return points
    .filter(p => p.weight >= 0.25)
    .sort((a, b) => b.weight - a.weight)
    .slice(0, MOST)
    .map(p => p.text);
}

interface Figure {
  of: (v: LayVerdict) => number;
  better: (mine: number, nextBest: number) => string;
  worse: (mine: number, best: number) => string;
  /** What makes a difference that weighs 1. */
  scale: number;
}

/** Compares one figure, of which less is better: the best is praised by the next, any other blamed by the best. */
function figure(v: LayVerdict, others: readonly LayVerdict[], good: Point[], bad: Point[], f: Figure): void {
  if (!others.length) return;
  const mine = f.of(v);
  const least = Math.min(...others.map(f.of));
  if (mine < least) good.push({ text: f.better(mine, least), weight: (least - mine) / f.scale });
  if (mine > least) bad.push({ text: f.worse(mine, least), weight: (mine - least) / f.scale });
}

function supportPoint(v: LayVerdict, others: readonly LayVerdict[], good: Point[], bad: Point[]): void {
  const mine = v.candidate.printing.supportG;
  const free = others.filter(o => o.candidate.printing.supportG < 0.05).length;
  if (mine < 0.05) {
    if (free < others.length) good.push({ text: 'needs no supports', weight: 1.5 });
    return;
  }
  const ofPart = mine / Math.max(0.1, v.candidate.printing.massG);
  bad.push({ text: `${sig(mine, 2)} g of supports to tear off`, weight: 0.4 + 4 * ofPart });
}

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

function times(percent: number): string {
  return percent < 1 ? 'less than once in 100' : `${Math.round(percent)} times in 100`;
}

function share(percent: number): string {
  return percent < 1 ? 'under 1 %' : `${Math.round(percent)} %`;
}

function lasting(min: number): string {
  return min < 90 ? `${Math.max(1, Math.round(min))} min` : `${sig(min / 60, 2)} h`;
}
