import type { Assessment } from '../assess.js';
import type { Context } from '../context.js';
import type { Gate } from '../gate.js';

/** Purpose: a dissolving support must dissolve, and nothing else may. */
export function purposeGate(ctx: Context, a: Assessment): Gate {
  const support = ctx.brief.purpose === 'dissolving-support';
  const ok = support === a.family.flags.soluble;
  return {
    id: 'purpose',
    verdict: ok ? 'pass' : 'fail',
    need: support ? 'dissolves in water' : 'lasts',
    have: a.family.flags.soluble ? 'dissolves in water' : 'does not dissolve',
    unit: '',
    why: ok
      ? 'Fit for the purpose.'
      : support
        ? `${a.family.name} does not dissolve in water.`
        : `${a.family.name} dissolves in water: it is a support, not a part.`,
    rescue: null,
  };
}
