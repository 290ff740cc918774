import { chemicalList } from '../../materials/names.js';
import type { Chemical, Family } from '../../materials/family.js';
import type { Assessment } from '../assess.js';
import type { Context } from '../context.js';
import type { Gate } from '../gate.js';

/** Chemicals: the worst resistance among those that touch the part. */
export function chemicalsGate(ctx: Context, a: Assessment): Gate | null {
  const touching = ctx.brief.contact.chemicals;
  if (!touching.length) return null;
  const { verdict, have, why } = outcome(a.family, touching);
  const rescue = verdict === 'fail' ? 'a coating or a liner that resists it' : null;
  return { id: 'chemicals', verdict, need: chemicalList(touching), have, unit: '', why, rescue };
}

function outcome(family: Family, touching: readonly Chemical[]): Pick<Gate, 'verdict' | 'have' | 'why'> {
  const poor = chemicalList(touching.filter(c => family.chemicals[c] === 'poor'));
  if (poor) return { verdict: 'fail', have: `poor: ${poor}`, why: `${family.name} is attacked by ${poor}.` };
  const fair = chemicalList(touching.filter(c => family.chemicals[c] === 'fair'));
  if (fair)
    return { verdict: 'marginal', have: `fair: ${fair}`, why: `${family.name} bears ${fair} for a while.` };
  return { verdict: 'pass', have: 'good', why: `Resists ${chemicalList(touching)}.` };
}
