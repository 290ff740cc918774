import { sig } from '../../lib/figures.js';
import type { PrintEconomicsResult } from '../../print/economics.js';
import type { Context } from '../context.js';
import type { Gate } from '../gate.js';

/** The limits of mass, where there are any: too heavy, or too light. */
export function massGate(ctx: Context, { massG }: PrintEconomicsResult): Gate | null {
  const { minMassG, maxMassG } = ctx.brief;
  if (minMassG !== null && massG < minMassG)
    return {
      id: 'mass',
      verdict: 'fail',
      need: minMassG,
      have: massG,
      unit: 'g at least',
      why: `Weighs ${sig(massG, 3)} g of at least ${sig(minMassG, 3)} g.`,
      rescue: solidRescue(ctx, minMassG, massG),
    };
  if (maxMassG === null)
    return minMassG === null
      ? null
      : {
          id: 'mass',
          verdict: 'pass',
          need: minMassG,
          have: massG,
          unit: 'g at least',
          why: `Weighs ${sig(massG, 3)} g of at least ${sig(minMassG, 3)} g.`,
          rescue: null,
        };
  const over = massG > maxMassG;
  return {
    id: 'mass',
    verdict: over ? 'fail' : 'pass',
    need: maxMassG,
    have: massG,
    unit: 'g',
    why: `Weighs ${sig(massG, 3)} g of at most ${sig(maxMassG, 3)} g.`,
    rescue: over ? solidRescue(ctx, maxMassG, massG) : null,
  };
}

/** The share of plastic at which the part would weigh what is wanted; null where no print reaches it. */
function solidRescue(ctx: Context, wantedG: number, massG: number): string | null {
  const share = (ctx.solidFraction * wantedG) / massG;
  return share >= 0.05 && share <= 1 ? `passes at ${sig(100 * share, 2)} % solid` : null;
}
