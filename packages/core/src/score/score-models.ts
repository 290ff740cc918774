import { Brief, parseBrief, schools, type School } from '../brief/brief.js';
import { Choice, Nested, Quantity } from '../formats/fields.js';
import { model, sig, step } from '../models/model.js';
import { Printer } from '../workshop/printer.js';
import { compareTwo } from './compare.js';
import { CONCENTRATION, DRAWS, robustness } from './draws/robustness.js';
import { rank, runnerUp } from './rank.js';
import { scoreWorking } from './score-working.js';
import { tipping } from './tipping.js';

/** Input of the models that judge a whole brief. */
export class ScoreInput {
  @Nested(() => Brief, { doc: 'The brief.' }) brief!: Brief;
  @Nested(() => Printer, { optional: true, nullable: true, doc: 'The printer; default none in particular.' })
  printer: Printer | null = null;
  @Choice(schools, { optional: true, nullable: true, doc: 'How to choose; default as in the brief.' })
  school: School | null = null;
}

/** Input of `score.robustness`. */
export class ScoreRobustnessInput extends ScoreInput {
  @Quantity({ min: 1, max: 1e5, optional: true, doc: `Draws; default ${DRAWS}.` }) draws = DRAWS;
  @Quantity({ min: -2147483648, max: 2147483647, optional: true, doc: 'Seed; default 1.' }) seed = 1;
}

const asked = (i: ScoreInput): [Brief, { printer: Printer | null; school: School }] => {
  const brief = parseBrief(i.brief);
  return [brief, { printer: i.printer, school: i.school ?? brief.school }];
};
const families =
  'The shipped families; grades of a workshop take part in the application and by --grades on the command line.';

/** `score.rank`: the families ranked for a brief. */
export const scoreRank = model({
  id: 'score.rank',
  title: 'The ranking of a brief',
  validity: families,
  Input: ScoreInput,
  source:
    'Gates, then the school: weighted arithmetic mean of desirabilities, lowest desirability with ties by mean, or fewest printing demands with ties by cost; last by key',
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

/** `score.robustness`: how sure a ranking is. */
export const scoreRobustness = model({
  id: 'score.robustness',
  title: 'How sure a ranking is',
  validity: `${families} Properties are drawn apart from each other; within one spool some move together.`,
  Input: ScoreRobustnessInput,
  source: `Stochastic multicriteria acceptability analysis (Lahdelma and Salminen 2001): properties triangular over low, typical, high; weights Dirichlet about the stated ones, concentration ${CONCENTRATION}`,
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

/** `score.tipping`: the nearest changes that alter the first choice. */
export const scoreTipping = model({
  id: 'score.tipping',
  title: 'What would change the first choice',
  validity: `${families} One change at a time.`,
  Input: ScoreInput,
  source:
    'Weights in closed form for the weighted school, w = −A/B; requirements by stepping out and bisecting on the whole ranking',
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

/** `score.explain`: the reasons for and against the leading candidates, and why the second is second. */
export const scoreExplain = model({
  id: 'score.explain',
  title: 'Why the first is first',
  validity: families,
  Input: ScoreInput,
  source:
    'The three largest weight × desirability for, the largest weight × (1 − desirability) against; differences of those between the first two',
  compute(i: ScoreInput) {
    const [brief, options] = asked(i);
    const { candidates } = rank(brief, options);
    const running = candidates.filter(c => c.rank !== null);
    const [first, second] = [running[0] ?? null, runnerUp(running)];
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
