import type { CriterionId } from '../brief/choices.js';
import { sig } from '../lib/figures.js';
import type { Criterion } from './criteria/criterion.js';
import type { Context } from './context.js';
import type { Candidate } from './candidate.js';

/** A criterion's value as a sentence; `good` says which side of the argument it is on. */
function sentence(c: Criterion, good: boolean, ctx: Context): string {
  const v = sig(c.value, 2);
  const life = sig(ctx.brief.lifeYears, 2);
  const by: Record<CriterionId, [string, string]> = {
    heat: [
      `Bears ${v} K more than the hottest the part gets (${sig(ctx.conditions.partMaxC, 3)} °C).`,
      c.value < 0
        ? `Bears ${sig(-c.value, 2)} K less than the hottest the part gets (${sig(ctx.conditions.partMaxC, 3)} °C).`
        : `Only ${v} K between the hottest the part gets and what it bears.`,
    ],
    uv: [
      `Its surface outlasts the ${life} years in the sun ${v} times over.`,
      `Its surface is half gone after ${v} of the ${life} years in the sun.`.replace(
        `${v} of the`,
        `${sig(c.value * ctx.brief.lifeYears, 2)} of the`,
      ),
    ],
    strength: [
      `Carries ${v} times what is asked, safety included.`,
      `Carries only ${v} times what is asked, safety included.`,
    ],
    stiffness: [`Bends ${v} % of the span at once.`, `Bends ${v} % of the span at once.`],
    creep: [
      `Moves no more than ${v} ${c.unit} in ${life} years.`,
      `Creeps to ${v} ${c.unit} in ${life} years.`,
    ],
    impact: [
      c.unit === '× need'
        ? `Takes ${v} times the knock, safety included.`
        : `Tough: ${v} kJ/m² notched when cold.`,
      c.unit === '× need'
        ? `Takes only ${v} times the knock, safety included.`
        : `Brittle: ${v} kJ/m² notched when cold.`,
    ],
    flex: [
      ctx.brief.flex.want === 'rubbery'
        ? c.value < 1
          ? 'In the middle of the wanted hardness.'
          : `${v} points from the middle of the wanted hardness.`
        : ctx.brief.flex.want === 'hinge'
          ? 'Folds as a thin web, again and again.'
          : `Flexes as wanted (${v} ${c.unit}).`,
      ctx.brief.flex.want === 'rubbery' && c.value >= 100
        ? 'Rigid, where rubber is wanted.'
        : `Not as flexible as wanted (${v} ${c.unit}).`,
    ],
    warp: [`Stays flat: bows ${v} mm.`, `Warps: bows ${v} mm over this length.`],
    printability: [
      `The first print comes out ${sig(100 * c.value, 2)} times in 100.`,
      `The first print comes out only ${sig(100 * c.value, 2)} times in 100.`,
    ],
    accuracy: [
      `True to ${v} mm.`,
      `True only to ${v} mm, where ${sig(ctx.brief.toleranceMm, 2)} mm is wanted.`,
    ],
    finish: ['Prints with a fair surface.', 'Shows its layers.'],
    mass: [
      c.unit === 'g' ? `Light: ${v} g.` : `Floats by itself: ${v} g/cm³.`,
      c.unit === 'g' ? `Heavy: ${v} g.` : `Floats only on sealed air: ${v} g/cm³ solid.`,
    ],
    moisture: [`Takes up ${v} % water.`, `Takes up ${v} % water, and changes with it.`],
    cost: [`Costs ${sig(c.value, 3)} each.`, `Costs ${sig(c.value, 3)} each.`],
  };
  return by[c.id][good ? 0 : 1];
}

/** Up to three reasons for a candidate and the main one against, each from a number. */
export function explain(ctx: Context, candidate: Candidate): { for: string[]; against: string[] } {
  const weighed = candidate.criteria.filter(c => c.weight > 0);
  const byGain = [...weighed].sort((a, b) => b.weight * b.desirability - a.weight * a.desirability);
  const byLoss = [...weighed].sort(
    (a, b) => b.weight * (1 - b.desirability) - a.weight * (1 - a.desirability),
  );
  const failed = candidate.gates.filter(g => g.verdict === 'fail').map(g => g.why);
  const marginal = candidate.gates.filter(g => g.verdict === 'marginal').map(g => g.why);
  const pros = byGain.filter(c => c.desirability >= 0.6).slice(0, 3);
  // The same number must not speak on both sides.
  const worstOne = byLoss.find(c => !pros.includes(c));
  const main = failed.length
    ? failed
    : worstOne && worstOne.desirability < 0.75
      ? [sentence(worstOne, false, ctx)]
      : marginal.slice(0, 1);
  return {
    for: pros.map(c => sentence(c, true, ctx)),
    against: main.length
      ? main
      : worstOne && worstOne.desirability < 0.95
        ? [sentence(worstOne, false, ctx)]
        : [],
  };
}
