import { model } from '../models/model.js';
import { rank } from './rank.js';
import { scoreWorking } from './score-working.js';
import { families, ScoreInput, asked } from './score-input.js';

/** `score.rank`: the families ranked for a brief. */
export const scoreRank = model({
  id: 'score.rank',
  title: 'The ranking of a brief',
  validity: families,
  Input: ScoreInput,
  source:
    'Gates, then the school: weighted arithmetic mean of desirabilities, lowest desirability with ' +
    'ties by mean, or fewest printing demands with ties by cost; last by key',
  compute(i: ScoreInput) {
    const [brief, options] = asked(i);
    const ranking = rank(brief, options);
    const first = ranking.candidates.find(c => c.rank === 1);
    return {
      result: ranking,
      warnings: first ? [] : ['Nothing fits this brief.'],
      steps: first ? scoreWorking(first, ranking.school) : [],
    };
  },
});
