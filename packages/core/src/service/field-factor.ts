import { Flag, ListOf, Quantity } from '../input/fields.js';
import { gammaQuantile } from '../lib/distributions.js';
import { sig } from '../lib/figures.js';
import { model, step } from '../models/model.js';

/** A part outdoors against the laboratory's word on it. */
export class FieldRecord {
  @Quantity({ min: 0, max: 200, unit: 'a', doc: 'Years that it stood, or has stood until it was last seen.' })
  years!: number;
  @Quantity({ min: 1e-3, max: 1e6, unit: 'a', doc: 'Years after which ageing tests have half of such fail.' })
  labYears!: number;
  @Flag({ optional: true, doc: 'Whether the sun ended it then; default false.' }) failed = false;
  @Quantity({ min: 0, max: 1, optional: true, doc: 'How much it counts, 0 to 1; default 1.' }) weight = 1;
}

/** Input of `service.field`. */
export class ServiceFieldInput {
  @Quantity({ min: 0.01, max: 100, optional: true, doc: 'The library’s field factor; default 1.' })
  priorFactor = 1;
  @Quantity({
    min: 0.1,
    max: 1000,
    optional: true,
    doc: 'Failures that the library’s word is worth; default 2: it gives way soon.',
  })
  priorFailures = 2;
  @Quantity({ min: 0.2, max: 20, optional: true, doc: 'Weibull shape of ageing; default 2: it wears on.' })
  shape = 2;
  @ListOf(() => FieldRecord, { max: 20_000, doc: 'Parts outdoors.' }) records!: FieldRecord[];
}

/** Result of `service.field`: how many times the laboratory's life such parts stand outdoors. */
export interface ServiceFieldResult {
  factor: number;
  low: number;
  high: number;
  /** Share of the answer that one's own parts make; the rest is the library's. */
  ownWeight: number;
  failures: number;
  parts: number;
}

/**
 * A field factor φ (life outdoors = φ × the laboratory's) from the library's, updated by one's own parts. Lives are
 * Weibull about φ·L with median there, so the hazard summed over a part is θ·ln 2·(t/L)^β with θ = φ^−β; failures are
 * Poisson in it, and a gamma prior on θ stays a gamma: shape a + d, rate b + Σ ln 2·(t/L)^β (Gelman et al., Bayesian
 * Data Analysis, 2.6).
 */
export function serviceField(i: ServiceFieldInput): ServiceFieldResult {
  const { priorFailures, shape } = i;
  const failures = i.records.reduce((sum, r) => sum + (r.failed ? r.weight : 0), 0);
  const priorRate = priorRateOf(i);
  const exposed = exposedOf(i);
  const a = priorFailures + failures;
  const b = priorRate + exposed;
  const factorAt = (p: number): number => gammaQuantile(1 - p, a, b) ** (-1 / shape);
  return {
    factor: factorAt(0.5),
    low: factorAt(0.025),
    high: factorAt(0.975),
    ownWeight: exposed / b,
    failures,
    parts: i.records.length,
  };
}

/** The hazard summed over all parts, by what each counts. */
function exposedOf({ records, shape }: ServiceFieldInput): number {
  return records.reduce((sum, r) => sum + r.weight * Math.LN2 * (r.years / r.labYears) ** shape, 0);
}

/** The prior's rate: such that with no parts the middle is the library's word itself, median θ = φ₀^−β. */
function priorRateOf({ priorFactor, priorFailures, shape }: ServiceFieldInput): number {
  return gammaQuantile(0.5, priorFailures, 1) * priorFactor ** shape;
}

/** `service.field`: what own parts outdoors make of the library's word. */
export const serviceFieldModel = model({
  id: 'service.field',
  title: 'Life outdoors, by own parts',
  source: 'Gamma–Poisson update of a Weibull’s scale (Gelman et al., Bayesian Data Analysis, 2.6)',
  validity: 'Parts of one family in the sun; failures by ageing only, others are censored.',
  Input: ServiceFieldInput,
  compute(i: ServiceFieldInput) {
    const r = serviceField(i);
    const exposed = exposedOf(i);
    return {
      result: r,
      warnings: r.ownWeight < 0.1 ? ['Own parts say little yet: this is the library’s word.'] : [],
      steps: [
        step('d', 'failures by ageing', `${r.parts} parts`, r.failures, ''),
        step('H', 'Σ ln 2·(t/L)^β', `β = ${sig(i.shape)}`, exposed, ''),
        step('w', 'H/(b + H)', `b = ${sig(priorRateOf(i))}`, r.ownWeight, ''),
        step('φ', 'θ^(−1/β), θ ~ Γ(a + d, b + H)', `95 %: ${sig(r.low)} to ${sig(r.high)}`, r.factor, ''),
      ],
    };
  },
});
