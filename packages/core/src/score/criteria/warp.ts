import { plateLengthMm } from '../../brief/size.js';
import { warpCalibrationFor } from '../../print/warp-calibration.js';
import { byOwn, type CriterionRule } from './criterion.js';

/** Warp: how far the ends of the released part stand up. */
export const warpCriterion: CriterionRule = {
  id: 'warp',
  label: 'Warp',
  measure: 'bow of the part',
  weigh({ brief }) {
    const length = plateLengthMm(brief);
    if (length >= 120) return 3;
    return length >= 60 ? 2 : 1;
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
};
