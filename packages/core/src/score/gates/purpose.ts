import type { Assessment } from '../assess.js';
import type { Context } from '../context.js';
import type { Purpose } from '../../brief/choices.js';
import type { Family } from '../../materials/family.js';
import type { Gate, Verdict } from '../gate.js';

/**
 * Purpose: a dissolving support must dissolve, and nothing else may; what is made to be looked at is doubted
 * where a part has to work.
 */
export function purposeGate(ctx: Context, a: Assessment): Gate {
  const support = ctx.brief.purpose === 'dissolving-support';
  const { soluble, role } = a.family.flags;
  const { verdict, why } = outcome(ctx.brief.purpose, a.family);
  return {
    id: 'purpose',
    verdict,
    need: needs[ctx.brief.purpose],
    have: soluble ? 'dissolves in water' : made[role],
    unit: '',
    why,
    rescue: verdict === 'marginal' && !support ? 'for looks, or where next to nothing is asked of it' : null,
  };
}

const needs: Record<Purpose, string> = {
  functional: 'a plastic for work',
  decorative: 'a plastic that lasts',
  prototype: 'a plastic that lasts',
  'dissolving-support': 'dissolves in water',
};
const made = { work: 'a plastic for work', looks: 'one for looks', support: 'a support' };

function outcome(purpose: Purpose, f: Family): { verdict: Verdict; why: string } {
  const { soluble, role } = f.flags;
  if (purpose === 'dissolving-support')
    return soluble
      ? { verdict: 'pass', why: 'Fit for the purpose.' }
      : { verdict: 'fail', why: `${f.name} does not dissolve in water.` };
  if (soluble) return { verdict: 'fail', why: `${f.name} dissolves in water: it is a support, not a part.` };
  if (role === 'looks' && purpose === 'functional')
    return { verdict: 'marginal', why: `${f.name} is made for looks, smoothing or lightness, not for work.` };
  return { verdict: 'pass', why: 'Fit for the purpose.' };
}
