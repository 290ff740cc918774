import { yearsWords } from '../../lib/years-text.js';
import { timeWords } from '../../lib/time-words.js';
import { sig } from '../../lib/figures.js';
import type { Water } from '../../brief/choices.js';
import { typical, type Family } from '../../materials/family.js';
import type { Assessment, Soaking } from '../assess.js';
import { ageingLimits } from '../comfort.js';
import type { Context } from '../context.js';
import { byLimit, byShare, easeOf, worst, type Gate } from '../gate.js';

/** Saturated uptake over which a part that gets wet fails, and under which it is at ease, %. */
export const waterLimits = {
  humid: { fail: 12, comfortable: 6 },
  rain: { fail: 10, comfortable: 5 },
  immersed: { fail: 6, comfortable: 2 },
};

/** Water: whether it dissolves, what it takes up, and what hydrolysis leaves. */
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
  const worn = a.water?.known ? hydrolysisGate(ctx, a.water) : null;
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
    ease: easeOf(uptake, { fail, comfortable }),
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

const wetWords: Record<Water, string> = {
  dry: '',
  humid: 'In damp air',
  rain: 'In rain',
  immersed: 'In water',
};

/** What years of being wet leave of it. */
function hydrolysisGate(ctx: Context, { input, result }: Soaking): Gate {
  const { lifeYears } = ctx.brief;
  const half = result.halfYears ?? Infinity;
  return {
    id: 'water',
    verdict: byShare(result.retained, ageingLimits),
    ease: easeOf(result.retained, ageingLimits),
    need: ageingLimits.fail,
    have: result.retained,
    unit: 'left',
    why:
      `${wetWords[ctx.brief.water]} of about ${sig(input.waterC, 2)} °C half its strength is gone after ` +
      `${timeWords(half)}; it is to last ${yearsWords(lifeYears)}.`,
    rescue: `replace it after ${timeWords(half / 2)}`,
    working: { model: 'water.life', inputs: input },
  };
}
