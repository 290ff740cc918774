import { UV_FAIL_SHARE, uvComfort } from '../comfort.js';
import { pigmentOf, type Context } from '../context.js';
import { years } from '../sentences.js';
import { timeWords } from '../../lib/time-words.js';
import type { Criterion, CriterionRule } from './criterion.js';

const weightBySun = { none: 0, reflected: 1, part: 3, full: 3 };

/** Sun: years to half the surface toughness over the years wanted. */
export const uvCriterion: CriterionRule = {
  id: 'uv',
  label: 'Sun',
  measure: 'life under ultraviolet light over the life wanted',
  weigh: ({ brief }) => weightBySun[brief.sun],
  read({ ctx, assessment }) {
    const { brief, conditions } = ctx;
    const comfortable = uvComfort[brief.ifItFails];
    const working = {
      model: 'uv.retained',
      inputs: {
        doseMJm2: conditions.uvDoseMJm2,
        halfDoseMJm2: assessment.halfDoseMJm2,
        colour: pigmentOf(ctx, assessment.family),
        doseAYearMJm2: conditions.doseAYearMJm2,
      },
    };
    return {
      value: assessment.yearsToHalf / brief.lifeYears,
      unit: '× life',
      unacceptable: UV_FAIL_SHARE * comfortable,
      comfortable: comfortable,
      ...(conditions.doseAYearMJm2 > 0 ? { working } : {}),
    };
  },
  drawn:
    (_ctx, _family, { lasting }) =>
    () =>
      lasting.uv,
  says: {
    pro: (c, ctx) => `Its surface lasts ${lasting(c, ctx)} in this sun; it is to last ${years(ctx)}.`,
    con: (c, ctx) =>
      `Its surface is half gone after ${lasting(c, ctx)} in this sun; it is to last ${years(ctx)}.`,
  },
};

function lasting(c: Criterion, { brief }: Context): string {
  return timeWords(c.value * brief.lifeYears);
}
