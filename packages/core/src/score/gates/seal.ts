import type { Seal } from '../../brief/choices.js';
import { sig } from '../../lib/figures.js';
import { typical } from '../../materials/family.js';
import type { Assessment } from '../assess.js';
import type { Context } from '../context.js';
import { byShare, easeOf, type Gate } from '../gate.js';

/** How well layers must be welded, as strength across over along: under the first they leak, from the second hardly. */
const WELD: Record<Exclude<Seal, 'none'>, { fail: number; comfortable: number }> = {
  water: { fail: 0.2, comfortable: 0.5 },
  gas: { fail: 0.3, comfortable: 0.65 },
  fuel: { fail: 0.3, comfortable: 0.65 },
};

const held: Record<Exclude<Seal, 'none'>, string> = { water: 'water', gas: 'gas', fuel: 'fuel' };

/** Tightness: foams leak, and so do badly welded layers. */
export function sealGate(ctx: Context, a: Assessment): Gate | null {
  const { seal } = ctx.brief;
  if (seal === 'none') return null;
  const f = a.family;
  const base = { id: 'seal' as const, need: `holds ${held[seal]}`, unit: '' };
  if (f.flags.foaming || f.filler === 'microspheres' || f.filler === 'wood')
    return {
      ...base,
      verdict: 'fail',
      have: 'porous',
      why: `${f.name} is full of pores: it holds no ${held[seal]}.`,
      rescue: 'a liner, or a coat of resin inside',
    };
  const weld = typical(f, 'zRatio');
  return {
    ...base,
    verdict: byShare(weld, WELD[seal]),
    ease: easeOf(weld, WELD[seal]),
    have: `${sig(weld, 2)} of its strength across the layers`,
    why: `Its layers weld to ${sig(100 * weld, 2)} % of its strength; where they do not, ${held[seal]} seeps through.`,
    rescue:
      weld < WELD[seal].comfortable
        ? 'four walls or more, printed hot and slow, or a coat of resin inside'
        : null,
  };
}
