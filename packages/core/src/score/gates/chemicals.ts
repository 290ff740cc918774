import type { Assessment } from '../assess.js';
import type { Context } from '../context.js';
import type { Gate, Verdict } from '../gate.js';

/** Chemicals: the worst resistance among those that touch the part. */
export function chemicalsGate(ctx: Context, a: Assessment): Gate | null {
  const touching = ctx.brief.contact.chemicals;
  if (!touching.length) return null;
  const poor = touching.filter(c => a.family.chemicals[c] === 'poor');
  const fair = touching.filter(c => a.family.chemicals[c] === 'fair');
  const verdict: Verdict = poor.length ? 'fail' : fair.length ? 'marginal' : 'pass';
  return {
    id: 'chemicals',
    verdict,
    need: touching.join(', '),
    have: poor.length ? `poor: ${poor.join(', ')}` : fair.length ? `fair: ${fair.join(', ')}` : 'good',
    unit: '',
    why: poor.length
      ? `${a.family.name} is attacked by ${poor.join(', ')}.`
      : fair.length
        ? `${a.family.name} bears ${fair.join(', ')} for a while.`
        : `Resists ${touching.join(', ')}.`,
    rescue: poor.length ? 'a coating or a liner that resists it' : null,
  };
}
