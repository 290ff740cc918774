import { Choice, Quantity } from '../input/fields.js';
import { colours, uvColourFactor, type Colour } from '../materials/colours.js';
import { model, step } from './model.js';
import { sig } from '../lib/figures.js';

/** Depth of the skin that ultraviolet light spoils, mm a side. */
export const UV_SKIN_MM = 0.25;

/** Input of `uv.retained`. */
export class UvRetainedInput {
  @Quantity({ min: 0, max: 1e6, unit: 'MJ/m²', doc: 'Ultraviolet dose, 295–385 nm.' }) doseMJm2!: number;
  @Quantity({
    min: 1,
    max: 1e6,
    unit: 'MJ/m²',
    doc: 'Dose at which half the toughness of an unpigmented light surface is left.',
  })
  halfDoseMJm2!: number;
  @Choice(colours, {
    optional: true,
    doc: 'Colour: black 3, dark 1.6, mid 1.3, light 1, white 1.2, clear 0.7; default light.',
  })
  colour: Colour = 'light';
  @Quantity({
    min: 0.1,
    max: 1000,
    unit: 'mm',
    optional: true,
    nullable: true,
    doc: 'Wall thickness; when given, the share that the whole section keeps is told as well.',
  })
  wallMm: number | null = null;
  @Quantity({
    min: 0,
    max: 1e5,
    unit: 'MJ/m²',
    optional: true,
    nullable: true,
    doc: 'Dose in a year; when given, years until half is told as well.',
  })
  doseAYearMJm2: number | null = null;
}

/** Result of `uv.retained`. `retained` is the surface's share; `sectionRetained` that of the whole wall. */
export interface UvRetainedResult {
  retained: number;
  sectionRetained: number | null;
  yearsToHalf: number | null;
}

/** Share of properties that a surface keeps after a dose: 0.5^(dose/(H50·colour)). */
export function uvRetainedShare(doseMJm2: number, halfDoseMJm2: number, colour: Colour): number {
  return 0.5 ** (doseMJm2 / (halfDoseMJm2 * uvColourFactor[colour]));
}

/** Share that a wall keeps when only its skin is lost. */
export function uvSectionShare(surface: number, wallMm: number): number {
  return 1 - (1 - surface) * Math.min(1, (2 * UV_SKIN_MM) / wallMm);
}

/** Years until the surface keeps half, at a yearly dose. Infinity without sun. */
export function uvYearsToHalf(doseAYearMJm2: number, halfDoseMJm2: number, colour: Colour): number {
  return doseAYearMJm2 > 0 ? (halfDoseMJm2 * uvColourFactor[colour]) / doseAYearMJm2 : Infinity;
}

/** `uv.retained`: what is left after a dose of ultraviolet light. */
export const uvRetained = model({
  id: 'uv.retained',
  title: 'Share of properties kept after ultraviolet light',
  source:
    'First-order loss by dose; half-doses are estimates from outdoor and xenon-arc ageing ' +
    'literature; pigment factors typical',
  validity: 'Surface toughness of unstabilised grades; stabilised ones last longer, thin films shorter.',
  Input: UvRetainedInput,
  compute(i: UvRetainedInput) {
    const retained = uvRetainedShare(i.doseMJm2, i.halfDoseMJm2, i.colour);
    const c = uvColourFactor[i.colour];
    const steps = [
      step('c', 'colour factor', i.colour, c, ''),
      step(
        'r',
        '0.5^(D/(H₅₀·c))',
        `0.5^(${sig(i.doseMJm2)} / (${sig(i.halfDoseMJm2)} × ${c}))`,
        retained,
        '',
      ),
    ];
    const result: UvRetainedResult = { retained, sectionRetained: null, yearsToHalf: null };
    if (i.wallMm !== null) {
      result.sectionRetained = uvSectionShare(retained, i.wallMm);
      steps.push(
        step(
          'r_section',
          '1 − (1 − r)·min(1, 0.5/t)',
          `1 − (1 − ${sig(retained)}) × min(1, 0.5/${sig(i.wallMm)})`,
          result.sectionRetained,
          '',
        ),
      );
    }
    if (i.doseAYearMJm2) {
      result.yearsToHalf = uvYearsToHalf(i.doseAYearMJm2, i.halfDoseMJm2, i.colour);
      steps.push(
        step(
          't½',
          'H₅₀·c/D_year',
          `${sig(i.halfDoseMJm2)} × ${c} / ${sig(i.doseAYearMJm2)}`,
          result.yearsToHalf,
          'years',
        ),
      );
    }
    return {
      result,
      steps,
      warnings: retained < 0.1 ? ['Little is left: chalking and cracks make the figure a formality.'] : [],
    };
  },
});
