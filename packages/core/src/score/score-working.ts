import type { School } from '../brief/choices.js';
import { sig } from '../lib/figures.js';
import { step, type Step } from '../models/model.js';
import { criterionLabels } from './criteria.js';
import { weakest, weightedMean } from './score.js';
import { doubtWords } from './doubt.js';
import { type Candidate } from './candidate.js';

/**
 * The working of a candidate's score under a school: each criterion's weight and desirability, then the
 * sum, the minimum or the count.
 */
export function scoreWorking(c: Candidate, school: School): Step[] {
  const weighed = c.criteria.filter(k => k.weight > 0);
  const each = weighed.map(k =>
    step(
      criterionLabels[k.id].label,
      'weight × desirability',
      `${sig(k.weight)} × ${sig(k.desirability, 3)}`,
      k.weight * k.desirability,
      '',
    ),
  );
  const total = weighed.reduce((s, k) => s + k.weight, 0);
  if (school === 'weakest-link')
    return withDoubt(c, [
      ...each,
      step(
        'score',
        'lowest desirability among what weighs',
        weighed.map(k => sig(k.desirability, 3)).join(', '),
        weakest(c.criteria),
        '',
      ),
    ]);
  const mean = step(
    'score',
    'Σ(weight × desirability)/Σ weight',
    `${sig(weighed.reduce((s, k) => s + k.weight * k.desirability, 0))} / ${sig(total)}`,
    weightedMean(c.criteria),
    '',
  );
  return school === 'step-up'
    ? [
        ...each,
        mean,
        ...c.printing.asks.map(a => step(a.label, 'asked of printer and keeper', '', a.points, '')),
        step(
          'difficulty',
          'sum of what is asked',
          `ties by cost: ${sig(c.printing.costEach, 3)}`,
          c.printing.difficulty,
          '',
        ),
      ]
    : withDoubt(c, [...each, mean]);
}

/** The steps of a score, and what doubt takes from it. */
function withDoubt(c: Candidate, steps: Step[]): Step[] {
  if (c.doubt === 0 || c.doubtAbout === null) return steps;
  return [
    ...steps,
    step('doubt', 'the worst doubt: what is missing to ease', doubtWords(c.doubtAbout), c.doubt, ''),
    step('standing', 'score − 0.4 · doubt', `${sig(c.score, 3)} − 0.4 × ${sig(c.doubt, 3)}`, c.rating, ''),
  ];
}

/** The working of the chance that a first print succeeds. */
export function successWorking(c: Candidate): Step[] {
  const factors = c.printing.factors.filter(f => f.factor < 1);
  return [
    ...factors.map(f => step(f.label, 'factor', '', f.factor, '')),
    step(
      'p',
      '0.98 × every factor',
      ['0.98', ...factors.map(f => sig(f.factor, 3))].join(' × '),
      c.printing.modelSuccess,
      '',
    ),
    ...(c.printing.record
      ? [
          step(
            'p by the printer’s log',
            '(6·p + prints that went well)/(6 + prints); prints of other filaments count a fifth',
            `of this filament ${c.printing.record.well} went well, ${c.printing.record.failed} failed`,
            c.printing.success,
            '',
          ),
        ]
      : []),
  ];
}
