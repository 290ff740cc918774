import { between } from '../../lib/between.js';
import { plateLengthMm } from '../../brief/size.js';
import { typical } from '../../materials/family.js';
import { gaugeCalibrationFor, gaugeLeftOf } from '../../print/gauge-calibration.js';
import { expectedDeviationMm } from '../deviation.js';
import { own, two } from '../sentences.js';
import { byOwn, type CriterionRule } from './criterion.js';

/** What even a well-kept printer scatters by, mm: no tolerance is at ease with less. */
const PRINTER_SCATTER_MM = 0.07;
/** Times the deviation that is at ease at which a part is of no use. */
const UNACCEPTABLE_TIMES = 2.5;

/** The deviation that is at ease with a tolerance, mm: a finer one always asks for less. */
function atEaseMm(toleranceMm: number): number {
  return Math.hypot(PRINTER_SCATTER_MM, toleranceMm);
}

/** Accuracy: the expected deviation of a dimension. */
export const accuracyCriterion: CriterionRule = {
  id: 'accuracy',
  label: 'Accuracy',
  measure: 'expected deviation',
  weigh({ brief }) {
    return between(
      [
        [0.1, 4],
        [0.2, 2],
        [0.3, 1],
        [0.5, 0],
      ],
      brief.toleranceMm,
    );
  },
  read: ({ ctx, assessment: { family }, printability, baked }) => ({
    value:
      family.tried?.deviationMm ??
      expectedDeviationMm({
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
    unacceptable: UNACCEPTABLE_TIMES * atEaseMm(ctx.brief.toleranceMm),
    comfortable: atEaseMm(ctx.brief.toleranceMm),
    ...byOwn(gaugeCalibrationFor(ctx.printer, family)?.gauges.length, 'gauge'),
  }),
  drawn:
    (_ctx, _family, { print }) =>
    () =>
      print.deviationMm,
  says: {
    pro: c => `True to ${two(c.value)} mm${own(c)}.`,
    con: (c, ctx) =>
      c.value > ctx.brief.toleranceMm
        ? `True only to ${two(c.value)} mm, where ${two(ctx.brief.toleranceMm)} mm is wanted.`
        : `True to ${two(c.value)} mm${own(c)}.`,
  },
};
