import { fitsInto } from '../../brief/size.js';
import type { Context } from '../context.js';
import type { Gate } from '../gate.js';

/** Build size: the part must fit the printer, turned about the upright axis if need be. */
export function buildGate(ctx: Context): Gate | null {
  if (!ctx.printer) return null;
  const { xMm, yMm, zMm } = ctx.brief.geometry;
  const [bx, by, bz] = ctx.printer.buildMm;
  if (fitsInto(ctx.brief, ctx.printer.buildMm)) return null;
  return {
    id: 'build',
    verdict: 'fail',
    need: `${xMm} × ${yMm} × ${zMm}`,
    have: `${bx} × ${by} × ${bz}`,
    unit: 'mm',
    why: `The part is larger than ${ctx.printer.name} can print.`,
    rescue: 'split the part, lay it another way up, or use a larger printer',
  };
}
