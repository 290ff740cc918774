import { model, step } from '../models/model.js';
import { sig } from '../lib/figures.js';
import { tipping } from './tipping.js';
import { families, ScoreInput, asked } from '../score/score-input.js';

/** `score.tipping`: the nearest changes that alter the first choice. */
export const scoreTipping = model({
  id: 'score.tipping',
  title: 'What would change the first choice',
  validity: `${families} One change at a time.`,
  Input: ScoreInput,
  source:
    'Weights in closed form for the weighted school, w = −A/B; requirements by stepping out and ' +
    'bisecting on the whole ranking',
  compute(i: ScoreInput) {
    const [brief, options] = asked(i);
    const tips = tipping(brief, options).map(({ then, ...tip }) => ({
      ...tip,
      brief: then.brief,
      printer: then.printer,
    }));
    return {
      result: { tips },
      warnings: [],
      steps: tips.map(t => step(t.id, t.sentence, `from ${sig(t.from)} ${t.unit}`, t.to, t.unit)),
    };
  },
});
