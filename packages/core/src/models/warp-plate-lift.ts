import { Quantity } from '../input/fields.js';
import { sig } from '../lib/figures.js';
import { normalCdf } from '../lib/normal.js';
import { model, step } from './model.js';

/** The sheet that most plates are: spring steel. */
const STEEL_MPA = 200_000;
/** How far a plate may rise before a print is spoiled as often as not, mm, and the scatter of that in ln; estimates. */
const SPOILS_MM = 0.5;
const SPOILS_SCATTER = 0.5;
/** How far beside the part magnets hold the sheet down for it, mm; an estimate. */
const SHEET_HELPS_MM = 20;
/** A pressure of 1 kPa in N/mm². */
const MPA_A_KPA = 1e-3;

/** Input of `warp.plate-lift`. */
export class WarpPlateLiftInput {
  @Quantity({ min: 0.01, max: 5e5, unit: 'MPa', doc: 'Modulus of the print as it is filled.' })
  modulusMPa!: number;
  @Quantity({ min: 0.05, max: 2000, unit: 'mm', doc: 'Height of the part.' }) heightMm!: number;
  @Quantity({ min: 0.1, max: 2000, unit: 'mm', doc: 'Length of the part.' }) lengthMm!: number;
  @Quantity({ min: 0.1, max: 2000, unit: 'mm', doc: 'Its width.' }) widthMm!: number;
  @Quantity({ min: 0, max: 0.2, doc: 'Mean locked-in strain, from warp.bow.' }) meanStrain!: number;
  @Quantity({ min: -1, max: 1, unit: '1/mm', doc: 'Curvature of the part let go, from warp.bow.' })
  curvaturePerMm!: number;
  @Quantity({ min: 0.1, max: 200, unit: 'kPa', doc: 'How hard the magnets hold the plate.' })
  holdKPa!: number;
  @Quantity({ min: 0.1, max: 10, unit: 'mm', optional: true, doc: 'Thickness of the sheet; default 0.5.' })
  sheetMm = 0.5;
  @Quantity({ min: 100, max: 5e5, unit: 'MPa', optional: true, doc: 'Its modulus; default 200,000, steel.' })
  sheetMPa = STEEL_MPA;
}

/** Result of `warp.plate-lift`. */
export interface WarpPlateLiftResult {
  /** Bending stiffness of part and sheet together, N·mm² for each mm of width. */
  stiffnessNmm: number;
  /** What the two together would bow to, 1/mm, were nothing to hold them. */
  curvaturePerMm: number;
  /** Length at each end over which the plate is off its magnets, mm: half of all where only the middle lies. */
  liftedMm: number;
  /** How far the ends rise, mm. */
  riseMm: number;
  /** Chance that this spoils the print. */
  pPlate: number;
}

/** What holds a strip of the part's width down, N/mm² of it: beside the part the sheet is held as well. */
function heldMPa({ holdKPa, widthMm }: WarpPlateLiftInput): number {
  return holdKPa * MPA_A_KPA * (1 + (2 * SHEET_HELPS_MM) / widthMm);
}

/** Part and sheet as one strip of two layers for each mm of its width (Timoshenko 1925), z from their joint up. */
function strip(i: WarpPlateLiftInput): { stiffnessNmm: number; curvaturePerMm: number } {
  const { modulusMPa: E, heightMm: H, sheetMm: t, sheetMPa: S } = i;
  const A = S * t + E * H;
  const B = (E * H * H - S * t * t) / 2;
  const D = (S * t ** 3 + E * H ** 3) / 3;
  // What the part would shorten by, and how much more its upper layers than its lower ones.
  const N = E * H * i.meanStrain;
  const M = E * ((i.meanStrain * H * H) / 2 + (i.curvaturePerMm * H ** 3) / 12);
  return { stiffnessNmm: D - (B * B) / A, curvaturePerMm: (A * M - B * N) / (A * D - B * B) };
}

/**
 * How far a stressed part lifts the plate that it sticks to off its magnets: a strip that would bow freely, pressed
 * to a flat bed. Near a free end the moment of the pressure, `q·x²/2`, falls short of `D·κ`, and the end rises.
 */
export function plateLift(i: WarpPlateLiftInput): WarpPlateLiftResult {
  const { stiffnessNmm, curvaturePerMm } = strip(i);
  const q = heldMPa(i);
  const half = i.lengthMm / 2;
  const k = Math.max(0, curvaturePerMm);
  const liftedMm = Math.min(half, Math.sqrt((2 * stiffnessNmm * k) / q));
  const riseMm = (k * liftedMm ** 2) / 2 - (q * liftedMm ** 4) / (8 * stiffnessNmm);
  const pPlate = riseMm > 0 ? normalCdf(Math.log(riseMm / SPOILS_MM) / SPOILS_SCATTER) : 0;
  return { stiffnessNmm, curvaturePerMm, liftedMm, riseMm, pPlate };
}

/** `warp.plate-lift`: whether a print lifts the plate off its magnets before it lets go of the plate. */
export const warpPlateLift = model({
  id: 'warp.plate-lift',
  title: 'Whether the plate lifts off its magnets',
  source:
    'A strip of two layers (Timoshenko 1925) that would bow freely, pressed to a flat bed by an even pressure; a ' +
    'rise of 0.5 mm spoils one print in two, with a scatter of 0.5 in ln (estimates)',
  validity:
    'A part that holds on the sheet, and lies along it; magnets 20 mm to either side of it help to hold it down (an ' +
    'estimate).',
  Input: WarpPlateLiftInput,
  compute(i: WarpPlateLiftInput) {
    const result = plateLift(i);
    const { stiffnessNmm: D, curvaturePerMm: k, liftedMm: a, riseMm } = result;
    const q = heldMPa(i);
    return {
      result,
      warnings: [],
      steps: [
        step(
          'D',
          '(S·t³ + E·H³)/3 − ((E·H² − S·t²)/2)²/(S·t + E·H)',
          `(${sig(i.sheetMPa)} × ${sig(i.sheetMm)}³ + ${sig(i.modulusMPa)} × ${sig(i.heightMm)}³)/3 − …`,
          D,
          'N·mm',
        ),
        step('q', 'p·(1 + 2·20 mm/b)', `${sig(i.holdKPa)} / 1000 × (1 + 40/${sig(i.widthMm)})`, q, 'N/mm²'),
        step(
          'κ',
          '(A·M − B·N)/(A·D − B²)',
          `ē ${sig(i.meanStrain)}, κ alone ${sig(i.curvaturePerMm)}`,
          k,
          '1/mm',
        ),
        step(
          'a',
          'min(√(2·D·κ/q), L/2)',
          `min(√(2 × ${sig(D)} × ${sig(Math.max(0, k))}/${sig(q)}), ${sig(i.lengthMm)}/2)`,
          a,
          'mm',
        ),
        step(
          'h',
          'κ·a²/2 − q·a⁴/(8·D)',
          `${sig(Math.max(0, k))} × ${sig(a)}²/2 − ${sig(q)} × ${sig(a)}⁴/(8 × ${sig(D)})`,
          riseMm,
          'mm',
        ),
        step('p', 'Φ(ln(h/0.5)/0.5)', `Φ(ln(${sig(riseMm)} / 0.5) / 0.5)`, result.pPlate, ''),
      ],
    };
  },
});
