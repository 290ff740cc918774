import type { Brief } from '../../brief/brief.js';
import type { FlexWant } from '../../brief/choices.js';
import { hardnessWanted } from '../../brief/hardness.js';
import { bisect } from '../../lib/bisect.js';
import { sig } from '../../lib/figures.js';
import { typical, typicalOrNull, type Family, type FamilyFlags } from '../../materials/family.js';
import { infillCurve } from '../../models/flex-infill.js';
import type { Assessment } from '../assess.js';
import type { Context } from '../context.js';
import { FLOPPY_MPA, HINGE_FOLDS, RIGID_MPA, hingeFolds } from '../flexibility.js';
import { easeOf, type Gate, type Verdict } from '../gate.js';

/** Repeated strain under which a part does not spring, and over which it surely does, %. */
export const SPRING_STRAIN_PCT = { fail: 1, comfortable: 1.8 };

/** Flexibility: rigid, springy, hinge or rubbery, each by the number that decides it. */
export function flexGate(ctx: Context, a: Assessment): Gate | null {
  const { want } = ctx.brief.flex;
  return { id: 'flex', ...answers[want](a.family, ctx) };
}

type FlexAnswer = Omit<Gate, 'id'>;

const answers: Record<FlexWant, (f: Family, ctx: Context) => FlexAnswer> = {
  rigid: f => {
    const have = typical(f, 'modulusMPa');
    const verdict = atLeast(have, RIGID_MPA);
    return {
      verdict,
      ease: easeOf(have, RIGID_MPA),
      need: RIGID_MPA.fail,
      have,
      unit: 'MPa modulus',
      why:
        verdict === 'fail'
          ? `${f.name} is rubbery; the part must be rigid.`
          : `Stiff enough to be called rigid.`,
      rescue: verdict === 'fail' ? 'none in this family: the part must be allowed to bend' : null,
    };
  },
  springy: f => {
    const have = typical(f, 'strainRepeatedPct');
    const soft = typical(f, 'modulusMPa') < FLOPPY_MPA;
    const verdict = soft ? 'fail' : atLeast(have, SPRING_STRAIN_PCT);
    return {
      verdict,
      ease: easeOf(have, SPRING_STRAIN_PCT),
      need: SPRING_STRAIN_PCT.fail,
      have,
      unit: '% repeated strain',
      why: soft
        ? `${f.name} is too soft to spring back with force.`
        : `Takes ${sig(have, 2)} % strain again and again.`,
      rescue:
        verdict === 'fail' && !soft ? 'make the spring longer and thinner, so that it strains less' : null,
    };
  },
  hinge: f => {
    const { hinge } = f.flags;
    const floppy = typical(f, 'modulusMPa') < FLOPPY_MPA;
    const verdict = hingeVerdict(hinge, floppy);
    return {
      verdict,
      ease: hingeEase(hinge, floppy),
      need: 'lasting',
      have: hinge,
      unit: 'living hinge',
      why: hingeWhy(f, floppy),
      rescue: verdict === 'fail' ? 'a hinge with a pin' : null,
    };
  },
  rubbery: (f, ctx) => {
    const [low, high] = hardnessWanted(ctx.brief);
    const have = typicalOrNull(f, 'shoreA');
    const asked = { need: `${low}–${high}`, unit: 'Shore A' };
    if (have === null)
      return {
        verdict: 'fail',
        need: asked.need,
        have: 'harder than the scale',
        unit: asked.unit,
        why: `${f.name} is rigid; the part must be rubbery.`,
        rescue: null,
      };
    const inside = have >= low && have <= high;
    const softer = softenedBy(ctx.brief, have, high);
    if (softer !== null) return softened(f, have, asked, softer);
    const verdict = inside ? atEnds(have, low, high) : 'fail';
    return {
      verdict,
      ease: endEase(have, low, high),
      need: asked.need,
      have,
      unit: asked.unit,
      why: inside
        ? `${sig(have, 2)} A lies in the wanted ${low}–${high}.`
        : `${sig(have, 2)} A lies ${have < low ? 'below' : 'above'} the wanted ${low}–${high}.`,
      rescue: verdict === 'pass' ? null : hardnessRescue(have > (low + high) / 2),
      working: { model: 'flex.modulus', inputs: { scale: 'A', hardness: Math.min(99, have) } },
    };
  },
};

/** The least infill that still makes a pad of one piece, and the steps in which one sets it. */
const LEAST_INFILL = 0.25;
/** A detour is doubted more than what lies at the very end of what is asked, as what is made for another purpose. */
export const SOFTENED_EASE = -0.5;
/** Points of hardness that infill takes off a rubber at most: softer than that it is a sponge; an estimate. */
const MOST_SOFTENED = 15;
const INFILL_STEP = 0.05;

/**
 * The infill at which a rubber that is too hard feels as soft as is asked, three points inside; null where it is not
 * too hard, where no infill does it, and where it must be tight and so solid.
 */
export function softenedBy(brief: Pick<Brief, 'seal'>, solidA: number, high: number): number | null {
  if (solidA <= high || brief.seal !== 'none') return null;
  const curve = infillCurve({
    scale: 'A',
    solidHardness: Math.min(99, solidA),
    readings: [],
    pattern: 'gyroid',
  });
  const wanted = high - HARDNESS_EASE;
  if (solidA - wanted > MOST_SOFTENED || curve(LEAST_INFILL) > wanted) return null;
  return INFILL_STEP * Math.floor(bisect(x => curve(x) - wanted, LEAST_INFILL, 1) / INFILL_STEP);
}

/** The hardest rubber that infill makes as soft as is asked, Shore A; the asked end itself where none does. */
export function hardestSoftened(brief: Pick<Brief, 'seal'>, high: number): number {
  if (brief.seal !== 'none' || high >= 100) return high;
  const felt = (solidHardness: number): number =>
    infillCurve({ scale: 'A', solidHardness, readings: [], pattern: 'gyroid' })(LEAST_INFILL);
  const over = (a: number): number => felt(a) - (high - HARDNESS_EASE);
  const most = Math.min(99, high - HARDNESS_EASE + MOST_SOFTENED);
  if (over(most) <= 0) return most;
  return over(high) > 0 ? high : bisect(over, high, most);
}

/** A rubber that infill makes soft enough: walls and skins shift it, so that it is never more than marginal. */
function softened(
  f: Family,
  have: number,
  asked: Pick<FlexAnswer, 'need' | 'unit'>,
  infill: number,
): FlexAnswer {
  const percent = `${Math.round(100 * infill)} %`;
  return {
    ...asked,
    verdict: 'marginal',
    ease: SOFTENED_EASE,
    have,
    why: `${f.name} is ${sig(have, 2)} A solid; with ${percent} gyroid infill and one wall it feels soft enough.`,
    rescue: `print a pad of it with ${percent} infill first`,
    remedy: { label: `print it with ${percent} infill`, path: 'print.infill', value: infill },
    working: { model: 'flex.infill', inputs: { scale: 'A', solidHardness: Math.min(99, have), infill } },
  };
}

/** Points of hardness by which a family should lie inside what is asked: grades and prints scatter so much. */
const HARDNESS_EASE = 3;

/** Whether a hardness inside a range lies too near one of its ends. */
export function atEnds(have: number, low: number, high: number): Verdict {
  return endEase(have, low, high) < 1 ? 'marginal' : 'pass';
}

/** How much at ease a hardness lies inside a range: 0 at an end, 1 from three points inside. */
export function endEase(have: number, low: number, high: number): number {
  // Nothing is harder than 100 A nor softer than 0 A: those ends are open.
  const fromLow = low > 0 ? have - low : Infinity;
  const fromHigh = high < 100 ? high - have : Infinity;
  return easeOf(Math.min(fromLow, fromHigh), { fail: 0, comfortable: HARDNESS_EASE });
}

/** How much at ease a hinge passes: as its folds are judged. */
export function hingeEase(hinge: FamilyFlags['hinge'], floppy: boolean): number {
  return easeOf(hingeFolds(hinge, floppy), HINGE_FOLDS);
}

function atLeast(have: number, limits: { fail: number; comfortable: number }): Verdict {
  if (have < limits.fail) return 'fail';
  return have < limits.comfortable ? 'marginal' : 'pass';
}

function hingeVerdict(hinge: FamilyFlags['hinge'], floppy: boolean): Verdict {
  if (hinge === 'no') return 'fail';
  return hinge === 'short' || floppy ? 'marginal' : 'pass';
}

function hingeWhy(f: Family, floppy: boolean): string {
  const { hinge } = f.flags;
  if (hinge === 'no') return `A thin web of ${f.name} breaks after a few folds.`;
  if (hinge === 'short') return `A web of ${f.name} lasts some thousands of folds.`;
  return floppy
    ? `${f.name} folds for ever, but the leaves beside the hinge are floppy too.`
    : `A thin web of ${f.name} folds for ever.`;
}

function hardnessRescue(tooHard: boolean): string {
  return tooHard ? 'less infill softens it, within reason' : 'more infill and walls harden it, within reason';
}
