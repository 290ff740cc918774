import { sig } from '../../lib/figures.js';
import { typical } from '../../materials/family.js';
import type { Assessment } from '../assess.js';
import type { LoadAssessment } from '../assess-load.js';
import type { Context } from '../context.js';
import type { Gate, Verdict } from '../gate.js';

/** Creep limits: % of the span (or % strain) at the end of life. */
export const CREEP_LIMIT_PCT = { fail: 5, comfortable: 2 };

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
  const verdict: Verdict =
    w.lifePct > CREEP_LIMIT_PCT.fail ? 'fail' : w.lifePct > CREEP_LIMIT_PCT.comfortable ? 'marginal' : 'pass';
  const unit = w.load.spanMm ? '% of the span' : '% strain';
  const height = ctx.brief.loads[w.load.index]?.heightMm;
  const f = a.family;
  return {
    id: 'creep',
    verdict,
    need: CREEP_LIMIT_PCT.fail,
    have: w.lifePct,
    unit,
    why:
      `Held for ${sig(w.load.hours, 3)} h it moves ${sig(w.lifePct, 2)} ${unit} ` +
      `(${sig(w.nowPct ?? 0, 2)} at once); ${CREEP_LIMIT_PCT.fail} is too much.`,
    rescue:
      verdict === 'fail' && height && w.load.spanMm
        ? `passes with that section ${sig(height * Math.cbrt(w.lifePct / CREEP_LIMIT_PCT.fail), 3)} mm high`
        : verdict === 'fail'
          ? `passes with ${sig(w.lifePct / CREEP_LIMIT_PCT.fail, 3)} times the section`
          : null,
    working: {
      model: 'creep.strain',
      inputs: {
        stressMPa: w.load.stressMPa ?? 0,
        modulusMPa: typical(f, 'modulusMPa'),
        a: typical(f, 'creepA'),
        n: typical(f, 'creepN'),
        k: typical(f, 'creepKPerK'),
        temperatureC: w.creepC ?? 23,
        hours: w.load.hours,
      },
    },
  };
}
