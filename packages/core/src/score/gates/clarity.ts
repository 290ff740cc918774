import type { Assessment } from '../assess.js';
import type { Context } from '../context.js';
import type { Gate, Verdict } from '../gate.js';

/** Clarity, when the part must be see-through. */
export function clarityGate(ctx: Context, a: Assessment): Gate | null {
  if (!ctx.brief.looks.clear) return null;
  const { clarity } = a.family.flags;
  const verdict: Verdict = clarity === 'clear' ? 'pass' : 'fail';
  return {
    id: 'clarity',
    verdict,
    need: 'clear',
    have: clarity,
    unit: '',
    why:
      clarity === 'clear'
        ? 'Sold clear; printed parts are see-through when thin or solid and slow.'
        : clarity === 'translucent'
          ? `${a.family.name} lets light through but is not clear.`
          : `${a.family.name} is opaque.`,
    rescue: clarity === 'translucent' ? 'passes if light coming through is enough' : null,
  };
}
