import { isLimit, type Gate } from '../score/gate.js';
import { SDS_TO_POOR_END, type GateWithPoor } from '../score/holds.js';

/** Models of which parts in service can tell whether they promise too much or too little. */
export const calibratedModels = ['heat', 'uv', 'creep', 'clamp', 'impact'] as const;
/** A model of which parts in service can tell. */
export type CalibratedModel = (typeof calibratedModels)[number];

/**
 * What a model said of one part, on its own scale: heat in kelvins, the others in the logarithm of what it has over
 * what it needs. Above 0 it holds.
 */
export interface ModelClaim {
  model: CalibratedModel;
  margin: number;
  /** Standard deviation between spools, on the same scale. */
  sigma: number;
}

/** How far a spool may differ at least, so that no claim is taken for certain: kelvins, and in ln. */
const LEAST_SIGMA = { kelvin: 2, ln: 0.1 };

/** What a model claims; null where its gate is judged in words, or has nothing that could fail. */
export function claimOf({ gate, poor }: GateWithPoor): ModelClaim | null {
  const model = calibratedModels.find(id => id === gate.id);
  if (!model || gate.unit !== poor.unit) return null;
  const inKelvin = model === 'heat';
  const margin = marginOf(gate, inKelvin);
  const poorMargin = marginOf(poor, inKelvin);
  if (margin === null || poorMargin === null) return null;
  const least = inKelvin ? LEAST_SIGMA.kelvin : LEAST_SIGMA.ln;
  return { model, margin, sigma: Math.max(least, (margin - poorMargin) / SDS_TO_POOR_END) };
}

function marginOf(g: Gate, inKelvin: boolean): number | null {
  if (typeof g.have !== 'number' || typeof g.need !== 'number') return null;
  if (!Number.isFinite(g.have) || !Number.isFinite(g.need)) return null;
  const over = isLimit(g) ? -1 : 1;
  if (inKelvin) return over * (g.have - g.need);
  return g.have > 0 && g.need > 0 ? over * Math.log(g.have / g.need) : null;
}
