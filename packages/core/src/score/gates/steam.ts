import { sig } from '../../lib/figures.js';
import type { Assessment } from '../assess.js';
import { ageingLimits } from '../comfort.js';
import type { Context } from '../context.js';
import { byShare, easeOf, type Gate } from '../gate.js';

/** Steam: whether it keeps its shape in it, and what so many cycles leave of its strength. */
export function steamGate(ctx: Context, { steam, unloadedC }: Assessment): Gate | null {
  const { steamCycles, steamC } = ctx.brief.heat;
  if (steamCycles === 0) return null;
  if (!steam)
    return {
      id: 'steam',
      verdict: 'fail',
      need: steamC,
      have: unloadedC,
      unit: '°C',
      why:
        unloadedC < steamC
          ? `In steam of ${sig(steamC, 3)} °C it loses its shape: it keeps it up to ${sig(unloadedC, 3)} °C.`
          : 'Nothing is known of it in steam that it could be relied on for.',
      rescue: null,
    };
  const { retained, halfCycles } = steam.result;
  return {
    id: 'steam',
    verdict: byShare(retained, ageingLimits),
    ease: easeOf(retained, ageingLimits),
    need: ageingLimits.fail,
    have: retained,
    unit: 'left',
    why:
      `In steam of ${sig(steamC, 3)} °C half its strength is gone after about ${sig(halfCycles, 2)} cycles; ` +
      `it is to stand ${sig(steamCycles, 3)}.`,
    rescue: retained < ageingLimits.comfortable ? `replace it after ${sig(halfCycles / 2, 2)} cycles` : null,
    working: { model: 'water.steam', inputs: steam.input },
  };
}
