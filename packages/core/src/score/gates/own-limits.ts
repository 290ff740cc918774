import { criterionLabels } from '../criteria.js';
import { sig } from '../../lib/figures.js';
import type { Criterion } from '../criteria/criterion.js';
import type { Context } from '../context.js';
import type { Gate } from '../gate.js';

/** Points that the user set as unacceptable: beyond them a candidate is out, not only badly scored. */
export function ownLimitGates(ctx: Context, criteria: readonly Criterion[]): Gate[] {
  return criteria.flatMap((k): Gate[] => {
    if (!ctx.brief.points[k.id] || k.weight <= 0) return [];
    const rising = k.comfortable > k.unacceptable;
    const met = rising ? k.value >= k.unacceptable : k.value <= k.unacceptable;
    if (met) return [];
    const label = criterionLabels[k.id].label;
    return [
      {
        id: `limit.${k.id}`,
        verdict: 'fail',
        need: k.unacceptable,
        have: k.value,
        unit: k.unit,
        why: `${label}: ${sig(k.value, 3)} ${k.unit}, where you called ${sig(k.unacceptable, 3)} unacceptable.`,
        rescue: null,
      },
    ];
  });
}
