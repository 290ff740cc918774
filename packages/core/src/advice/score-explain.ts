import { model, step } from '../models/model.js';
import { sig } from '../lib/figures.js';
import { compareTwo } from './compare-two.js';
import { rank } from '../score/rank.js';
import { runnerUp } from '../score/candidate.js';
import { families, ScoreInput, asked } from '../score/score-input.js';

/** `score.explain`: the reasons for and against the leading candidates, and why the second is second. */
export const scoreExplain = model({
  id: 'score.explain',
  title: 'Why the first is first',
  validity: families,
  Input: ScoreInput,
  source:
    'The three largest weight × desirability for, the largest weight × (1 − desirability) against; ' +
    'differences of those between the first two',
  compute(i: ScoreInput) {
    const [brief, options] = asked(i);
    const { candidates } = rank(brief, options);
    const running = candidates.filter(c => c.rank !== null);
    const first = running[0] ?? null;
    const second = runnerUp(running);
    const trade = first && second ? compareTwo(first, second) : null;
    return {
      result: {
        candidates: candidates.map(c => ({
          material: c.material,
          status: c.status,
          for: c.for,
          against: c.against,
        })),
        secondBecause: trade?.sentence ?? null,
      },
      warnings: [],
      steps: trade
        ? trade.criteria.map(k =>
            step(
              k.label,
              'weight·(d₁ − d₂)/Σ weight',
              `${sig(k.weight)} × (${k.desirabilityA.toFixed(3)} − ${k.desirabilityB.toFixed(3)})`,
              k.worth,
              '',
            ),
          )
        : [],
    };
  },
});
