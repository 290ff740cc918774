import type { Assessment } from '../assess.js';
import type { Context } from '../context.js';
import type { Gate } from '../gate.js';

/** Colour: what comes only in black or dark cannot be white or light. */
export function looksGate(ctx: Context, a: Assessment): Gate | null {
  const wanted = ctx.brief.looks.colour;
  if (ctx.brief.looks.clear || (wanted !== 'white' && wanted !== 'light')) return null;
  if (a.family.flags.colours === 'any') return null;
  return {
    id: 'looks',
    verdict: 'fail',
    need: wanted,
    have: 'dark',
    unit: '',
    why: `${a.family.name} comes in black or dark only.`,
    rescue: 'paint it, or let it be dark',
  };
}
