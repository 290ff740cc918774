import type { WearClass } from '../../materials/family.js';
import { isFibre } from '../../materials/fibre.js';
import type { Assessment } from '../assess.js';
import type { Context } from '../context.js';
import type { Gate, Verdict } from '../gate.js';

/** Rank of a wear class, for scores: 2 good, 1 fair, 0 poor. */
export const wearRank: Record<WearClass, number> = { good: 2, fair: 1, poor: 0 };

/** Wear: whether it bears sliding, or teeth. What is only tried out may wear. */
export function wearGate(ctx: Context, a: Assessment): Gate | null {
  const { wear, purpose } = ctx.brief;
  if (wear === 'none') return null;
  const f = a.family;
  const tried = purpose === 'prototype' || purpose === 'decorative';
  const verdicts: Record<WearClass, Verdict> = {
    good: 'pass',
    fair: 'marginal',
    poor: tried ? 'marginal' : 'fail',
  };
  const what = wear === 'gear' ? 'teeth' : 'sliding';
  const whys: Record<WearClass, string> = {
    good: `${f.name} bears ${what} well.`,
    fair: isFibre(f)
      ? `Its fibres bear smooth steel and wear any softer mate.`
      : `${f.name} bears ${what} for a while.`,
    poor: `${f.name} wears quickly under ${what}.`,
  };
  const have = f.flags.wear;
  return {
    id: 'wear',
    verdict: verdicts[have],
    need: wear === 'gear' ? 'teeth' : 'sliding',
    have,
    unit: '',
    why: whys[have],
    rescue: verdicts[have] === 'pass' ? null : 'a metal bush or pin, a smooth steel mate, and grease',
  };
}
