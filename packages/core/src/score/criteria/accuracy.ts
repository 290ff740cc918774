import { plateLengthMm } from '../../brief/size.js';
import { typical } from '../../materials/family.js';
import { gaugeCalibrationFor, gaugeLeftOf } from '../../print/gauge-calibration.js';
import { expectedDeviationMm } from '../deviation.js';
import { byOwn, type CriterionRule } from './criterion.js';

/** Accuracy: the expected deviation of a dimension. */
export const accuracyCriterion: CriterionRule = {
  id: 'accuracy',
  label: 'Accuracy',
  measure: 'expected deviation',
  weigh({ brief }) {
    if (brief.toleranceMm <= 0.15) return 4;
    return brief.toleranceMm <= 0.3 ? 1 : 0;
  },
  read: ({ ctx, assessment: { family }, printability, baked }) => ({
    value: expectedDeviationMm({
      waterUptakePct: typical(family, 'waterUptakePct'),
      alphaPerK: typical(family, 'alphaPerK'),
      solidificationC: typical(family, 'solidificationC'),
      crystallisationStrain: printability.bowInput.crystallisationStrain,
      bowMm: printability.bow.bowMm,
      lengthMm: plateLengthMm(ctx.brief),
      water: ctx.brief.water,
      bakedPct: baked?.shrinkagePct ?? 0,
      gauge: gaugeLeftOf(ctx.printer, family),
    }),
    unit: 'mm',
    unacceptable: Math.max(0.3, 3 * ctx.brief.toleranceMm),
    comfortable: Math.max(0.12, ctx.brief.toleranceMm),
    ...byOwn(gaugeCalibrationFor(ctx.printer, family)?.gauges.length, 'gauge'),
  }),
};
