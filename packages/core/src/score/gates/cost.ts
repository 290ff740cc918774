import { price } from '../../lib/figures.js';
import type { PrintEconomicsResult } from '../../print/economics.js';
import type { Context } from '../context.js';
import type { Gate, Verdict } from '../gate.js';

/** The cost limit, when there is one. */
export function costGate(ctx: Context, economics: PrintEconomicsResult): Gate | null {
  const limit = ctx.brief.maxCostEach;
  if (limit === null) return null;
  const verdict: Verdict = economics.costEach > limit ? 'fail' : 'pass';
  return {
    id: 'cost',
    verdict,
    need: limit,
    have: economics.costEach,
    unit: 'each',
    why: `Costs ${price(economics.costEach)} of at most ${price(limit)}.`,
    rescue: null,
  };
}
