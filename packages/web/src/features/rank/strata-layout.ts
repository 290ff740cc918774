import type { CriterionId } from '@hornblende/core/lib';
import type { Candidate, Criterion } from '@hornblende/core/score';
import { failedLayer } from './failed-layer';

// The geometry of the strata chart, in CSS pixels, as pure functions: the component only draws.

/** Room above the columns, px. */
export const TOP = 26;
/** Room at the left for the layers' names, px. */
export const LABELS = 104;
/** A layer thinner than this could not be seen or pulled. */
export const MIN_LAYER = 7;
/** A column narrower than this cannot carry its name. */
export const READABLE = 72;
/** Widest that a column grows. */
const WIDEST = 104;
/** Columns out of the running are narrower, within these. */
const OUT_NARROWEST = 38;
const OUT_WIDEST = 54;
/** Space between those in the running and those out. */
const OUT_GAP = 34;
/** Heights of the columns: alone, and with slivers beneath. */
const TALL = 290;
const SHORT = 214;
/** What is left of a column's pitch beside its bar. */
const OUT_MARGIN = 10;

/** A layer: one criterion, as thick as its weight. */
export interface Layer {
  id: CriterionId;
  weight: number;
  y: number;
  h: number;
}

/** Where everything stands. */
export interface StrataLayout {
  /** Those in the running that stand as columns, those that do not, and those out that do. */
  running: Candidate[];
  rest: Candidate[];
  out: Candidate[];
  /** Not all fit side by side: the rest and those out stand as slivers beneath. */
  crowded: boolean;
  height: number;
  width: number;
  /** From one column to the next, and the bar in it; the same for those out. */
  column: number;
  bar: number;
  outColumn: number;
  outBar: number;
}

/** The layers of the weights, from the top: their heights add up to the chart's. */
export function layersOf(weights: Record<CriterionId, number>, height: number): Layer[] {
  const ids = (Object.keys(weights) as CriterionId[]).filter(id => weights[id] > 0);
  const per = perWeight(weights, height);
  let y = TOP;
  return ids.map(id => {
    const h = MIN_LAYER + per * weights[id];
    const layer = { id, weight: weights[id], y, h };
    y += h;
    return layer;
  });
}

/** A criterion is met by all alike from this desirability on: what is missing could not be seen. */
const MET = 0.985;
/** Fewer layers than this are not worth folding. */
const FEWEST_FOLDED = 2;
/** How high the fold is drawn, px. */
export const FOLD = 20;

/**
 * The criteria that each of several candidates meets: they say nothing of why one leads, and may fold into one band.
 * None where there is only one.
 */
export function metByAll(
  candidates: readonly Candidate[],
  weights: Record<CriterionId, number>,
): CriterionId[] {
  if (candidates.length < 2) return [];
  const met = (Object.keys(weights) as CriterionId[]).filter(
    id => weights[id] > 0 && candidates.every(c => (criterionOf(c, id)?.desirability ?? 0) >= MET),
  );
  return met.length < FEWEST_FOLDED ? [] : met;
}

/** Weights without those of the criteria that are folded away. */
export function unfolded(
  weights: Record<CriterionId, number>,
  folded: readonly CriterionId[],
): Record<CriterionId, number> {
  const left = { ...weights };
  for (const id of folded) left[id] = 0;
  return left;
}

/** Pixels of layer for one of weight. */
export function perWeight(weights: Record<CriterionId, number>, height: number): number {
  const weighed = Object.values(weights).filter(w => w > 0);
  const total = weighed.reduce((s, w) => s + w, 0) || 1;
  return (height - MIN_LAYER * weighed.length) / total;
}

/** Shares the room among the candidates. @param width of the whole chart */
export function strataLayout(candidates: readonly Candidate[], width: number): StrataLayout {
  const allRunning = candidates.filter(c => c.rank !== null);
  const allOut = candidates.filter(c => c.rank === null);
  const room = Math.max(360, width) - LABELS;
  const outRoom = allOut.length ? OUT_GAP + allOut.length * OUT_NARROWEST : 0;
  const crowded = allRunning.length * READABLE + outRoom > room;
  const fitting = Math.max(3, Math.floor(room / READABLE));
  const running = crowded ? allRunning.slice(0, fitting) : allRunning;
  const out = crowded ? [] : allOut;
  // Columns out of the running are narrow; those in it share what is left.
  const outColumn = Math.max(
    OUT_NARROWEST,
    Math.min(OUT_WIDEST, (room - OUT_GAP - running.length * READABLE) / Math.max(1, out.length)),
  );
  const outWidth = out.length ? OUT_GAP + out.length * outColumn : 10;
  const column = Math.max(READABLE - 4, Math.min(WIDEST, (room - outWidth) / Math.max(running.length, 1)));
  return {
    running,
    rest: allRunning.slice(running.length),
    out,
    crowded,
    height: crowded ? SHORT : TALL,
    width: LABELS + column * running.length + outWidth,
    column,
    bar: column - (column < 56 ? 10 : 14),
    outColumn,
    outBar: outColumn - OUT_MARGIN,
  };
}

/** Left edge of a column in the running. */
export function xOf(layout: StrataLayout, i: number): number {
  return LABELS + i * layout.column;
}

/** Left edge of a column out of the running. */
export function outXOf(layout: StrataLayout, i: number): number {
  return xOf(layout, layout.running.length) + 24 + i * layout.outColumn;
}

/** A candidate's criterion. */
export function criterionOf(c: Candidate, id: CriterionId): Criterion | undefined {
  return c.criteria.find(k => k.id === id);
}

/** What is folded: the criteria, and where their band lies. */
export interface Fold {
  ids: CriterionId[];
  y: number;
  h: number;
}

/** The height of the crack: at the layer, or the fold, that the failed gate belongs to, else near the top. */
export function crackY(c: Candidate, layers: readonly Layer[], fold: Fold | null = null): number {
  const gate = c.gates.find(g => g.verdict === 'fail');
  const id = gate ? failedLayer(gate.id) : null;
  const layer = id && fold?.ids.includes(id) ? fold : layers.find(l => l.id === id);
  return layer ? layer.y + layer.h / 2 : TOP + 34;
}

/** The part of a cracked column above its crack, as an SVG path. */
export function upperPart(x: number, w: number, crack: number): string {
  return (
    `M${x} ${TOP} h${w} V${crack - 5} l${-w * 0.22} 7 l${-w * 0.18} -9 l${-w * 0.2} 10 l${-w * 0.2} -8 ` +
    `L${x} ${crack - 1} Z`
  );
}

/** The part of a cracked column beneath its crack, shifted a little. */
export function lowerPart(x: number, w: number, crack: number, height: number): string {
  const left = x + 2;
  const y = crack + 9;
  return (
    `M${left} ${y} l${w * 0.2} -6 l${w * 0.2} 8 l${w * 0.2} -10 l${w * 0.18} 9 L${left + w} ${y - 4} ` +
    `V${TOP + height} H${left} Z`
  );
}

/** A name in at most two lines of so many characters. */
export function nameLines(name: string, fits: number): string[] {
  const lines: string[] = [];
  for (const word of name.split(' ')) {
    const last = lines.at(-1);
    if (last !== undefined && `${last} ${word}`.length <= fits) lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines.length > 2 ? [lines[0] ?? '', `${lines[1] ?? ''}…`] : lines;
}
