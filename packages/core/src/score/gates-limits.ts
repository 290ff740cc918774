import { sig } from '../models/model.js';
import { typical } from '../materials/family.js';
import type { PrintEconomicsResult } from '../models/print-economics.js';
import type { Assessment } from './assess.js';
import type { Context } from './context.js';
import type { Gate, Verdict } from './gate.js';

/** Purpose: a dissolving support must dissolve, and nothing else may. */
export function purposeGate(ctx: Context, a: Assessment): Gate {
  const support = ctx.brief.purpose === 'dissolving-support';
  const ok = support === a.family.flags.soluble;
  return {
    id: 'purpose',
    verdict: ok ? 'pass' : 'fail',
    need: support ? 'dissolves in water' : 'lasts',
    have: a.family.flags.soluble ? 'dissolves in water' : 'does not dissolve',
    unit: '',
    why: ok
      ? 'Fit for the purpose.'
      : support
        ? `${a.family.name} does not dissolve in water.`
        : `${a.family.name} dissolves in water: it is a support, not a part.`,
    rescue: null,
  };
}

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

/** Below this density (g/cm³) a part floats with room to spare. */
export const FLOATS = 0.97;
/** And below this a part floats on its sealed hollows, g/cm³. */
export const FLOATS_HOLLOW = 0.9;

/** Floating: by the plastic itself, or by sealed hollows. */
export function floatGate(ctx: Context, a: Assessment): Gate | null {
  if (!ctx.brief.mustFloat) return null;
  const solid = typical(a.family, 'densityGcm3');
  const hollow = solid * ctx.brief.geometry.solidFraction;
  const verdict: Verdict = solid < FLOATS ? 'pass' : hollow < FLOATS_HOLLOW ? 'marginal' : 'fail';
  return {
    id: 'float',
    verdict,
    need: 1,
    have: solid < FLOATS ? solid : hollow,
    unit: 'g/cm³',
    why:
      solid < FLOATS
        ? `${a.family.name} is lighter than water even solid.`
        : hollow < FLOATS_HOLLOW
          ? `Floats on the air inside (${sig(hollow, 2)} g/cm³), for as long as its walls are tight.`
          : `At ${sig(hollow, 3)} g/cm³ it sinks or swims awash.`,
    rescue:
      verdict === 'pass'
        ? null
        : `seal the walls and print at most ${Math.floor((100 * 0.9) / solid)} % solid`,
  };
}

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

/** The cost limit, when there is one. */
export function costGate(ctx: Context, economics: PrintEconomicsResult): Gate | null {
  const limit = ctx.brief.maxCostEach;
  if (limit === null) return null;
  const verdict: Verdict =
    economics.costEach > limit ? 'fail' : economics.costEach > 0.9 * limit ? 'marginal' : 'pass';
  return {
    id: 'cost',
    verdict,
    need: limit,
    have: economics.costEach,
    unit: 'each',
    why: `Costs ${sig(economics.costEach, 3)} of at most ${sig(limit, 3)}.`,
    rescue: null,
  };
}

/** Build size: the part must fit the printer, turned about the upright axis if need be. */
export function buildGate(ctx: Context): Gate | null {
  if (!ctx.printer) return null;
  const { xMm, yMm, zMm } = ctx.brief.geometry;
  const [bx, by, bz] = ctx.printer.buildMm;
  const fits = zMm <= bz && ((xMm <= bx && yMm <= by) || (yMm <= bx && xMm <= by));
  if (fits) return null;
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
