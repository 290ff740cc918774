import type { Family } from '../../materials/family.js';
import { uvColourFactor } from '../../materials/colours.js';
import { ageingHalfHours } from '../../models/heat-ageing.js';
import { hydrolysisHalfYears } from '../../models/water-life.js';
import { steamLife } from '../../models/water-steam.js';
import { HOURS_A_YEAR } from '../../lib/physical-constants.js';
import { ageingInput, wetnessOf } from '../assess.js';
import { pigmentOf, type Context } from '../context.js';
import type { LeanLasting } from './drawn-parts.js';
import { slot } from './slots.js';

/** Makes a family's answer to heat, water, steam and sun ready for draws. */
export function leanLasting(ctx: Context, f: Family): LeanLasting {
  const { brief, conditions: c } = ctx;
  const years = brief.lifeYears;
  const { partC, hoursADay } = ageingInput(ctx, 0);
  // 0.5^(years/half), and half = hours at index 0 × 2^(index/10): one power a draw.
  const halvingsAtZero = (years * (hoursADay / 24) * HOURS_A_YEAR) / ageingHalfHours(0, partC);
  const wet = f.properties.waterHalfLifeY === null ? null : wetnessOf(ctx);
  const waterShare = wet ? years / hydrolysisHalfYears({ ...wet, halfLife23Y: 1 }) : 0;
  const { steamCycles, steamC } = brief.heat;
  const steamed = steamCycles > 0 && f.properties.steamCycles134;
  const steamShare = steamCycles / steamLife({ cycles134: 1, steamC, cycles: 0 }).halfCycles;
  const uvScale = uvColourFactor[pigmentOf(ctx, f)] / (c.doseAYearMJm2 * years);
  const sunny = c.doseAYearMJm2 > 0;
  const field = brief.outdoorSchool === 'field';
  const self: LeanLasting = {
    aged: 1,
    soaked: 1,
    steamed: 1,
    uv: Infinity,
    of(v) {
      self.aged = 0.5 ** (halvingsAtZero / 2 ** (v[slot.ageingIndexC]! / 10));
      if (wet) self.soaked = 0.5 ** (waterShare / v[slot.waterHalfLifeY]!);
      if (steamed) self.steamed = 0.5 ** (steamShare / v[slot.steamCycles134]!);
      if (sunny) self.uv = v[slot.uvHalfDoseMJm2]! * (field ? v[slot.fieldUvFactor]! : 1) * uvScale;
    },
  };
  return self;
}
