import { HOURS_A_YEAR } from '../../lib/physical-constants.js';
import { sig } from '../../lib/figures.js';
import { typical } from '../../materials/family.js';
import { creepEquivalentC } from '../../models/creep-strain.js';
import { SET_PER_K, setShare } from '../../models/flex-set.js';
import type { Assessment } from '../assess.js';
import { setLimits } from '../comfort.js';
import type { Context } from '../context.js';
import { byLimit, easeOf, type Gate } from '../gate.js';

/**
 * Compression set: whether a rubber that seals still springs back at the end of its life. A foot or a mount that stays
 * clamped need not: its grip is the clamp's.
 */
export function setGate(ctx: Context, a: Assessment): Gate | null {
  const { brief, conditions } = ctx;
  const f = a.family;
  if (brief.flex.want !== 'rubbery' || brief.seal === 'none' || !f.properties.compressionSetPct) return null;
  const hours = brief.lifeYears * HOURS_A_YEAR;
  const inputs = {
    setPct: typical(f, 'compressionSetPct'),
    hours,
    temperatureC: creepEquivalentC(conditions.partMinC, conditions.partMaxC, SET_PER_K),
  };
  const set = setShare(inputs);
  const verdict = byLimit(set, setLimits);
  const pct = sig(100 * set, 2);
  return {
    id: 'set',
    verdict,
    ease: easeOf(set, setLimits),
    need: setLimits.fail,
    have: set,
    unit: 'of the squeeze stays',
    why: `Squeezed for ${sig(hours, 2)} h, ${pct} % of the squeeze does not come back.`,
    rescue:
      verdict === 'pass' ? null : 'a softer rubber squeezed less, a spring behind it, or a new one in time',
    working: { model: 'flex.set', inputs },
  };
}
