import { capital } from '../../lib/capital.js';
import { sig } from '../../lib/figures.js';
import { strengthInput } from '../../models/strength-allowable.js';
import { typical } from '../../materials/family.js';
import type { Assessment } from '../assess.js';
import { feltBy, type LoadAssessment } from '../assess-load.js';
import type { Context } from '../context.js';
import type { BriefLoad } from '../../brief/brief-load.js';
import { feltStressMPa, type FieldStress } from '../../brief/load-field.js';
import { printedMember, type PrintedMember } from '../../brief/printed-member.js';
import { printFlowMm3s } from '../../print/economics.js';
import { STRENGTH_COMFORT } from '../comfort.js';
import { sectionRescue } from '../section-rescue.js';
import { byShare, easeOf, type Gate, type Rescue, type Verdict } from '../gate.js';

/** Reserves under which it fails, and from which it is at ease. */
const STRENGTH_LIMITS = { fail: 1, comfortable: STRENGTH_COMFORT };

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
  const verdict = byShare(w.reserve, STRENGTH_LIMITS);
  if (w.load.strainPct !== null && w.allowableStrainPct !== null)
    return fingerGate(ctx, a, w, w.load.strainPct, w.allowableStrainPct, verdict);
  const load = `load ${w.load.index + 1}`;
  const felt = feltBy(w.load, typical(a.family, 'zRatio'));
  const need = felt * ctx.safety;
  // Where buckling, not crushing, sets the reserve, the allowable is what that reserve amounts to.
  const have = need > 0 ? Math.min(w.allowableMPa ?? 0, need * w.reserve) : (w.allowableMPa ?? 0);
  return {
    id: 'strength',
    verdict,
    ease: reserveEase(w.reserve),
    need,
    have,
    unit: 'MPa',
    why:
      `${capital(load)}${w.load.field ? ' on the shape itself' : ''} asks ${sig(felt, 3)} MPa × ${ctx.safety} ` +
      'for safety = ' +
      `${sig(need, 3)} MPa; ${a.family.name} may carry ${sig(have, 3)} MPa.`,
    ...(verdict === 'fail' ? strengthRescue(ctx, a, w, w.reserve) : { rescue: null }),
    ...(w.strength
      ? { working: { model: 'strength.allowable', inputs: strengthInput(a.family, w.strength) } }
      : {}),
  };
}

const reserveEase = (reserve: number): number => easeOf(reserve, STRENGTH_LIMITS);

/** A snap finger: its strain times what a failure asks, against what the plastic takes that way up and so cold. */
function fingerGate(
  ctx: Context,
  a: Assessment,
  w: LoadAssessment,
  strainPct: number,
  allowablePct: number,
  verdict: Verdict,
): Gate {
  const reserve = w.reserve ?? Infinity;
  const need = strainPct * ctx.strainSafety;
  const safety = ctx.strainSafety > 1 ? ` × ${sig(ctx.strainSafety, 3)} for safety` : '';
  const longer = Math.sqrt(1 / reserve);
  return {
    id: 'strength',
    verdict,
    ease: reserveEase(reserve),
    need,
    have: allowablePct,
    unit: '% strain',
    why:
      `Load ${w.load.index + 1} strains the finger ${sig(strainPct, 2)} %${safety}; ${a.family.name} takes ` +
      `${sig(allowablePct, 2)} %${w.load.acrossLayers ? ' across its layers' : ''}.`,
    rescue:
      verdict === 'fail'
        ? `passes with the finger ${sig(longer, 3)} times longer, or ${sig(reserve, 2)} of its thickness`
        : null,
    ...(w.working ? { working: w.working } : {}),
  };
}

/** Walls tried before more section is asked for. */
const MOST_WALLS = 8;

/** What would let a stressed section pass: another way up, more walls, or more of it. */
function strengthRescue(ctx: Context, a: Assessment, { load }: LoadAssessment, reserve: number): Rescue {
  if (load.field) return { rescue: shapeRescue(load.field, typical(a.family, 'zRatio'), reserve) };
  if (load.acrossLayers && reserve / typical(a.family, 'zRatio') >= 1)
    return { rescue: 'passes if printed so that the load runs along the layers' };
  const said = ctx.brief.loads[load.index];
  if (said?.case === 'insert') return insertRescue(said, load.index, reserve);
  const walls = said ? wallsRescue(ctx, a, said, load.printed.strength / reserve) : null;
  if (walls) return walls;
  return sectionRescue(ctx.brief, load.index, 1 / reserve, 'strength');
}

/** What would do where the shape itself was worked out: another way up, or more of it where it is weakest. */
function shapeRescue(field: FieldStress, zRatio: number, reserve: number): string {
  const felt = feltStressMPa(field, zRatio);
  return felt > field.alongMPa && (reserve * felt) / field.alongMPa >= 1
    ? 'may pass laid otherwise: it gives way between its layers'
    : `passes with a larger radius or ${sig(1 / reserve, 2)} times as much plastic at its weakest place`;
}

/** A deeper insert, or several: the pull is shared by all plastic around them. */
function insertRescue({ lengthMm }: BriefLoad, index: number, reserve: number): Rescue {
  // Rounded up, so that what is said does pass.
  const deepMm = Math.ceil((10 * (lengthMm ?? 0)) / reserve) / 10;
  return {
    rescue: `passes with an insert ${deepMm} mm deep, or with ${Math.ceil(1 / reserve)} that share the pull`,
    remedy: { label: `take one ${deepMm} mm deep`, path: `loads.${index}.lengthMm`, value: deepMm },
  };
}

/** The fewest walls, or else a solid print, that leave the wanted share of a solid section; null where none does. */
function wallsRescue(ctx: Context, a: Assessment, load: BriefLoad, wanted: number): Rescue | null {
  if (wanted > 1) return null;
  const { print } = ctx.brief;
  const shareAt = (change: Partial<typeof print>): PrintedMember | null =>
    printedMember({ ...ctx.brief, print: { ...print, ...change } }, load);
  const now = shareAt({});
  if (!now) return null;
  const more = Array.from({ length: MOST_WALLS }, (_, i) => print.walls + i + 1);
  const enough = more.find(walls => (shareAt({ walls })?.ratios.strengthRatio ?? 0) >= wanted);
  const change = enough === undefined ? { pattern: 'solid' as const } : { walls: enough };
  const then = shareAt(change);
  if (!then || then.ratios.strengthRatio < wanted) return null;
  const cost = costOf(ctx, a, load, now, then);
  return enough === undefined
    ? {
        rescue: `passes with a solid print${cost}`,
        remedy: { label: 'print it solid', path: 'print.pattern', value: 'solid' },
      }
    : {
        rescue: `passes with ${enough} walls${cost}`,
        remedy: { label: `print it with ${enough} walls`, path: 'print.walls', value: enough },
      };
}

/** What more plastic in a member weighs and takes, in words; nothing where its length is not known. */
function costOf(
  ctx: Context,
  a: Assessment,
  load: BriefLoad,
  now: PrintedMember,
  then: PrintedMember,
): string {
  if (!load.lengthMm || !load.widthMm || !load.heightMm) return '';
  const share = then.ratios.massRatio - now.ratios.massRatio;
  const mm3 = share * load.lengthMm * load.widthMm * load.heightMm;
  const flow = printFlowMm3s(a.family, ctx.printer, ctx.brief.print);
  const grams = sig((mm3 / 1000) * typical(a.family, 'densityGcm3'), 2);
  return `: +${grams} g, +${sig(mm3 / flow / 60, 2)} min in that member`;
}
