import { Quantity } from '../../input/fields.js';
import { model, step } from '../../models/model.js';
import { sig } from '../../lib/figures.js';
import { CONCENTRATION, DRAWS, robustness } from './robustness.js';
import { ScoreInput, families, asked } from '../score-input.js';

/** Input of `score.robustness`. */
export class ScoreRobustnessInput extends ScoreInput {
  @Quantity({ min: 1, max: 1e5, optional: true, doc: `Draws; default ${DRAWS}.` }) draws = DRAWS;
  @Quantity({ min: -2147483648, max: 2147483647, optional: true, doc: 'Seed; default 1.' }) seed = 1;
}

/** `score.robustness`: how sure a ranking is. */
export const scoreRobustness = model({
  id: 'score.robustness',
  title: 'How sure a ranking is',
  validity: `${families} Properties are drawn apart from each other; within one spool some move together.`,
  Input: ScoreRobustnessInput,
  source:
    'Stochastic multicriteria acceptability analysis (Lahdelma and Salminen 2001): properties ' +
    'triangular over low, typical, high; weights Dirichlet about the stated ones, concentration ' +
    `${CONCENTRATION}; spools as scrambled Sobol points (Joe and Kuo 2008, Matoušek 1998), combined at chance`,
  compute(i: ScoreRobustnessInput) {
    const [brief, options] = asked(i);
    const result = robustness(brief, { ...options, draws: Math.round(i.draws), seed: Math.round(i.seed) });
    return {
      result,
      warnings: i.draws < 1000 ? ['Fewer than 1000 draws: the sampling error is large.'] : [],
      steps: result.candidates
        .filter(c => c.pFirst > 0)
        .slice(0, 8)
        .map(c =>
          step(
            `p_first(${c.name})`,
            'draws in which it is first / draws',
            `± ${sig(100 * c.seFirst, 2)} %`,
            c.pFirst,
            '',
          ),
        ),
    };
  },
});
