import { sig } from '../../lib/figures.js';
import type { PrintEconomicsResult } from '../../print/economics.js';
import type { Context } from '../context.js';
import type { Gate, Verdict } from '../gate.js';

/** The mass limit, when there is one. */
export function massGate(ctx: Context, economics: PrintEconomicsResult): Gate | null {
  const limit = ctx.brief.maxMassG;
  if (limit === null) return null;
  const verdict: Verdict =
    economics.massG > limit ? 'fail' : economics.massG > 0.9 * limit ? 'marginal' : 'pass';
  return {
    id: 'mass',
    verdict,
    need: limit,
    have: economics.massG,
    unit: 'g',
    why: `Weighs ${sig(economics.massG, 3)} g of at most ${sig(limit, 3)} g.`,
    rescue:
      verdict === 'fail'
        ? `passes at ${sig((100 * ctx.brief.geometry.solidFraction * limit) / economics.massG, 2)} % solid`
        : null,
  };
}
