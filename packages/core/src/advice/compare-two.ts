import type { CriterionId } from '../brief/choices.js';
import { sig } from '../lib/figures.js';
import { criterionLabels } from '../score/criteria.js';
import { weightedMean } from '../score/score.js';
import { type Candidate } from '../score/candidate.js';

/** One criterion of two candidates: `worth` is what it adds to the first one's lead in the weighted mean. */
export interface ComparedCriterion {
  id: CriterionId;
  label: string;
  unit: string;
  weight: number;
  a: number;
  b: number;
  desirabilityA: number;
  desirabilityB: number;
  worth: number;
  winner: 'a' | 'b' | null;
}

/** Two candidates against each other. */
export interface Comparison {
  criteria: ComparedCriterion[];
  leadOfA: number;
  sentence: string;
}

/** Differences of desirability under this are no win. */
const EVEN = 0.01;

/**
 * Compares two candidates of one ranking, criterion by criterion, the largest differences first; only what
 * weighs anything.
 */
export function compareTwo(a: Candidate, b: Candidate): Comparison {
  const total = a.criteria.reduce((s, c) => s + c.weight, 0) || 1;
  const criteria = a.criteria
    .filter(c => c.weight > 0)
    .map((c): ComparedCriterion => {
      const other = b.criteria.find(k => k.id === c.id);
      const desirabilityA = c.desirability;
      const desirabilityB = other?.desirability ?? 0;
      const gap = desirabilityA - desirabilityB;
      return {
        id: c.id,
        label: criterionLabels[c.id].label,
        unit: c.unit,
        weight: c.weight,
        a: c.value,
        b: other?.value ?? NaN,
        desirabilityA,
        desirabilityB,
        worth: (c.weight * gap) / total,
        winner: Math.abs(gap) < EVEN ? null : gap > 0 ? 'a' : 'b',
      };
    })
    .sort((x, y) => Math.abs(y.worth) - Math.abs(x.worth) || (x.id < y.id ? -1 : 1));
  const leadOfA = weightedMean(a.criteria) - weightedMean(b.criteria);
  return { criteria, leadOfA, sentence: tradeSentence(a, b, criteria, leadOfA) };
}

function tradeSentence(
  a: Candidate,
  b: Candidate,
  criteria: readonly ComparedCriterion[],
  leadOfA: number,
): string {
  const shown = (x: number): string => (Number.isFinite(x) ? sig(x, 2) : 'no limit');
  const part = (c: ComparedCriterion): string =>
    `${c.label.toLowerCase()} (${shown(c.a)} against ${shown(c.b)} ${c.unit})`;
  const list = (winner: 'a' | 'b'): string =>
    criteria
      .filter(c => c.winner === winner)
      .slice(0, 3)
      .map(part)
      .join(', ');
  const forA = list('a');
  const forB = list('b');
  const fails = [a, b]
    .flatMap(c => {
      const g = c.gates.find(x => x.verdict === 'fail');
      return g ? [`${c.name} is out: ${g.why}`] : [];
    })
    .join(' ');
  const trade = tradeWords(a.name, b.name, forA, forB);
  const sum =
    Math.abs(leadOfA) < 0.005
      ? 'in sum they are level'
      : `in sum ${leadOfA > 0 ? a.name : b.name} leads by ${sig(Math.abs(leadOfA), 2)}`;
  return `${trade}; ${sum}.${fails ? ` ${fails}` : ''}`;
}

function tradeWords(a: string, b: string, forA: string, forB: string): string {
  if (forA && forB) return `${a} instead of ${b} gains ${forA}, and gives up ${forB}`;
  if (forA) return `${a} is better or as good in everything: ${forA}`;
  if (forB) return `${b} is better or as good in everything, seen from ${a}: ${forB}`;
  return `${a} and ${b} are alike in everything that weighs`;
}
