import { UNLOADED_MPA, allowableTemperatureC } from '../../models/heat-allowable.js';
import { bisect } from '../../lib/bisect.js';
import { hoursAbove } from '../../models/part-year.js';
import { absorptivityOf } from '../../materials/colours.js';
import { sig } from '../../lib/figures.js';
import type { Family } from '../../materials/family.js';
import type { Assessment } from '../assess.js';
import type { Context } from '../context.js';
import { heatComfortK } from '../comfort.js';
import { byMargin, easeOf, type Gate } from '../gate.js';

/** A load held longer is told as one that is held for long, h. */
const HELD_FOR_LONG_H = 1000;

/** Heat: the allowable part temperature at the worst load against what the part reaches. */
export function heatGate(ctx: Context, a: Assessment): Gate {
  const need = ctx.conditions.partMaxC;
  if (isDeadRubber(ctx, a.family))
    return {
      id: 'heat',
      verdict: 'fail',
      need,
      have: a.allowableC,
      unit: '°C',
      why:
        'No rubber lives in a hot car, as this brief has it; by its figures ' +
        `${a.family.name} bears ${sig(a.allowableC, 3)} °C.`,
      rescue: 'hold the other position in the brief, or let one’s own log decide',
      remedy: { label: 'hold that rubber keeps its shape unloaded', path: 'heat.rubber', value: 'holds' },
      working: { model: 'heat.allowable', inputs: a.heatInput },
    };
  const margin = a.allowableC - need;
  const verdict = byMargin(margin, heatComfortK[ctx.brief.ifItFails]);
  const held = a.heatInput.sustainedHours > HELD_FOR_LONG_H ? ' held for long' : '';
  const hours = ctx.year ? hoursAbove(ctx.year, a.allowableC) : 0;
  const often = hours > 0 ? ` It is hotter than that for ${hours} hours of the year.` : '';
  const at = a.heatInput.stressMPa > UNLOADED_MPA ? ` at ${sig(a.heatInput.stressMPa, 2)} MPa${held}` : '';
  return {
    id: 'heat',
    verdict,
    ease: easeOf(margin, { fail: 0, comfortable: heatComfortK[ctx.brief.ifItFails] }),
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

/** Whether it is a rubber in a closed vehicle, where the brief holds that none lives there. */
export function isDeadRubber({ brief }: Pick<Context, 'brief'>, f: Family): boolean {
  const { setting, rubber } = brief.heat;
  return rubber === 'dead' && setting === 'closed-vehicle' && f.flags.structure === 'elastomer';
}

/** Tries, in order, a lighter colour, shade, and a lower stress; names the first that passes. */
function heatRescue(ctx: Context, a: Assessment): string {
  const { brief } = ctx;
  if (
    ctx.conditions.irradianceWm2 > 0 &&
    (brief.heat.setting === 'outdoors' || brief.heat.setting === 'closed-vehicle')
  ) {
    const now = absorptivityOf[ctx.colour];
    const choice = a.family.flags.colours === 'any' ? (['light', 'white'] as const) : [];
    for (const colour of choice) {
      if (absorptivityOf[colour] >= now) continue;
      const t = ctx.partMaxIf({ looks: { ...brief.looks, clear: false, colour } });
      if (a.allowableC >= t)
        return `passes in ${colour === 'white' ? 'white' : 'a light colour'} (${sig(t, 3)} °C)`;
    }
    const shade = ctx.partMaxIf({ sun: 'none' });
    if (a.allowableC >= shade) return `passes in the shade (${sig(shade, 3)} °C)`;
  }
  if (a.heatInput.stressMPa > UNLOADED_MPA && a.unloadedC >= ctx.conditions.partMaxC)
    return lessStress(ctx, a);
  return `keep the part under ${sig(a.allowableC, 3)} °C`;
}

/** The stress at which it would bear the heat, or another part to carry the load where there is none. */
function lessStress(ctx: Context, a: Assessment): string {
  const bears = (stressMPa: number): number =>
    ctx.conditions.partMaxC - allowableTemperatureC({ ...a.heatInput, stressMPa });
  const none = 'carry the load on another part: heated so, this one bears only itself';
  if (bears(UNLOADED_MPA) > 0) return none;
  const stress = bisect(bears, UNLOADED_MPA, a.heatInput.stressMPa, 1e-3);
  return `passes at ${sig(stress, 2)} MPa: ${sig(a.heatInput.stressMPa / stress, 2)} times the section`;
}
