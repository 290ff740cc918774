import { Choice, Quantity } from '../input/fields.js';
import { model, step, type Step } from './model.js';
import { sig } from '../lib/figures.js';

/** How a member is held and loaded. */
export const beamCases = [
  'cantilever',
  'simply-supported',
  'simply-supported-uniform',
  'fixed-fixed',
  'tension',
  'compression',
  'torsion',
] as const;
/** How a member is held. */
export type BeamCase = (typeof beamCases)[number];

/** Input of `load.beam`. The section is `widthMm` across and `heightMm` in the direction of bending. */
export class LoadBeamInput {
  @Choice(beamCases, {
    doc: 'How the member is held. Bending cases carry the force at the tip or mid-span; uniform spreads it.',
  })
  case!: BeamCase;
  @Quantity({ min: 0, max: 1e6, unit: 'N', doc: 'Force; for torsion the moment is force × length.' })
  forceN!: number;
  @Quantity({ min: 0.1, max: 1e4, unit: 'mm', doc: 'Free length, span or lever.' }) lengthMm!: number;
  @Quantity({ min: 0.1, max: 1e4, unit: 'mm', doc: 'Section width.' }) widthMm!: number;
  @Quantity({ min: 0.1, max: 1e4, unit: 'mm', doc: 'Section height, in the direction of bending.' })
  heightMm!: number;
  @Quantity({ min: 0.01, max: 5e5, unit: 'MPa', doc: "Young's modulus." }) modulusMPa!: number;
  @Quantity({ min: 0, max: 0.5, optional: true, doc: "Poisson's ratio, for torsion; default 0.36." })
  poisson = 0.36;
}

/** Result of `load.beam`. Deflection is along the force; for torsion it is the arc at the lever's end. */
export interface LoadBeamResult {
  stressMPa: number;
  deflectionMm: number;
  strainPct: number;
  bucklingN: number | null;
}

/** Bending coefficients: M = m·F·L and δ = d·F·L³/(E·I). Gere and Timoshenko, Mechanics of Materials. */
const bending: Partial<Record<BeamCase, { m: number; d: number; mText: string; dText: string }>> = {
  cantilever: { m: 1, d: 1 / 3, mText: 'F·L', dText: 'F·L³/(3·E·I)' },
  'simply-supported': { m: 1 / 4, d: 1 / 48, mText: 'F·L/4', dText: 'F·L³/(48·E·I)' },
  'simply-supported-uniform': { m: 1 / 8, d: 5 / 384, mText: 'F·L/8', dText: '5·F·L³/(384·E·I)' },
  'fixed-fixed': { m: 1 / 8, d: 1 / 192, mText: 'F·L/8', dText: 'F·L³/(192·E·I)' },
};

/** Stress, deflection and strain of a prismatic member; Euler–Bernoulli. No working: for the ranking's inner loop. */
export function beam(i: LoadBeamInput): LoadBeamResult {
  const { forceN: F, lengthMm: L, widthMm: b, heightMm: h, modulusMPa: E } = i;
  const bend = bending[i.case];
  if (bend) {
    const stressMPa = (6 * bend.m * F * L) / (b * h * h);
    return {
      stressMPa,
      deflectionMm: (bend.d * F * L ** 3) / ((E * b * h ** 3) / 12),
      strainPct: (100 * stressMPa) / E,
      bucklingN: null,
    };
  }
  if (i.case === 'torsion') {
    const [long, short] = b > h ? [b, h] : [h, b];
    const { alpha, beta } = torsionFactors(long / short);
    const T = F * L;
    const tau = T / (alpha * long * short ** 2);
    const G = E / (2 * (1 + i.poisson));
    // Compared with a yield stress by the von Mises criterion: σ = √3·τ.
    const stressMPa = Math.sqrt(3) * tau;
    return {
      stressMPa,
      deflectionMm: ((T * L) / (G * beta * long * short ** 3)) * L,
      strainPct: (100 * stressMPa) / E,
      bucklingN: null,
    };
  }
  const stressMPa = F / (b * h);
  const bucklingN =
    i.case === 'compression'
      ? (Math.PI ** 2 * E * ((Math.max(b, h) * Math.min(b, h) ** 3) / 12)) / L ** 2
      : null;
  return { stressMPa, deflectionMm: (stressMPa / E) * L, strainPct: (100 * stressMPa) / E, bucklingN };
}

/**
 * Torsion of a rectangle, aspect ratio r = long/short: τ = T/(α·a·b²), θ' = T/(G·β·a·b³). Series of
 * Timoshenko and Goodier, Theory of Elasticity.
 */
function torsionFactors(r: number): { alpha: number; beta: number } {
  let sumB = 0;
  let sumT = 0;
  for (let n = 1; n < 40; n += 2) {
    sumB += Math.tanh((n * Math.PI * r) / 2) / n ** 5;
    sumT += 1 / (n ** 2 * Math.cosh(Math.min(700, (n * Math.PI * r) / 2)));
  }
  const beta = (1 - (192 / (Math.PI ** 5 * r)) * sumB) / 3;
  return { beta, alpha: beta / (1 - (8 / Math.PI ** 2) * sumT) };
}

/** `load.beam`: stress and deflection of a member. */
export const loadBeam = model({
  id: 'load.beam',
  title: 'Stress and deflection of a member',
  source:
    'Euler–Bernoulli beam theory (Gere and Timoshenko); torsion of a rectangle (Timoshenko and ' +
    'Goodier); Euler buckling, pinned ends',
  validity:
    'Straight prismatic members, span at least three times the height, deflection up to a fifth of the span.',
  Input: LoadBeamInput,
  compute(i: LoadBeamInput) {
    const result = beam(i);
    const { forceN: F, lengthMm: L, widthMm: b, heightMm: h, modulusMPa: E } = i;
    const bend = bending[i.case];
    const steps: Step[] = [];
    if (bend) {
      const M = bend.m * F * L;
      const I = (b * h ** 3) / 12;
      steps.push(
        step('M', bend.mText, `${sig(F)} × ${sig(L)}${bend.m === 1 ? '' : ` × ${sig(bend.m)}`}`, M, 'N·mm'),
        step('I', 'b·h³/12', `${sig(b)} × ${sig(h)}³ / 12`, I, 'mm⁴'),
        step('σ', 'M·(h/2)/I', `${sig(M)} × ${sig(h / 2)} / ${sig(I)}`, result.stressMPa, 'MPa'),
        step(
          'δ',
          bend.dText,
          `${sig(bend.d)} × ${sig(F)} × ${sig(L)}³ / (${sig(E)} × ${sig(I)})`,
          result.deflectionMm,
          'mm',
        ),
      );
    } else if (i.case === 'torsion') {
      steps.push(
        step('T', 'F·L', `${sig(F)} × ${sig(L)}`, F * L, 'N·mm'),
        step('σ', '√3·T/(α·a·b²)', `section ${sig(b)} × ${sig(h)} mm`, result.stressMPa, 'MPa'),
        step('δ', 'T·L/(G·β·a·b³)·L', `G = ${sig(E / (2 * (1 + i.poisson)))} MPa`, result.deflectionMm, 'mm'),
      );
    } else {
      steps.push(
        step('σ', 'F/(b·h)', `${sig(F)} / (${sig(b)} × ${sig(h)})`, result.stressMPa, 'MPa'),
        step('δ', 'σ·L/E', `${sig(result.stressMPa)} × ${sig(L)} / ${sig(E)}`, result.deflectionMm, 'mm'),
      );
      if (result.bucklingN !== null)
        steps.push(
          step(
            'F_cr',
            'π²·E·I_min/L²',
            `π² × ${sig(E)} × ${sig((Math.max(b, h) * Math.min(b, h) ** 3) / 12)} / ${sig(L)}²`,
            result.bucklingN,
            'N',
          ),
        );
    }
    steps.push(step('ε', 'σ/E', `${sig(result.stressMPa)} / ${sig(E)}`, result.strainPct, '%'));
    const warnings: string[] = [];
    if (bend && L < 3 * h)
      warnings.push(
        'The span is less than three times the height: shear adds to the deflection, which is understated.',
      );
    if (bend && result.deflectionMm > L / 5)
      warnings.push('Deflection over a fifth of the span: outside small-deflection theory.');
    if (result.bucklingN !== null && F > result.bucklingN)
      warnings.push(`Buckles at ${sig(result.bucklingN, 3)} N (pinned ends), before it crushes.`);
    return { result, steps, warnings };
  },
});
