import type { Family } from '../../materials/family.js';
import { isFibre } from '../../materials/fibre.js';
import type { Assessment } from '../assess.js';
import type { Context } from '../context.js';
import { FOR_A_WHILE } from './chemicals.js';
import type { Gate, Verdict } from '../gate.js';

/** Contact: what sheds fibres or metal is kept off skin and food, and what leaches is doubted with wet food. */
export function contactGate(ctx: Context, a: Assessment): Gate | null {
  const { food, skin } = ctx.brief.contact;
  if (food === 'none' && !skin) return null;
  const { verdict, why } = outcome(a.family, food, skin);
  const touched = [food === 'none' ? null : `${food} food`, skin ? 'skin' : null].filter(x => x !== null);
  return {
    id: 'contact',
    verdict,
    ...(verdict === 'marginal' ? { ease: FOR_A_WHILE } : {}),
    need: touched.join(', '),
    have: verdict === 'pass' ? 'nothing known against it' : 'not for that',
    unit: '',
    why,
    rescue: verdict === 'pass' ? null : 'a liner or a coating between',
  };
}

function outcome(f: Family, food: 'none' | 'dry' | 'wet', skin: boolean): { verdict: Verdict; why: string } {
  if (isFibre(f)) return { verdict: 'fail', why: `${f.name} sheds fibres: not against skin or food.` };
  if (f.filler === 'metal' || f.filler === 'iron')
    return { verdict: 'fail', why: `${f.name} sheds metal: not against skin or food.` };
  if (food === 'wet' && f.flags.fumes === 'styrene')
    return { verdict: 'marginal', why: `${f.name} may give styrene to wet or hot food.` };
  if (food !== 'none' && f.flags.role === 'looks')
    return {
      verdict: 'marginal',
      why: `What is in ${f.name} besides the plastic is not known to be fit for food.`,
    };
  if (food === 'wet' && !f.flags.foodPolymer)
    return { verdict: 'marginal', why: `${f.name} is seldom sold in a grade fit for food.` };
  const what = food === 'none' ? 'skin' : skin ? 'skin and food' : 'food';
  return {
    verdict: 'pass',
    why: `Nothing in the polymer speaks against ${what}; the print is another matter.`,
  };
}
