import { sig } from '../../lib/figures.js';
import type { Water } from '../../brief/choices.js';
import { typical, typicalOrNull, type Family } from '../../materials/family.js';
import type { Assessment, Soaking } from '../assess.js';
import { ageingLimits } from '../comfort.js';
import type { Context } from '../context.js';
import { byLimit, byShare, worst, type Gate } from '../gate.js';

/** Saturated uptake over which a part that gets wet fails, and under which it is at ease, %. */
export const waterLimits = {
  humid: { fail: 12, comfortable: 6 },
  rain: { fail: 10, comfortable: 5 },
  immersed: { fail: 6, comfortable: 2 },
};

/** Water: whether it dissolves, what it takes up, and, where it stands in it, what hydrolysis leaves. */
export function waterGate(ctx: Context, a: Assessment): Gate | null {
  const { water } = ctx.brief;
  if (water === 'dry') return null;
  if (a.family.flags.soluble)
    return {
      id: 'water',
      verdict: 'fail',
      need: 'lasts',
      have: 'dissolves',
      unit: '',
      why: `${a.family.name} dissolves in water.`,
      rescue: null,
    };
  const soaked = soakedGate(a.family, water);
  const worn = a.water ? hydrolysisGate(ctx, a, a.water) : null;
  return worn && worst([soaked.verdict, worn.verdict]) === worn.verdict && worn.verdict !== 'pass'
    ? worn
    : soaked;
}

/** What it takes up, against what the place allows. */
function soakedGate(f: Family, water: Exclude<Water, 'dry'>): Gate {
  const { fail, comfortable } = waterLimits[water];
  const uptake = typical(f, 'waterUptakePct');
  const verdict = byLimit(uptake, { fail, comfortable });
  return {
    id: 'water',
    verdict,
    need: fail,
    have: uptake,
    unit: '% taken up',
    why:
      `Saturated it holds ${sig(uptake, 2)} % water and keeps ` +
      `${sig(100 * typical(f, 'wetFactor'), 2)} % of its strength.`,
    rescue:
      verdict === 'marginal' ? 'allow for swelling of about a quarter of the uptake, as a length' : null,
  };
}

/** What years in water leave of it. */
function hydrolysisGate(ctx: Context, a: Assessment, { waterC, result }: Soaking): Gate {
  const { lifeYears } = ctx.brief;
  const half = result.halfYears ?? Infinity;
  return {
    id: 'water',
    verdict: byShare(result.retained, ageingLimits),
    need: ageingLimits.fail,
    have: result.retained,
    unit: 'left',
    why:
      `In water of about ${sig(waterC, 2)} °C half its strength is gone after ${sig(half, 2)} years; ` +
      `${sig(lifeYears, 2)} are wanted.`,
    rescue: `replace it every ${sig(half / 2, 2)} years`,
    working: {
      model: 'water.life',
      inputs: { halfLife23Y: typicalOrNull(a.family, 'waterHalfLifeY'), waterC, years: lifeYears },
    },
  };
}
