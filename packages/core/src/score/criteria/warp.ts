import { between } from '../../lib/between.js';
import { plateLengthMm } from '../../brief/size.js';
import { warpCalibrationFor } from '../../print/warp-calibration.js';
import { own, two } from '../sentences.js';
import { byOwn, type CriterionRule } from './criterion.js';

/** Warp: how far the ends of the released part stand up. */
export const warpCriterion: CriterionRule = {
  id: 'warp',
  label: 'Warp',
  measure: 'bow of the part',
  weigh({ brief }) {
    return between(
      [
        [40, 1],
        [80, 2],
        [140, 3],
      ],
      plateLengthMm(brief),
    );
  },
  read({ ctx, assessment: { family }, printability }) {
    const length = plateLengthMm(ctx.brief);
    return {
      value: printability.bow.bowMm,
      unit: 'mm',
      unacceptable: Math.max(1, 0.012 * length),
      comfortable: Math.max(0.2, 0.0025 * length),
      ...byOwn(warpCalibrationFor(ctx.printer, family)?.bars.length, 'bar'),
      working: { model: 'warp.bow', inputs: printability.bowInput },
    };
  },
  drawn:
    (_ctx, _family, { print }) =>
    () =>
      print.bowMm,
  says: {
    pro: c => `Stays flat: bows ${two(c.value)} mm${own(c)}.`,
    con: c => `Warps: bows ${two(c.value)} mm over this length${own(c)}.`,
  },
};
