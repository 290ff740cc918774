import { between } from '../../lib/between.js';
import { heatComfortK } from '../comfort.js';
import { two, hottest } from '../sentences.js';
import type { CriterionRule } from './criterion.js';

/** Heat: kelvins between the hottest the part gets and what the candidate bears. */
export const heatCriterion: CriterionRule = {
  id: 'heat',
  label: 'Heat',
  measure: 'margin to softening',
  weigh({ brief, conditions, loads }) {
    const hot = brief.purpose === 'decorative' ? 2 : loads.length ? 4 : 3;
    return between(
      [
        [30, 1],
        [40, 2],
        [50, hot],
      ],
      conditions.partMaxC,
    );
  },
  read: ({ ctx, assessment }) => ({
    value: assessment.allowableC - ctx.conditions.partMaxC,
    unit: 'K',
    unacceptable: 0,
    comfortable: heatComfortK[ctx.brief.ifItFails],
    working: { model: 'heat.allowable', inputs: assessment.heatInput },
  }),
  drawn:
    ({ conditions }, _family, { loads }) =>
    () =>
      loads.allowableC - conditions.partMaxC,
  says: {
    pro: (c, ctx) => `Bears ${two(c.value)} K more than the hottest the part gets (${hottest(ctx)}).`,
    con: (c, ctx) =>
      c.value < 0
        ? `Bears ${two(-c.value)} K less than the hottest the part gets (${hottest(ctx)}).`
        : `Only ${two(c.value)} K between the hottest the part gets (${hottest(ctx)}) and what it bears.`,
  },
};
