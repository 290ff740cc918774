import { sig } from '../../lib/figures.js';
import { typical } from '../../materials/family.js';
import type { Assessment } from '../assess.js';
import type { Context } from '../context.js';
import type { Gate, Verdict } from '../gate.js';

/** Saturated uptake over which a part that gets wet fails, and under which it is at ease, %. */
export const waterLimits = {
  humid: { fail: 12, comfortable: 6 },
  rain: { fail: 10, comfortable: 5 },
  immersed: { fail: 6, comfortable: 2 },
};

/** Water: what it takes up, and whether it dissolves. */
export function waterGate(ctx: Context, a: Assessment): Gate | null {
  const { water } = ctx.brief;
  if (water === 'dry') return null;
  const f = a.family;
  const { fail: limit, comfortable } = waterLimits[water];
  const uptake = typical(f, 'waterUptakePct');
  const verdict: Verdict =
    f.flags.soluble || uptake > limit ? 'fail' : uptake > comfortable ? 'marginal' : 'pass';
  return {
    id: 'water',
    verdict,
    need: limit,
    have: uptake,
    unit: '% taken up',
    why: f.flags.soluble
      ? `${f.name} dissolves in water.`
      : `Saturated it holds ${sig(uptake, 2)} % water and keeps ` +
        `${sig(100 * typical(f, 'wetFactor'), 2)} % of its strength.`,
    rescue:
      verdict === 'marginal' ? 'allow for swelling of about a quarter of the uptake, as a length' : null,
  };
}
