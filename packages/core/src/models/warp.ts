import { Quantity } from '../formats/fields.js';
import { model, sig, step } from './model.js';

/** Decay length of the bed's warmth up the part, mm. */
export const LAMBDA_MM = 6;
/** Poisson's ratio of the film. */
const POISSON = 0.36;
/** Scatter of adhesion between good and bad days, in ln Γ. */
const ADHESION_SCATTER = 0.5;

/** Input of `warp.free`. */
export class WarpFreeInput {
  @Quantity({ min: 0, max: 1e-3, unit: '1/K', doc: 'Linear thermal expansion.' }) alphaPerK!: number;
  @Quantity({ min: -50, max: 450, unit: '°C', doc: 'Temperature it solidifies at.' }) fromC!: number;
  @Quantity({ min: -50, max: 450, unit: '°C', doc: 'Temperature it cools to.' }) toC!: number;
  @Quantity({ min: 0, max: 1e4, unit: 'mm', doc: 'Length.' }) lengthMm!: number;
}

/** `warp.free`: naive contraction. */
export const warpFree = model({
  id: 'warp.free',
  title: 'Free thermal contraction (upper bound)',
  source: 'α·ΔT·L',
  validity: 'An upper bound on any part.',
  Input: WarpFreeInput,
  compute(i: WarpFreeInput) {
    const strain = i.alphaPerK * (i.fromC - i.toC);
    return {
      result: { contractionMm: strain * i.lengthMm, contractionPct: 100 * strain },
      warnings: [
        'An upper bound: most of this happens while the part is held by the plate and the layers below.',
      ],
      steps: [
        step(
          'ε',
          'α·(T₁ − T₂)',
          `${sig(i.alphaPerK)} × (${sig(i.fromC)} − ${sig(i.toC)})`,
          100 * strain,
          '%',
        ),
        step('ΔL', 'ε·L', `${sig(strain)} × ${sig(i.lengthMm)}`, strain * i.lengthMm, 'mm'),
      ],
    };
  },
});

/** Input of `warp.bow`. */
export class WarpBowInput {
  @Quantity({ min: 0, max: 1e-3, unit: '1/K', doc: 'Linear thermal expansion.' }) alphaPerK!: number;
  @Quantity({ min: -50, max: 450, unit: '°C', doc: 'Solidification temperature.' }) solidificationC!: number;
  @Quantity({ min: -20, max: 250, unit: '°C', doc: 'Bed temperature.' }) bedC!: number;
  @Quantity({ min: -20, max: 250, unit: '°C', doc: 'Chamber air temperature.' }) chamberC!: number;
  @Quantity({ min: 0.1, max: 2000, unit: 'mm', doc: 'Height of the part.' }) heightMm!: number;
  @Quantity({ min: 0.1, max: 2000, unit: 'mm', doc: 'Length of the part.' }) lengthMm!: number;
  @Quantity({
    min: 0,
    max: 0.1,
    optional: true,
    doc: 'Crystallisation shrinkage not yet relaxed; default 0.',
  })
  crystallisationStrain = 0;
  @Quantity({ min: 0.01, max: 1, optional: true, doc: 'Solid fraction of the print; default 0.3.' })
  solidFraction = 0.3;
}

/** Result of `warp.bow`. */
export interface WarpBowResult {
  bowMm: number;
  curvaturePerMm: number;
  meanStrain: number;
}

/** Places of the two-point Gauss–Legendre rule in a slice of width 1. */
const GAUSS = [0.5 - 0.5 / Math.sqrt(3), 0.5 + 0.5 / Math.sqrt(3)] as const;

/** Bow of a released part, in mm. Gauss–Legendre on slices split where the locked-in strain starts; see the model's source. */
export function warpBowOf(i: WarpBowInput): WarpBowResult {
  const H = i.heightMm;
  const strain = (z: number): number => {
    const decay = Math.exp(-z / LAMBDA_MM);
    const substrate = i.chamberC + (i.bedC - i.chamberC) * decay;
    return i.alphaPerK * Math.max(0, i.solidificationC - substrate) + i.crystallisationStrain * (1 - decay);
  };
  // The integrand has a kink where the substrate falls below T_s; splitting there keeps the rule's order.
  const kinkShare =
    i.bedC > i.solidificationC && i.solidificationC > i.chamberC
      ? (i.solidificationC - i.chamberC) / (i.bedC - i.chamberC)
      : 1;
  const kink = Math.min(H, Math.max(0, -LAMBDA_MM * Math.log(kinkShare)));
  let [moment, area] = [0, 0];
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
        const e = (strain(z) * dz) / 2;
        area += e;
        moment += e * (z - H / 2);
      }
    }
  }
  const curvaturePerMm = (12 / H ** 3) * moment;
  const light = (i.solidFraction / 0.3) ** 0.3;
  return { bowMm: ((curvaturePerMm * i.lengthMm ** 2) / 8) * light, curvaturePerMm, meanStrain: area / H };
}

/** `warp.bow`: how far the ends of a released part stand up. */
export const warpBow = model({
  id: 'warp.bow',
  title: 'Bow of a part after release from the plate',
  source:
    'Locked-in strain of layers solidifying on a graded substrate, released as a beam: κ = 12/H³·∫e(z)(z − H/2)dz; λ = 6 mm',
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
          'mean of α·max(0, T_s − T_sub) + s_c·(1 − e^{−z/λ})',
          `α = ${sig(i.alphaPerK)}, T_s = ${sig(i.solidificationC)} °C, s_c = ${sig(i.crystallisationStrain)}`,
          100 * result.meanStrain,
          '%',
        ),
        step('κ', '12/H³·∫e(z)·(z − H/2)dz', `H = ${sig(i.heightMm)} mm`, result.curvaturePerMm, '1/mm'),
        step(
          'bow',
          'κ·L²/8·(φ/0.3)^0.3',
          `${sig(result.curvaturePerMm)} × ${sig(i.lengthMm)}² / 8 × (${sig(i.solidFraction)}/0.3)^0.3`,
          result.bowMm,
          'mm',
        ),
      ],
    };
  },
});

/** Input of `warp.lift-off`. */
export class WarpLiftOffInput {
  @Quantity({ min: 0.01, max: 5e5, unit: 'MPa', doc: "Young's modulus." }) modulusMPa!: number;
  @Quantity({ min: 0, max: 0.2, doc: 'Mean locked-in strain, from warp.bow.' }) meanStrain!: number;
  @Quantity({ min: 0.05, max: 2000, unit: 'mm', doc: 'Height of the stressed layer.' }) heightMm!: number;
  @Quantity({ min: 0.1, max: 1e5, unit: 'J/m²', doc: 'Adhesion energy of plate, adhesive and family.' })
  adhesionJm2!: number;
  @Quantity({ min: 0, max: 1000, optional: true, doc: 'Sharp corners on the plate; default 0, all round.' })
  sharpCorners = 0;
  @Quantity({
    min: 0,
    max: 1000,
    unit: 'mm',
    optional: true,
    doc: 'Fillet radius of the corners; default 0.',
  })
  filletMm = 0;
}

/** Result of `warp.lift-off`. */
export interface WarpLiftOffResult {
  energyJm2: number;
  pLift: number;
  criticalHeightMm: number;
}

/** Standard normal distribution function; Abramowitz and Stegun 7.1.26, |error| < 1.5e-7. */
function normalCdf(x: number): number {
  const t = 1 / (1 + (0.3275911 * Math.abs(x)) / Math.SQRT2);
  const erf =
    1 -
    ((((1.061405429 * t - 1.453152027) * t + 1.421413741) * t - 0.284496736) * t + 0.254829592) *
      t *
      Math.exp((-x * x) / 2);
  return x >= 0 ? (1 + erf) / 2 : (1 - erf) / 2;
}

/** How much a corner concentrates lifting: 1.6 sharp, falling to 1 as the fillet grows past about 10 mm. */
export function cornerFactor(sharpCorners: number, filletMm: number): number {
  return sharpCorners > 0 ? 1 + 0.6 * Math.exp(-filletMm / 4) : 1;
}

/** Energy that a stressed film releases by letting go, J/m² per mm of its height: ½·E/(1−ν)·ē². */
export function releasedPerMm(modulusMPa: number, meanStrain: number): number {
  return ((0.5 * modulusMPa) / (1 - POISSON)) * meanStrain * meanStrain * 1000;
}

/** Chance that an edge lifts: Φ((ln(G·c) − ln Γ)/0.5). */
export function liftChance(concentratedJm2: number, adhesionJm2: number): number {
  return concentratedJm2 > 0 ? normalCdf(Math.log(concentratedJm2 / adhesionJm2) / ADHESION_SCATTER) : 0;
}

/** Lift-off of a stressed layer from its plate: G = ½·E/(1−ν)·ē²·H in J/m² (MPa·mm = kJ/m²). */
export function liftOff(i: WarpLiftOffInput): WarpLiftOffResult {
  const perMm = releasedPerMm(i.modulusMPa, i.meanStrain);
  const energyJm2 = perMm * i.heightMm;
  const c = cornerFactor(i.sharpCorners, i.filletMm);
  const pLift = liftChance(energyJm2 * c, i.adhesionJm2);
  return { energyJm2, pLift, criticalHeightMm: perMm > 0 ? i.adhesionJm2 / (perMm * c) : Infinity };
}

/** `warp.lift-off`: whether the edge lets go of the plate. */
export const warpLiftOff = model({
  id: 'warp.lift-off',
  title: 'Lift-off of the edge from the plate',
  source:
    'Thin-film delamination (Hutchinson and Suo 1992), ν = 0.36; scatter of adhesion taken as 0.5 in ln Γ',
  validity: 'Parts long against their height, on an even, clean plate.',
  Input: WarpLiftOffInput,
  compute(i: WarpLiftOffInput) {
    const result = liftOff(i);
    const c = cornerFactor(i.sharpCorners, i.filletMm);
    return {
      result,
      warnings: [],
      steps: [
        step(
          'G',
          '½·E/(1 − ν)·ē²·H',
          `0.5 × ${sig(i.modulusMPa)}/0.64 × ${sig(i.meanStrain)}² × ${sig(i.heightMm)} × 1000`,
          result.energyJm2,
          'J/m²',
        ),
        step(
          'c',
          '1 round, 1.6 sharp, lower with fillet radius',
          `${sig(i.sharpCorners)} sharp, fillet ${sig(i.filletMm)} mm`,
          c,
          '',
        ),
        step(
          'p',
          'Φ((ln(G·c) − ln Γ)/0.5)',
          `Φ(ln(${sig(result.energyJm2)} × ${sig(c)} / ${sig(i.adhesionJm2)}) / 0.5)`,
          result.pLift,
          '',
        ),
        step(
          'H_crit',
          'Γ/(½·E/(1 − ν)·ē²·c)',
          `${sig(i.adhesionJm2)} / (${sig(result.energyJm2 / i.heightMm)} × ${sig(c)})`,
          result.criticalHeightMm,
          'mm',
        ),
      ],
    };
  },
});
