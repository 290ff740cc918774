import { Quantity } from '../input/fields.js';
import { sig } from '../lib/figures.js';
import { model, step } from './model.js';

/** Input of `flex.hinge`. */
export class FlexHingeInput {
  @Quantity({ min: 0.01, max: 1e5, unit: 'MPa', doc: 'Young’s modulus, as it is printed.' })
  modulusMPa!: number;
  @Quantity({ min: 0.01, max: 500, unit: '%', doc: 'Strain that it bears each time.' }) strainPct!: number;
  @Quantity({ min: 1, max: 360, unit: '°', doc: 'How far it is folded.' }) angleDeg!: number;
  @Quantity({ min: 0.1, max: 2000, unit: 'mm', doc: 'Length of the thin part, between what it joins.' })
  lengthMm!: number;
  @Quantity({ min: 0.2, max: 2000, unit: 'mm', doc: 'Width of the hinge.' }) widthMm!: number;
  @Quantity({ min: 0.02, max: 1, unit: 'mm', optional: true, doc: 'Height of a layer; default 0.2.' })
  layerMm = 0.2;
}

/** Result of `flex.hinge`. */
export interface FlexHingeResult {
  /** The thickest that still bears the fold, mm. */
  thickestMm: number;
  /** The whole layers that are no thicker, one at least, and what they come to, mm. */
  layers: number;
  thicknessMm: number;
  /** How much those are strained, and what turns them so far, N·mm. */
  strainsPct: number;
  momentNmm: number;
  /** Length from which two layers bear the fold, mm. */
  lengthForTwoMm: number;
}

/** Layers that a hinge has at least: one tears where its lines part. */
const LEAST_LAYERS = 2;

/**
 * A thin strip that is folded evenly along its length: its skin is strained by half its thickness over the radius,
 * `ε = t·θ/(2·L)`, and the moment that folds it is `E·b·t³·θ/(12·L)`.
 */
export function flexHinge(i: FlexHingeInput): FlexHingeResult {
  const theta = (i.angleDeg * Math.PI) / 180;
  const thickestMm = (2 * i.lengthMm * i.strainPct) / 100 / theta;
  const layers = Math.max(1, Math.floor(thickestMm / i.layerMm + 1e-9));
  const thicknessMm = layers * i.layerMm;
  return {
    thickestMm,
    layers,
    thicknessMm,
    strainsPct: (100 * thicknessMm * theta) / (2 * i.lengthMm),
    momentNmm: (i.modulusMPa * i.widthMm * thicknessMm ** 3 * theta) / (12 * i.lengthMm),
    lengthForTwoMm: (LEAST_LAYERS * i.layerMm * theta) / (2 * (i.strainPct / 100)),
  };
}

/** `flex.hinge`: how thin a printed hinge is. */
export const flexHingeModel = model({
  id: 'flex.hinge',
  title: 'How thin a printed hinge is',
  source: 'Pure bending of a thin strip: ε = t·θ/(2·L), M = E·I·θ/L with I = b·t³/12 (Howell 2001)',
  validity:
    'Printed lying, its lines across the fold, folded evenly. PP that is drawn when it is first folded bears more ' +
    'than this.',
  Input: FlexHingeInput,
  compute(i: FlexHingeInput) {
    const result = flexHinge(i);
    const warnings =
      result.layers < LEAST_LAYERS
        ? [
            `It would be one layer thick, and tears: make it ${sig(result.lengthForTwoMm, 2)} mm long or longer, ` +
              'fold it less, or take a filament that bears more.',
          ]
        : [];
    return {
      result,
      warnings,
      steps: [
        step(
          't',
          '2·L·ε/θ',
          `2 × ${sig(i.lengthMm)} × ${sig(i.strainPct)} / 100 / (${sig(i.angleDeg)} × π / 180)`,
          result.thickestMm,
          'mm',
        ),
        step(
          'ε',
          't·θ/(2·L)',
          `100 × ${sig(result.thicknessMm)} × ${sig(i.angleDeg)} × π / 180 / (2 × ${sig(i.lengthMm)})`,
          result.strainsPct,
          '%',
        ),
        step(
          'M',
          'E·b·t³·θ/(12·L)',
          `${sig(i.modulusMPa)} × ${sig(i.widthMm)} × ${sig(result.thicknessMm)}³ × ${sig(i.angleDeg)} × π / 180 / ` +
            `(12 × ${sig(i.lengthMm)})`,
          result.momentNmm,
          'N·mm',
        ),
      ],
    };
  },
});
