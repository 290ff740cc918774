import { sig } from '../../lib/figures.js';
import type { Assessment } from '../assess.js';
import type { LoadAssessment } from '../assess-load.js';
import type { Context } from '../context.js';
import type { Gate, Verdict } from '../gate.js';

/** Impact: notched Charpy at the coldest against the severity of the worst knock times safety. */
export function impactGate(ctx: Context, a: Assessment): Gate | null {
  const w = a.loads
    .filter(l => l.impactReserve !== null)
    .reduce<LoadAssessment | null>(
      (m, l) => (m === null || (l.impactReserve ?? 0) < (m.impactReserve ?? 0) ? l : m),
      null,
    );
  if (!w || w.impactReserve === null) return null;
  const need = (w.load.severityKJm2 ?? 0) * ctx.safety;
  const verdict: Verdict = w.impactReserve < 1 ? 'fail' : w.impactReserve < 1.5 ? 'marginal' : 'pass';
  return {
    id: 'impact',
    verdict,
    need,
    have: a.charpyColdKJm2,
    unit: 'kJ/m²',
    why:
      `The knock is ${sig(w.load.severityKJm2 ?? 0, 2)} kJ/m² × ${ctx.safety} for safety; ` +
      `${a.family.name} takes ${sig(a.charpyColdKJm2, 2)} kJ/m² at ${sig(ctx.conditions.partMinC, 2)} ` +
      '°C.',
    rescue:
      verdict === 'fail'
        ? `passes with ${sig(1 / w.impactReserve, 2)} times the weak section, or a rounded notch`
        : null,
    ...(w.load.working ? { working: w.load.working } : {}),
  };
}
