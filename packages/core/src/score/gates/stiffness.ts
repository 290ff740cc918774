import { sig } from '../../lib/figures.js';
import type { Assessment } from '../assess.js';
import type { LoadAssessment } from '../assess-load.js';
import { deflectionLimits } from '../comfort.js';
import type { Context } from '../context.js';
import { byLimit, type Gate } from '../gate.js';
import { sectionRescue } from '../section-rescue.js';

/** The span that bends most at once, or null where none bends. */
export function mostBent(a: Assessment): LoadAssessment | null {
  return a.loads
    .filter(l => l.load.deflectionTimesModulus !== null && l.nowPct !== null)
    .reduce<LoadAssessment | null>((w, l) => (w === null || (l.nowPct ?? 0) > (w.nowPct ?? 0) ? l : w), null);
}

/** Stiffness at once: asked only where the brief sets a limit of its own; creep judges what is held. */
export function stiffnessGate(ctx: Context, a: Assessment): Gate | null {
  if (ctx.brief.deflectionLimitPct === null || ctx.brief.flex.want !== 'rigid') return null;
  const w = mostBent(a);
  if (!w || w.nowPct === null) return null;
  const limits = deflectionLimits(ctx.brief);
  const verdict = byLimit(w.nowPct, { fail: limits.fail, comfortable: limits.fail });
  return {
    id: 'stiffness',
    verdict,
    need: limits.fail,
    have: w.nowPct,
    unit: '% of the span',
    why: `Load ${w.load.index + 1} bends it ${sig(w.nowPct, 2)} % of its span; ${sig(limits.fail, 2)} is your limit.`,
    ...(verdict === 'fail'
      ? sectionRescue(ctx.brief, w.load.index, w.nowPct / limits.fail, 'stiffness')
      : { rescue: null }),
    ...(w.working ? { working: w.working } : {}),
  };
}
