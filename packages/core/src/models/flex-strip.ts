import { Choice, Quantity } from '../input/fields.js';
import { sig } from '../lib/figures.js';
import { model, step } from './model.js';

/** How a springy strip is held. */
export const stripHolds = ['one-end', 'both-ends'] as const;

/** Input of `flex.strip`. */
export class FlexStripInput {
  @Quantity({ min: 0.01, max: 1e5, unit: 'MPa', doc: 'Young’s modulus, as it is printed.' })
  modulusMPa!: number;
  @Quantity({ min: 0.5, max: 2000, unit: 'mm', doc: 'Length that is free to bend.' }) lengthMm!: number;
  @Quantity({ min: 0.2, max: 2000, unit: 'mm', doc: 'Width.' }) widthMm!: number;
  @Quantity({ min: 1e-4, max: 1e5, unit: 'N', doc: 'Force that is wanted.' }) forceN!: number;
  @Quantity({ min: 0.001, max: 1000, unit: 'mm', doc: 'How far it is to bend under it.' }) bendMm!: number;
  @Choice(stripHolds, {
    optional: true,
    doc: 'one-end: as a finger; both-ends: pressed in its middle; default one-end.',
  })
  held: (typeof stripHolds)[number] = 'one-end';
  @Quantity({
    min: 0.1,
    max: 2,
    unit: 'mm',
    optional: true,
    doc: 'Width of a printed line: a thin wall is whole lines thick; default 0.45.',
  })
  lineMm = 0.45;
}

/** Result of `flex.strip`. */
export interface FlexStripResult {
  thicknessMm: number;
  strainPct: number;
  /** The nearest walls of whole lines, and what force bends each as far. */
  walls: { lines: number; thicknessMm: number; forceN: number }[];
  /** Whether it bends further than the formula stands for: a tenth of its length. */
  bendsFar: boolean;
}

/** Stiffness of a strip is so many times E·I/L³, and its strain so many times t·y/L². */
const CASE = {
  'one-end': { stiffness: 3, strain: 1.5 },
  'both-ends': { stiffness: 192, strain: 12 },
} as const;
/** Share of its length up to which the small-deflection formula holds within some percent. */
const FAR = 0.1;

/** What bends a strip of some thickness as far as it is to, N: it grows with the cube of the thickness. */
export function stripForceN(i: FlexStripInput, thicknessMm: number): number {
  const inertia = (i.widthMm * thicknessMm ** 3) / 12;
  return (CASE[i.held].stiffness * i.modulusMPa * inertia * i.bendMm) / i.lengthMm ** 3;
}

/** The thickness of a strip that bends as far as is wanted under a force, and the whole lines next to it. */
export function flexStrip(i: FlexStripInput): FlexStripResult {
  const { stiffness, strain } = CASE[i.held];
  const thicknessMm = Math.cbrt(
    (12 * i.forceN * i.lengthMm ** 3) / (stiffness * i.modulusMPa * i.widthMm * i.bendMm),
  );
  const fewer = Math.max(1, Math.floor(thicknessMm / i.lineMm));
  return {
    thicknessMm,
    strainPct: (100 * strain * thicknessMm * i.bendMm) / i.lengthMm ** 2,
    walls: [fewer, fewer + 1].map(lines => {
      const t = lines * i.lineMm;
      return { lines, thicknessMm: t, forceN: stripForceN(i, t) };
    }),
    bendsFar: i.bendMm > FAR * i.lengthMm,
  };
}

/** `flex.strip`: how thick a springy strip is made. */
export const flexStripModel = model({
  id: 'flex.strip',
  title: 'How thick a springy strip is',
  source:
    'Euler and Bernoulli: k = 3·E·I/L³ held at one end, 192·E·I/L³ held at both and pressed in the middle, ' +
    'I = b·t³/12; twice as thick is eight times as stiff',
  validity: 'Bends of up to a tenth of the length; printed flat, so that it bends along its layers.',
  Input: FlexStripInput,
  compute(i: FlexStripInput) {
    const result = flexStrip(i);
    const { stiffness, strain } = CASE[i.held];
    return {
      result,
      warnings: result.bendsFar
        ? ['It bends by more than a tenth of its length: it is stiffer than this says. Try it.']
        : [],
      steps: [
        step(
          't',
          `∛(12·F·L³/(${stiffness}·E·b·y))`,
          `∛(12 × ${sig(i.forceN)} × ${sig(i.lengthMm)}³ / (${stiffness} × ${sig(i.modulusMPa)} × ` +
            `${sig(i.widthMm)} × ${sig(i.bendMm)}))`,
          result.thicknessMm,
          'mm',
        ),
        step(
          'ε',
          `${strain}·t·y/L²`,
          `100 × ${strain} × ${sig(result.thicknessMm)} × ${sig(i.bendMm)} / ${sig(i.lengthMm)}²`,
          result.strainPct,
          '%',
        ),
      ],
    };
  },
});
