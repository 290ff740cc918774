import { gaugeCalibrationFor } from '../gauge-calibration.js';
import type { RecipeRule } from './recipe-line.js';

/** Sizes: what gauges of this filament on this printer say to type in against shrinkage and narrow holes. */
export const sizeRule: RecipeRule = ({ family, printer }) => {
  const gauge = gaugeCalibrationFor(printer, family);
  if (!gauge) return null;
  const { scaleXyPct, scaleZPct, outlineMm, holeMm } = gauge.compensation;
  const signed = (mm: number): string => `${mm < 0 ? '−' : '+'}${Math.abs(mm).toFixed(2)} mm`;
  return {
    id: 'size',
    group: 'body',
    label: 'Sizes',
    set: scaleXyPct,
    unit: '%',
    value:
      `scale ${scaleXyPct.toFixed(2)} % along the plate, ${scaleZPct.toFixed(2)} % upright; outlines ` +
      `${signed(outlineMm)} a side, holes ${signed(holeMm)} more`,
    why:
      `By ${gauge.gauges.length} gauge${gauge.gauges.length === 1 ? '' : 's'} printed here; single sizes scatter by ` +
      `${gauge.scatterMm.toFixed(2)} mm.`,
  };
};
