import { yearsWords } from '../../lib/years-text.js';
import { timeWords } from '../../lib/time-words.js';
import { sig } from '../../lib/figures.js';
import { typical } from '../../materials/family.js';
import { ageingInput, type Assessment } from '../assess.js';
import { ageingLimits } from '../comfort.js';
import type { Context } from '../context.js';
import { byShare, easeOf, type Gate } from '../gate.js';

/** Long heat: the strength that is left at the end of the life, loaded or not. */
export function ageingGate(ctx: Context, a: Assessment): Gate {
  const inputs = ageingInput(ctx, typical(a.family, 'ageingIndexC'));
  const { retained, halfYears } = a.ageing;
  const verdict = byShare(retained, ageingLimits);
  const years = yearsWords(ctx.brief.lifeYears);
  return {
    id: 'ageing',
    verdict,
    ease: easeOf(retained, ageingLimits),
    need: ageingLimits.fail,
    have: retained,
    unit: 'left',
    why:
      verdict === 'pass'
        ? `Heat leaves it ${sig(100 * retained, 2)} % of its strength after ${years}.`
        : `At ${sig(inputs.partC, 3)} °C, ${sig(inputs.hoursADay, 2)} h a day, half its strength is gone ` +
          `after ${timeWords(halfYears)}; it is to last ${years}.`,
    rescue: verdict === 'pass' ? null : `replace it after ${timeWords(halfYears / 2)}, or keep it cooler`,
    working: { model: 'heat.ageing', inputs },
  };
}
