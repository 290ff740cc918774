import { ListOf, Quantity } from '../input/fields.js';
import { sig } from '../lib/figures.js';
import { shrunk, type Shrunk } from '../lib/shrink.js';
import { model, step } from './model.js';

/** What was measured of one maker's filament, on any scale on which makers scatter about alike. */
export class MakerMean {
  @Quantity({ min: -1e6, max: 1e6, doc: 'Mean of what was measured, such as the logarithm of a scale.' })
  mean!: number;
  @Quantity({ min: 0, max: 1e6, doc: 'Standard error of that mean.' }) se!: number;
}

/** Input of `makers.shrink`. */
export class MakersShrinkInput {
  @ListOf(() => MakerMean, { max: 1000, doc: 'The makers.' }) groups!: MakerMean[];
  @Quantity({
    min: 0,
    max: 1e6,
    optional: true,
    doc: 'Standard deviation between makers; default 0.2, a fifth where means are logarithms.',
  })
  between = 0.2;
  @Quantity({ min: -1e6, max: 1e6, optional: true, doc: 'What the family is held to be before; default 0.' })
  priorMean = 0;
  @Quantity({ min: 1e-6, max: 1e6, optional: true, doc: 'Standard deviation of that; default 0.5.' })
  priorSd = 0.5;
}

/** `makers.shrink`: what makers have in common, and what stays each one's own. */
export const makersShrink = model({
  id: 'makers.shrink',
  title: 'What is a maker’s own, and what the family’s',
  source:
    'Normal hierarchical model (Gelman et al., Bayesian Data Analysis, 3rd ed., §5.4); 0.2 between is an estimate',
  validity: 'Makers of one family, measured alike.',
  Input: MakersShrinkInput,
  compute(i: MakersShrinkInput) {
    const result: Shrunk = shrunk(i.groups, i.between, { mean: i.priorMean, sd: i.priorSd });
    return {
      result,
      warnings:
        i.groups.length < 2 ? ['Of one maker nobody knows what is his own and what the family’s.'] : [],
      steps: [
        step(
          'μ',
          'Σ w·y/Σ w, w = 1/(se² + τ²)',
          `${i.groups.length} makers, τ = ${sig(i.between)}`,
          result.overall.mean,
          '',
        ),
        ...result.groups.map((g, n) =>
          step(
            `θ${n + 1}`,
            '(μ₋/(s₋² + τ²) + y/se²)/(1/(s₋² + τ²) + 1/se²)',
            `y = ${sig(i.groups[n]!.mean)}, se = ${sig(i.groups[n]!.se)}`,
            g.mean,
            '',
          ),
        ),
      ],
    };
  },
});
