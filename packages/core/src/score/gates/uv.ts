import { yearsWords } from '../../lib/years-text.js';
import { timeWords } from '../../lib/time-words.js';
import { isFilledBlack } from '../../materials/fibre.js';
import { fadeColourFactor, uvColourFactor, type Colour } from '../../materials/colours.js';
import type { Assessment } from '../assess.js';
import { UV_FAIL_SHARE, uvComfort } from '../comfort.js';
import { pigmentOf, type Context } from '../context.js';
import { byShare, easeOf, type Gate } from '../gate.js';

/** Ultraviolet life: fails under half of the wanted life, marginal under all of it. */
export function uvGate(ctx: Context, a: Assessment): Gate | null {
  const { brief, conditions } = ctx;
  if (conditions.doseAYearMJm2 <= 0) return null;
  const comfortable = uvComfort[brief.ifItFails];
  const limits = { fail: UV_FAIL_SHARE * comfortable, comfortable };
  const verdict = byShare(a.yearsToHalf / brief.lifeYears, limits);
  const colour: Colour = pigmentOf(ctx, a.family);
  const inBlack = (a.yearsToHalf / uvColourFactor[colour]) * uvColourFactor.black;
  return {
    id: 'uv',
    verdict,
    ease: easeOf(a.yearsToHalf / brief.lifeYears, limits),
    need: brief.lifeYears,
    have: a.yearsToHalf,
    unit: 'years to half',
    why:
      `Its surface is down to half its toughness after ${timeWords(a.yearsToHalf)} of this sun ` +
      `(${brief.outdoorSchool} data); it is to last ${yearsWords(brief.lifeYears)}. Its colour has changed ` +
      `visibly after ${timeWords(fadeYears(ctx, a))}.`,
    rescue:
      verdict === 'pass'
        ? null
        : colour !== 'black' && !isFilledBlack(a.family) && inBlack >= brief.lifeYears
          ? `passes in black (${timeWords(inBlack)}), where heat allows`
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

/** Years until the colour has visibly changed: its toughness is another matter, and has its own years. */
export function fadeYears(ctx: Context, { family, halfDoseMJm2 }: Assessment): number {
  const dose = halfDoseMJm2 * family.flags.fadeShare * fadeColourFactor[pigmentOf(ctx, family)];
  return dose / ctx.conditions.doseAYearMJm2;
}
