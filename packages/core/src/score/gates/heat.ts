import { CREEP_HOURS } from '../../models/heat-allowable.js';
import { effectiveColour } from '../../brief/looks.js';
import { hoursAbove } from '../../models/part-year.js';
import { absorptivityOf } from '../../materials/colours.js';
import { sig } from '../../lib/figures.js';
import type { Assessment } from '../assess.js';
import type { Context } from '../context.js';
import { byMargin, type Gate } from '../gate.js';

/** Kelvins of margin under which heat is marginal. */
export const HEAT_COMFORT_K = 10;

/** Heat: the allowable part temperature at the worst load against what the part reaches. */
export function heatGate(ctx: Context, a: Assessment): Gate {
  const need = ctx.conditions.partMaxC;
  const margin = a.allowableC - need;
  const verdict = byMargin(margin, HEAT_COMFORT_K);
  const held = a.heatInput.sustainedHours > CREEP_HOURS ? ' held for long' : '';
  const hours = ctx.year ? hoursAbove(ctx.year, a.allowableC) : 0;
  const often = hours > 0 ? ` It is hotter than that for ${hours} hours of the year.` : '';
  const at = a.heatInput.stressMPa > 0.05 ? ` at ${sig(a.heatInput.stressMPa, 2)} MPa${held}` : '';
  return {
    id: 'heat',
    verdict,
    need,
    have: a.allowableC,
    unit: '°C',
    why:
      margin < 0
        ? `The part reaches ${sig(need, 3)} °C; ${a.family.name}${at} bears ${sig(a.allowableC, 3)} ` +
          `°C, ${sig(-margin, 2)} K short.${often}`
        : `Bears ${sig(a.allowableC, 3)} °C${at}, ${sig(margin, 2)} K above the ${sig(need, 3)} °C it reaches.`,
    rescue: verdict === 'pass' ? null : heatRescue(ctx, a),
    working: { model: 'heat.allowable', inputs: a.heatInput },
  };
}

/** Tries, in order, a lighter colour, shade, and a lower stress; names the first that passes. */
function heatRescue(ctx: Context, a: Assessment): string {
  const { brief } = ctx;
  if (
    ctx.conditions.irradianceWm2 > 0 &&
    (brief.heat.setting === 'outdoors' || brief.heat.setting === 'closed-vehicle')
  ) {
    const now = absorptivityOf[effectiveColour(brief)];
    for (const colour of ['light', 'white'] as const) {
      if (absorptivityOf[colour] >= now) continue;
      const t = ctx.partMaxIf({ looks: { ...brief.looks, clear: false, colour } });
      if (a.allowableC >= t) return `passes in ${colour} (${sig(t, 3)} °C)`;
    }
    const shade = ctx.partMaxIf({ sun: 'none' });
    if (a.allowableC >= shade) return `passes in the shade (${sig(shade, 3)} °C)`;
  }
  if (
    a.heatInput.stressMPa > 0.05 &&
    a.softeningC - (a.heatInput.sustainedHours > CREEP_HOURS ? a.heatInput.creepAllowanceK : 0) >=
      ctx.conditions.partMaxC
  )
    return 'passes unloaded: carry the load on a thicker section or another part';
  return `keep the part under ${sig(a.allowableC, 3)} °C`;
}
