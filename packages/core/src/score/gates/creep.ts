import { sig } from '../../lib/figures.js';
import { typical } from '../../materials/family.js';
import type { Assessment } from '../assess.js';
import type { LoadAssessment } from '../assess-load.js';
import type { Context } from '../context.js';
import { deflectionLimits } from '../comfort.js';
import { sectionRescue } from '../section-rescue.js';
import { byLimit, easeOf, type Gate } from '../gate.js';

/** The sustained load that moves most over the life, or null. */
export function worstCreep(a: Assessment): LoadAssessment | null {
  return a.loads
    .filter(l => l.load.kind === 'sustained' && l.lifePct !== null)
    .reduce<LoadAssessment | null>(
      (w, l) => (w === null || (l.lifePct ?? 0) > (w.lifePct ?? 0) ? l : w),
      null,
    );
}

/** Creep deflection over the life; not asked of parts that are meant to be rubbery. */
export function creepGate(ctx: Context, a: Assessment): Gate | null {
  const w = worstCreep(a);
  if (!w || w.lifePct === null || ctx.brief.flex.want === 'rubbery') return null;
  const limits = deflectionLimits(ctx.brief);
  const verdict = byLimit(w.lifePct, limits);
  const unit = w.load.spanMm ? '% of the span' : '% strain';
  const f = a.family;
  return {
    id: 'creep',
    verdict,
    ease: easeOf(w.lifePct, limits),
    need: limits.fail,
    have: w.lifePct,
    unit,
    why:
      `Held for ${sig(w.load.hours, 3)} h it moves ${sig(w.lifePct, 2)} ${unit} ` +
      `(${sig(w.nowPct ?? 0, 2)} at once); ${sig(limits.fail, 2)} is too much.`,
    ...(verdict === 'fail'
      ? sectionRescue(ctx.brief, w.load.index, w.lifePct / limits.fail, 'stiffness')
      : { rescue: null }),
    working: {
      model: 'creep.strain',
      inputs: {
        stressMPa: w.load.stressMPa ?? 0,
        modulusMPa: typical(f, 'modulusMPa') * w.load.printed.stiffness,
        a: typical(f, 'creepA'),
        n: typical(f, 'creepN'),
        k: typical(f, 'creepKPerK'),
        temperatureC: w.creepC ?? 23,
        hours: w.load.hours,
      },
    },
  };
}
