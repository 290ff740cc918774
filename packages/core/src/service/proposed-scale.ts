import { ModelScales, type ScaleName } from '../workshop/model-scales.js';
import type { ModelBias } from './model-calibration.js';

/** The scale of a workshop that a model goes by: clamps relax by the same creep. */
const scaleName: Record<ModelBias['model'], ScaleName> = {
  heat: 'heatK',
  uv: 'uv',
  creep: 'creep',
  clamp: 'creep',
  impact: 'impact',
};

/**
 * The scale that a model's bias proposes for a workshop, for an acceptance by hand: the mean of what is believed, which
 * few parts move little. Null where it fits what came.
 */
export function proposedScale({ model, promises, shift, factor }: ModelBias): Partial<ModelScales> | null {
  if (promises === 'what came') return null;
  // As it is shown: whole kelvins, and two figures of a factor.
  const value = factor === null ? Math.round(shift) : Number(factor.toPrecision(2));
  const name = scaleName[model];
  return value === new ModelScales()[name] ? null : { [name]: value };
}

/** One scale that a workshop has accepted. */
export interface AcceptedScale {
  name: ScaleName;
  value: number;
}

/** Which of a workshop's scales of all families are not as shipped. */
export function acceptedScales(scales: ModelScales): AcceptedScale[] {
  const usual = new ModelScales();
  return (Object.keys(usual) as (keyof ModelScales)[])
    .filter((name): name is ScaleName => name !== 'strengths')
    .filter(name => scales[name] !== usual[name])
    .map(name => ({ name, value: scales[name] }));
}
