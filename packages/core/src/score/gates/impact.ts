import { sig } from '../../lib/figures.js';
import type { Assessment } from '../assess.js';
import { typical } from '../../materials/family.js';
import { layerToughness, type LoadAssessment } from '../assess-load.js';
import { IMPACT_COMFORT } from '../comfort.js';
import type { Context } from '../context.js';
import { byShare, easeOf, type Gate } from '../gate.js';

/** Impact: what it takes when coldest, notched and unnotched, against the worst knock times safety. */
export function impactGate(ctx: Context, a: Assessment): Gate | null {
  const w = a.loads
    .filter(l => l.impactReserve !== null)
    .reduce<LoadAssessment | null>(
      (m, l) => (m === null || (l.impactReserve ?? 0) < (m.impactReserve ?? 0) ? l : m),
      null,
    );
  if (!w || w.impactReserve === null) return brittleGate(ctx, a);
  const severity = w.blow?.severityKJm2 ?? 0;
  const need = severity * ctx.safety;
  const across = w.blow?.acrossLayers ?? false;
  const have = w.bearsKJm2 ?? 0;
  const limits = { fail: 1, comfortable: IMPACT_COMFORT };
  const verdict = byShare(w.impactReserve, limits);
  return {
    id: 'impact',
    verdict,
    ease: easeOf(w.impactReserve, limits),
    need,
    have,
    unit: 'kJ/m²',
    why:
      `The knock is ${sig(severity, 2)} kJ/m² × ${ctx.safety} for safety; ` +
      `${a.family.name} takes ${sig(have, 2)} kJ/m² ${across ? 'across its layers ' : ''}at ` +
      `${sig(ctx.conditions.partMinC, 2)} °C.`,
    rescue: verdict === 'fail' ? knockRescue(ctx, w.impactReserve, a, across) : null,
    ...(w.working ? { working: w.working } : {}),
  };
}

/** Notched impact, kJ/m², under which a plastic breaks without warning, and from which it gives one. */
export const BRITTLE = { fail: 0.5, comfortable: 4 };

/** Where a failure could hurt someone and nothing knocks on the part: what is brittle when coldest is doubted. */
function brittleGate(ctx: Context, a: Assessment): Gate | null {
  if (ctx.brief.ifItFails !== 'injures') return null;
  const have = a.charpyColdKJm2;
  const verdict = have < BRITTLE.comfortable ? 'marginal' : 'pass';
  const cold = `${sig(have, 2)} kJ/m² notched at ${sig(ctx.conditions.partMinC, 2)} °C`;
  return {
    id: 'impact',
    verdict,
    ease: easeOf(have, BRITTLE),
    need: BRITTLE.comfortable,
    have,
    unit: 'kJ/m²',
    why:
      verdict === 'pass'
        ? `${a.family.name} bends before it breaks: ${cold}.`
        : `${a.family.name} breaks without warning: ${cold}, where someone could be hurt.`,
    rescue: verdict === 'pass' ? null : 'a catch beside it, or a tougher plastic',
  };
}

/** What would let it take the knock: another way up, or more of its weak section. */
function knockRescue(ctx: Context, reserve: number, a: Assessment, across: boolean): string {
  if (across && reserve / layerToughness(typical(a.family, 'zRatio'), true) >= 1)
    return 'passes if printed so that the blow does not open the layers';
  const sharp = ctx.brief.geometry.innerRadiusMm;
  const rounder = sharp === null || sharp < 2 ? ', or with its inner corners rounded' : '';
  return `passes with ${sig(1 / reserve, 2)} times the weak section${rounder}`;
}
