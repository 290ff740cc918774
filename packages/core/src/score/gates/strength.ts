import { sig } from '../../lib/figures.js';
import { strengthInput } from '../../models/strength-allowable.js';
import { typical } from '../../materials/family.js';
import type { Assessment } from '../assess.js';
import type { LoadAssessment } from '../assess-load.js';
import type { Context } from '../context.js';
import type { Gate, Verdict } from '../gate.js';

/** The load with the least reserve, or null. */
export function worstReserve(a: Assessment): LoadAssessment | null {
  return a.loads
    .filter(l => l.reserve !== null)
    .reduce<LoadAssessment | null>(
      (w, l) => (w === null || (l.reserve ?? 0) < (w.reserve ?? 0) ? l : w),
      null,
    );
}

/** Strength: allowable stress (or snap strain) against the stress times the required factor of safety. */
export function strengthGate(ctx: Context, a: Assessment): Gate | null {
  const w = worstReserve(a);
  if (!w || w.reserve === null) return null;
  const verdict: Verdict = w.reserve < 1 ? 'fail' : w.reserve < 1.25 ? 'marginal' : 'pass';
  const load = `load ${w.load.index + 1}`;
  if (w.load.strainPct !== null && w.allowableStrainPct !== null) {
    const longer = Math.sqrt(1 / w.reserve);
    return {
      id: 'strength',
      verdict,
      need: w.load.strainPct,
      have: w.allowableStrainPct,
      unit: '% strain',
      why:
        `${cap(load)} strains the finger ${sig(w.load.strainPct, 2)} %; ${a.family.name} takes ` +
        `${sig(w.allowableStrainPct, 2)} %.`,
      rescue:
        verdict === 'fail'
          ? `passes with the finger ${sig(longer, 3)} times longer, or ${sig(w.reserve, 2)} of its thickness`
          : null,
      ...(w.load.working ? { working: w.load.working } : {}),
    };
  }
  const need = (w.load.stressMPa ?? 0) * ctx.safety;
  // Where buckling, not crushing, sets the reserve, the allowable is what that reserve amounts to.
  const have = need > 0 ? Math.min(w.allowableMPa ?? 0, need * w.reserve) : (w.allowableMPa ?? 0);
  const rescue = verdict === 'fail' ? strengthRescue(ctx, a, w, w.reserve) : null;
  return {
    id: 'strength',
    verdict,
    need,
    have,
    unit: 'MPa',
    why:
      `${cap(load)} asks ${sig(w.load.stressMPa ?? 0, 3)} MPa × ${ctx.safety} for safety = ` +
      `${sig(need, 3)} MPa; ${a.family.name} may carry ${sig(have, 3)} MPa.`,
    rescue,
    ...(w.strength
      ? { working: { model: 'strength.allowable', inputs: strengthInput(a.family, w.strength) } }
      : {}),
  };
}

/** What would let a stressed section pass: another way up, or more of it. */
function strengthRescue(ctx: Context, a: Assessment, { load }: LoadAssessment, reserve: number): string {
  if (load.acrossLayers && reserve / typical(a.family, 'zRatio') >= 1)
    return 'passes if printed so that the load runs along the layers';
  const said = ctx.brief.loads[load.index];
  const bends =
    load.deflectionTimesModulus !== null && said?.case !== 'tension' && said?.case !== 'compression';
  return bends && said?.heightMm
    ? `passes with that section ${sig(said.heightMm / Math.sqrt(reserve), 3)} mm high`
    : `passes with ${sig(1 / reserve, 3)} times the section`;
}

function cap(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
