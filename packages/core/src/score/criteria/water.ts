import { capital } from '../../lib/capital.js';
import { sig } from '../../lib/figures.js';
import type { Context } from '../context.js';
import { ageingLimits } from '../comfort.js';
import { years, share } from '../sentences.js';
import type { CriterionRule } from './criterion.js';

/** Share left from which being wet for years is worth no more thought. */
const LASTING = 0.85;

/** Weight of what steam leaves: as much as of a life under water. */
const STEAMED = 3;
const weightByWater = { dry: 0, humid: 1, rain: 1, immersed: 3 };

/** What wets it: "5 years in water", "60 steamings". */
function wetting(ctx: Context): string {
  const { steamCycles } = ctx.brief.heat;
  return steamCycles > 0 ? `${sig(steamCycles, 3)} steamings` : `${years(ctx)} in water`;
}

/** Water: the strength that years in it leave, and steam. */
export const waterCriterion: CriterionRule = {
  id: 'water',
  label: 'Water',
  measure: 'strength left after years in water, or in steam',
  weigh: ({ brief }) => (brief.heat.steamCycles > 0 ? STEAMED : weightByWater[brief.water]),
  read({ assessment: { water, steam } }) {
    const working = steam
      ? { model: 'water.steam', inputs: steam.input }
      : water && { model: 'water.life', inputs: water.input };
    return {
      value: (water?.result.retained ?? 1) * (steam?.result.retained ?? 1),
      unit: 'left',
      unacceptable: ageingLimits.fail,
      comfortable: LASTING,
      ...(working ? { working } : {}),
    };
  },
  drawn:
    (_ctx, _family, { lasting }) =>
    () =>
      lasting.soaked * lasting.steamed,
  says: {
    pro: (c, ctx) => `Keeps ${share(c.value)} of its strength through ${wetting(ctx)}.`,
    con: (c, ctx) => `${capital(wetting(ctx))} leave ${share(c.value)} of its strength.`,
  },
};
