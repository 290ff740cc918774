import { Quantity } from '../input/fields.js';
import { model, step } from './model.js';
import { sig } from '../lib/figures.js';

/** Decay length of the bed's warmth up the part, mm. */
export const LAMBDA_MM = 6;

/** Share of the elastic strain that survives on released bars; an estimate. */
const LOCKED_SHARE = 0.5;
/** Mismatch over which a layer begins to keep its strain: on warmer plastic it still creeps, K; an estimate. */
const CREEP_OFF_K = 25;

/** What of a temperature mismatch stays locked in, K: g(x) = 0.5·x·(1 − e^{−x/25 K}) for x > 0, else 0. */
export function lockedInK(mismatchK: number): number {
  return mismatchK > 0 ? LOCKED_SHARE * mismatchK * (1 - Math.exp(-mismatchK / CREEP_OFF_K)) : 0;
}

/** Power of the solid fraction until one's own bars say otherwise; an estimate. */
export const SOLID_EXPONENT = 0.3;
/** Solid fraction that the constants were set for. */
export const USUAL_SOLID = 0.3;

/** How a layer shrinks and what of it stays locked in, whatever the shape. */
export class LockedInInput {
  @Quantity({ min: 0, max: 1e-3, unit: '1/K', doc: 'Linear thermal expansion.' }) alphaPerK!: number;
  @Quantity({ min: -50, max: 450, unit: '°C', doc: 'Solidification temperature.' }) solidificationC!: number;
  @Quantity({ min: -20, max: 250, unit: '°C', doc: 'Bed temperature.' }) bedC!: number;
  @Quantity({ min: -20, max: 250, unit: '°C', doc: 'Chamber air temperature.' }) chamberC!: number;
  @Quantity({
    min: 0,
    max: 0.1,
    optional: true,
    doc: 'Crystallisation shrinkage not yet relaxed; default 0.',
  })
  crystallisationStrain = 0;
  @Quantity({ min: 0.01, max: 1, optional: true, doc: 'Solid fraction of the print; default 0.3.' })
  solidFraction = 0.3;
  @Quantity({
    min: 0.05,
    max: 20,
    optional: true,
    doc: 'What bars printed on this machine bow over what is worked out, from warp.calibrate; default 1.',
  })
  scale = 1;
  @Quantity({
    min: -2,
    max: 2,
    optional: true,
    doc: 'Power of the solid fraction, from warp.calibrate where light and heavy bars are there; default 0.3.',
  })
  solidExponent = SOLID_EXPONENT;
}

/** Input of `warp.bow`. */
export class WarpBowInput extends LockedInInput {
  @Quantity({ min: 0.1, max: 2000, unit: 'mm', doc: 'Height of the part.' }) heightMm!: number;
  @Quantity({ min: 0.1, max: 2000, unit: 'mm', doc: 'Length of the part.' }) lengthMm!: number;
}

/** Result of `warp.bow`. */
export interface WarpBowResult {
  bowMm: number;
  curvaturePerMm: number;
  meanStrain: number;
}

/** Places of the two-point Gauss–Legendre rule in a slice of width 1. */
const GAUSS = [0.5 - 0.5 / Math.sqrt(3), 0.5 + 0.5 / Math.sqrt(3)] as const;

/** The strain that stays locked in a layer at a height over the plate, mm: e(z) of `warp.bow`, unscaled. */
export function lockedInStrain(i: LockedInInput, z: number): number {
  const decay = Math.exp(-z / LAMBDA_MM);
  const substrate = i.chamberC + (i.bedC - i.chamberC) * decay;
  return i.alphaPerK * lockedInK(i.solidificationC - substrate) + i.crystallisationStrain * (1 - decay);
}

/** How much more, or less, a print bows than one of the usual solid fraction. */
export function lightness(i: LockedInInput): number {
  return (i.solidFraction / USUAL_SOLID) ** i.solidExponent;
}

/**
 * Bow of a released part, in mm. Gauss–Legendre on slices split where the locked-in strain starts; see the
 * model's source.
 */
export function warpBowOf(i: WarpBowInput): WarpBowResult {
  const H = i.heightMm;
  // The integrand has a kink where the substrate falls below T_s; splitting there keeps the rule's order.
  const kinkShare =
    i.bedC > i.solidificationC && i.solidificationC > i.chamberC
      ? (i.solidificationC - i.chamberC) / (i.bedC - i.chamberC)
      : 1;
  const kink = Math.min(H, Math.max(0, -LAMBDA_MM * Math.log(kinkShare)));
  let moment = 0;
  let area = 0;
  for (const [from, to] of [
    [0, kink],
    [kink, H],
  ] as const) {
    const n = 24;
    const dz = (to - from) / n;
    if (dz <= 0) continue;
    for (let j = 0; j < n; j++) {
      // Two Gauss points a slice: fourth order.
      for (const point of GAUSS) {
        const z = from + (j + point) * dz;
        const e = (lockedInStrain(i, z) * dz) / 2;
        area += e;
        moment += e * (z - H / 2);
      }
    }
  }
  const curvaturePerMm = i.scale * (12 / H ** 3) * moment;
  const bowMm = ((curvaturePerMm * i.lengthMm ** 2) / 8) * lightness(i);
  return { bowMm, curvaturePerMm, meanStrain: (i.scale * area) / H };
}

/** `warp.bow`: how far the ends of a released part stand up. */
export const warpBow = model({
  id: 'warp.bow',
  title: 'Bow of a part after release from the plate',
  source:
    'Locked-in strain of layers solidifying on a graded substrate, released as a beam: κ = ' +
    '12/H³·∫e(z)(z − H/2)dz; λ = 6 mm; g(x) = 0.5·x·(1 − e^{−x/25 K})',
  validity: 'Long, flat parts: length at least twice the height; uniform chamber.',
  Input: WarpBowInput,
  compute(i: WarpBowInput) {
    const result = warpBowOf(i);
    const warnings: string[] = [];
    if (i.lengthMm < 2 * i.heightMm)
      warnings.push('Shorter than twice its height: a block, not a beam; the bow is overstated.');
    if (i.bedC > i.solidificationC)
      warnings.push('The bed is hotter than the plastic solidifies: the foot stays soft.');
    return {
      result,
      warnings,
      steps: [
        step(
          'T_sub(z)',
          'T_ch + (T_bed − T_ch)·e^{−z/λ}',
          `${sig(i.chamberC)} + (${sig(i.bedC)} − ${sig(i.chamberC)})·e^(−z/${LAMBDA_MM}), at the top`,
          i.chamberC + (i.bedC - i.chamberC) * Math.exp(-i.heightMm / LAMBDA_MM),
          '°C',
        ),
        step(
          'ē',
          'mean of α·g(T_s − T_sub) + s_c·(1 − e^{−z/λ})',
          `α = ${sig(i.alphaPerK)}, T_s = ${sig(i.solidificationC)} °C, s_c = ${sig(i.crystallisationStrain)}`,
          100 * result.meanStrain,
          '%',
        ),
        step(
          'κ',
          i.scale === 1 ? '12/H³·∫e(z)·(z − H/2)dz' : 's·12/H³·∫e(z)·(z − H/2)dz',
          `H = ${sig(i.heightMm)} mm${i.scale === 1 ? '' : `, s = ${sig(i.scale, 3)} by bars printed here`}`,
          result.curvaturePerMm,
          '1/mm',
        ),
        step(
          'bow',
          `κ·L²/8·(φ/0.3)^${sig(i.solidExponent, 2)}`,
          `${sig(result.curvaturePerMm)} × ${sig(i.lengthMm)}² / 8 × ` +
            `(${sig(i.solidFraction)}/0.3)^${sig(i.solidExponent, 2)}`,
          result.bowMm,
          'mm',
        ),
      ],
    };
  },
});
