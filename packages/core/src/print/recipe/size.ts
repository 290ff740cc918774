import { gaugeCalibrationFor, type GaugeCalibration } from '../gauge-calibration.js';
import type { RecipeRule } from './recipe-line.js';

/** What to type in against shrinkage and narrow holes, by gauges. */
export function sizeWords({ compensation }: Pick<GaugeCalibration, 'compensation'>): string {
  const { scaleXyPct, scaleZPct, outlineMm, holeMm } = compensation;
  const signed = (mm: number): string => `${mm < 0 ? '−' : '+'}${Math.abs(mm).toFixed(2)} mm`;
  return (
    `scale ${scaleXyPct.toFixed(2)} % along the plate, ${scaleZPct.toFixed(2)} % upright; outlines ` +
    `${signed(outlineMm)} a side, holes ${signed(holeMm)} more`
  );
}

/** Sizes: what gauges of this filament on this printer say to type in against shrinkage and narrow holes. */
export const sizeRule: RecipeRule = ({ family, printer }) => {
  const gauge = gaugeCalibrationFor(printer, family);
  if (!gauge) return null;
  return {
    id: 'size',
    group: 'body',
    label: 'Sizes',
    set: gauge.compensation.scaleXyPct,
    unit: '%',
    value: sizeWords(gauge),
    why:
      `By ${gauge.gauges.length} gauge${gauge.gauges.length === 1 ? '' : 's'} printed here; single sizes scatter by ` +
      `${gauge.scatterMm.toFixed(2)} mm.`,
  };
};
