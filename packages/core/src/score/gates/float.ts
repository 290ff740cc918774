import { sig } from '../../lib/figures.js';
import { typical } from '../../materials/family.js';
import type { Assessment } from '../assess.js';
import type { Context } from '../context.js';
import type { Gate, Verdict } from '../gate.js';

/** Below this density (g/cm³) a part floats with room to spare. */
export const FLOATS = 0.97;

/** And below this a part floats on its sealed hollows, g/cm³. */
export const FLOATS_HOLLOW = 0.9;

/** Whether a plastic floats: by itself, or only on its sealed hollows. */
export function floatVerdict(densityGcm3: number, solidFraction: number): Verdict {
  if (densityGcm3 < FLOATS) return 'pass';
  return densityGcm3 * solidFraction < FLOATS_HOLLOW ? 'marginal' : 'fail';
}

/** How much at ease a part floats on air that its walls keep. */
export const ON_ITS_HOLLOWS = 0.5;

/** Floating: by the plastic itself, or by sealed hollows. */
export function floatGate(ctx: Context, a: Assessment): Gate | null {
  if (!ctx.brief.mustFloat) return null;
  const soaked = a.family.grade?.soakedGcm3 ?? null;
  if (soaked !== null) return soakedGate(a.family.name, soaked);
  const solid = typical(a.family, 'densityGcm3');
  const hollow = solid * ctx.solidFraction;
  const verdict = floatVerdict(solid, ctx.solidFraction);
  return {
    id: 'float',
    verdict,
    ease: ON_ITS_HOLLOWS,
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

/** Floating as a piece was found after a night under water: no estimate stands against that. */
function soakedGate(name: string, soakedGcm3: number): Gate {
  const verdict: Verdict = soakedGcm3 < FLOATS_HOLLOW ? 'pass' : soakedGcm3 < FLOATS ? 'marginal' : 'fail';
  const words = { pass: 'floats on', marginal: 'floats on, barely', fail: 'sinks or swims awash' };
  return {
    id: 'float',
    verdict,
    ease: ON_ITS_HOLLOWS,
    need: 1,
    have: soakedGcm3,
    unit: 'g/cm³',
    why: `A piece of ${name} was soaked: at ${sig(soakedGcm3, 2)} g/cm³ with what it drank it ${words[verdict]}.`,
    rescue: verdict === 'pass' ? null : 'seal its skin and soak a piece again',
  };
}
