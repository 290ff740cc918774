import { latinHypercube } from '../../lib/latin-hypercube.js';
import { sobol, SOBOL_AXES } from '../../lib/sobol.js';
import { triangular, type Chance } from '../../lib/random.js';
import type { LeanCandidate, LeanVerdict } from './lean.js';

/** Spools of one candidate, judged: an entry a spool in each list, and in `d` a row of desirabilities. */
export interface DrawnSpools {
  /** 1 where it passes its gates. */
  running: Uint8Array;
  d: Float64Array;
  /** The least of its desirabilities. */
  least: Float64Array;
  standing: Float64Array;
  doubt: Float64Array;
  difficulty: Float64Array;
  cost: Float64Array;
  /** The order in which they take their turns. */
  turn: number[];
}

/**
 * Draws spools of a candidate evenly over all that is uncertain of it and judges each.
 * @param criteria  how many desirabilities the candidate's judge fills in
 */
export function drawnSpools(c: LeanCandidate, source: Chance, count: number, criteria: number): DrawnSpools {
  const axis = axes(c);
  const points = sobol(source, count, Math.min(axis.count, SOBOL_AXES));
  if (axis.count > SOBOL_AXES) points.push(...latinHypercube(source, count, axis.count - SOBOL_AXES));
  const values = c.typicals.slice();
  const d = new Float64Array(criteria);
  const verdict: LeanVerdict = { running: false, standing: 0, doubt: 0, difficulty: 0, cost: 0 };
  const spools: DrawnSpools = {
    running: new Uint8Array(count),
    d: new Float64Array(count * criteria),
    least: new Float64Array(count),
    standing: new Float64Array(count),
    doubt: new Float64Array(count),
    difficulty: new Float64Array(count),
    cost: new Float64Array(count),
    turn: Array.from({ length: count }, (_, i) => i),
  };
  for (let i = 0; i < count; i++) {
    c.varies.forEach((p, n) => {
      values[p.slot] = triangular(points[axis.of[n]!]![i]!, p.low, p.typical, p.high);
    });
    c.judge(values, d, verdict);
    if (!verdict.running) continue;
    spools.running[i] = 1;
    spools.d.set(d, i * criteria);
    spools.least[i] = d.reduce((least, x) => Math.min(least, x), 1);
    spools.standing[i] = verdict.standing;
    spools.doubt[i] = verdict.doubt;
    spools.difficulty[i] = verdict.difficulty;
    spools.cost[i] = verdict.cost;
  }
  return spools;
}

/** Which axis each varying property lies on: those that move together within one spool share one. */
function axes(c: LeanCandidate): { count: number; of: number[] } {
  const ofGroup = new Map<number, number>();
  let count = 0;
  const of = c.varies.map(p => {
    if (p.group < 0) return count++;
    const known = ofGroup.get(p.group);
    if (known !== undefined) return known;
    ofGroup.set(p.group, count);
    return count++;
  });
  return { count, of };
}
