import { effectiveColour } from '../../brief/looks.js';
import { uvColourFactor, type Colour } from '../../materials/colours.js';
import { sig } from '../../lib/figures.js';
import type { Assessment } from '../assess.js';
import type { Context } from '../context.js';
import type { Gate, Verdict } from '../gate.js';

/** Ultraviolet life: fails under half of the wanted life, marginal under all of it. */
export function uvGate(ctx: Context, a: Assessment): Gate | null {
  const { brief, conditions } = ctx;
  if (conditions.doseAYearMJm2 <= 0) return null;
  const ratio = a.yearsToHalf / brief.lifeYears;
  const verdict: Verdict = ratio < 0.5 ? 'fail' : ratio < 1 ? 'marginal' : 'pass';
  const colour: Colour = effectiveColour(brief);
  const inBlack = (a.yearsToHalf / uvColourFactor[colour]) * uvColourFactor.black;
  return {
    id: 'uv',
    verdict,
    need: brief.lifeYears,
    have: a.yearsToHalf,
    unit: 'years to half',
    why:
      `Its surface is down to half its toughness after ${sig(a.yearsToHalf, 2)} years of this sun ` +
      `(${brief.outdoorSchool} data); ${sig(brief.lifeYears, 2)} are wanted.`,
    rescue:
      verdict === 'pass'
        ? null
        : colour !== 'black' && inBlack >= brief.lifeYears
          ? `passes in black (${sig(inBlack, 2)} years), where heat allows`
          : 'passes with an ultraviolet-proof paint, kept up',
    working: {
      model: 'uv.retained',
      inputs: {
        doseMJm2: conditions.uvDoseMJm2,
        halfDoseMJm2: a.halfDoseMJm2,
        colour,
        wallMm: brief.geometry.wallMm,
        doseAYearMJm2: conditions.doseAYearMJm2,
      },
    },
  };
}
