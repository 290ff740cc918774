import { Quantity } from '../input/fields.js';
import type { Family } from '../materials/family.js';
import type { Printer } from '../workshop/printer.js';
import { gaugeCalibrationFor } from './gauge-calibration.js';
import { sig } from '../lib/figures.js';
import { model, step } from '../models/model.js';

/** Input of `print.moving-gap`. */
export class MovingGapInput {
  @Quantity({
    min: -0.5,
    max: 1,
    unit: 'mm',
    optional: true,
    doc: 'What an outside is too wide by here, and a hole too narrow, together; default 0.2.',
  })
  errorMm = 0.2;
  @Quantity({
    min: 0,
    max: 1,
    unit: 'mm',
    optional: true,
    doc: 'Standard deviation of single sizes here; default 0.05.',
  })
  scatterMm = 0.05;
  @Quantity({ min: 0, max: 1, optional: true, doc: 'How much it strings, 0 to 1; default 0.3.' })
  stringing = 0.3;
  @Quantity({ min: 0.04, max: 1, unit: 'mm', optional: true, doc: 'Layer height; default 0.2.' }) layerMm =
    0.2;
}

/** Result of `print.moving-gap`: gaps in the drawing between parts that are printed in their places and then move. */
export interface MovingGapResult {
  /** Between upright faces, on each side. */
  sidewaysMm: number;
  /** Under a face that hangs over, in whole layers. */
  upMm: number;
  upLayers: number;
  /** Over the plate: where the first layer spreads, the edges that face each other are cut back by this. */
  footMm: number;
}

/** Deviations of a size that a gap has to bear, so that about 1 of 700 sticks. */
const DEVIATIONS = 3;
/** What of a gap has to be left open so that threads between its faces break free when it is first turned, mm. */
const FREE = { clean: 0.05, stringy: 0.2 };
/** What a bridge over a gap sags by, as layers. */
const SAG_LAYERS = 1;
/** What a first layer spreads by, mm. */
const FOOT_MM = 0.3;

/** What is left open for threads to break free, mm. */
function freeMm({ stringing }: Pick<MovingGapInput, 'stringing'>): number {
  return FREE.clean + (FREE.stringy - FREE.clean) * stringing;
}

/** How far apart two parts are drawn that are printed in their places and are to move afterwards. */
export function movingGap(i: MovingGapInput): MovingGapResult {
  const free = freeMm(i);
  const sidewaysMm = Math.max(free, i.errorMm + DEVIATIONS * i.scatterMm + free);
  const upLayers = SAG_LAYERS + Math.max(1, Math.ceil(free / i.layerMm - 1e-9));
  return { sidewaysMm, upLayers, upMm: upLayers * i.layerMm, footMm: FOOT_MM };
}

/** Gaps for a filament on a printer: by gauges that were printed on it, where there are any. */
export function movingGapInput(family: Family, printer: Printer | null, layerMm: number): MovingGapInput {
  const gauge = gaugeCalibrationFor(printer, family);
  return Object.assign(new MovingGapInput(), {
    stringing: family.flags.stringing,
    layerMm,
    // Both are on a diameter: on each side it is half of it.
    ...(gauge && {
      errorMm: (gauge.outsideMm.value + gauge.holeMm.value) / 2,
      scatterMm: gauge.scatterMm,
    }),
  });
}

/** In a sentence, how far apart parts are drawn that are printed in their places. */
export function movingGapSentence(family: Family, printer: Printer | null, layerMm: number): string {
  const { sidewaysMm, upMm, upLayers, footMm } = movingGap(movingGapInput(family, printer, layerMm));
  return (
    `Leave ${sidewaysMm.toFixed(2)} mm between upright faces, ${sig(upMm, 2)} mm (${upLayers} layers) under what ` +
    `hangs over, and cut edges that meet on the plate back by ${footMm.toFixed(1)} mm. ` +
    (gaugeCalibrationFor(printer, family)
      ? 'That follows from gauges printed here.'
      : 'That is usual; a gauge printed here says it for this printer.')
  );
}

/** `print.moving-gap`: gaps for parts that are printed in their places. */
export const movingGapModel = model({
  id: 'print.moving-gap',
  title: 'Gaps for parts that are printed moving',
  source:
    'What sizes are off by here and three standard deviations of it, and room for threads to break free (0.05 to ' +
    '0.2 mm by how much it strings); upwards whole layers: one that sags and one that stays open (estimates)',
  validity: 'Hinges, chains and pins up to some 20 mm across; beyond, add what the plastic shrinks.',
  Input: MovingGapInput,
  compute(i: MovingGapInput) {
    const result = movingGap(i);
    const free = freeMm(i);
    return {
      result,
      warnings: [],
      steps: [
        step('g_0', '0.05 + 0.15·s', `0.05 + 0.15 × ${sig(i.stringing)}`, free, 'mm'),
        step(
          'g',
          'e + 3·s_d + g_0',
          `${sig(i.errorMm)} + 3 × ${sig(i.scatterMm)} + ${sig(free)}`,
          result.sidewaysMm,
          'mm',
        ),
        step('n', '1 + ⌈g_0/t⌉', `1 + ⌈${sig(free)} / ${sig(i.layerMm)}⌉`, result.upLayers, 'layers'),
        step('g_z', 'n·t', `${result.upLayers} × ${sig(i.layerMm)}`, result.upMm, 'mm'),
      ],
    };
  },
});
