import { sig } from '../../lib/figures.js';
import type { Assessment } from '../assess.js';
import { typical } from '../../materials/family.js';
import { layerToughness, type LoadAssessment } from '../assess-load.js';
import { IMPACT_COMFORT } from '../comfort.js';
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
  const across = w.load.acrossLayers;
  const have = a.charpyColdKJm2 * layerToughness(typical(a.family, 'zRatio'), across);
  const verdict: Verdict =
    w.impactReserve < 1 ? 'fail' : w.impactReserve < IMPACT_COMFORT ? 'marginal' : 'pass';
  return {
    id: 'impact',
    verdict,
    need,
    have,
    unit: 'kJ/m²',
    why:
      `The knock is ${sig(w.load.severityKJm2 ?? 0, 2)} kJ/m² × ${ctx.safety} for safety; ` +
      `${a.family.name} takes ${sig(have, 2)} kJ/m² ${across ? 'across its layers ' : ''}at ` +
      `${sig(ctx.conditions.partMinC, 2)} °C.`,
    rescue: verdict === 'fail' ? knockRescue(w.impactReserve, a, across) : null,
    ...(w.working ? { working: w.working } : {}),
  };
}

/** What would let it take the knock: another way up, or more of its weak section. */
function knockRescue(reserve: number, a: Assessment, across: boolean): string {
  if (across && reserve / layerToughness(typical(a.family, 'zRatio'), true) >= 1)
    return 'passes if printed so that the blow does not open the layers';
  return `passes with ${sig(1 / reserve, 2)} times the weak section, or a rounded notch`;
}
