import { Quantity } from '../input/fields.js';
import { model, step } from './model.js';
import { sig } from '../lib/figures.js';
import { normalCdf } from '../lib/normal.js';

/** Poisson's ratio of the film. */
const POISSON = 0.36;

/** Scatter of adhesion between good and bad days, in ln Γ. */
const ADHESION_SCATTER = 0.5;

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
