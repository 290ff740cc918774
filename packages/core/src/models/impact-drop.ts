import { ramp } from '../lib/between.js';
import { InputError } from '../input/parse.js';
import { Quantity } from '../input/fields.js';
import { model, step, type Step } from './model.js';
import { sig } from '../lib/figures.js';

/** Limits of an impact value. */
const TOUGHNESS = { min: 0, max: 1000, unit: 'kJ/m²', optional: true, nullable: true };

const SECTION = { min: 0.1, max: 1e4, unit: 'mm', optional: true, nullable: true };

/** Input of `impact.drop`. */
export class ImpactDropInput {
  @Quantity({ min: 0, max: 1e5, unit: 'J', doc: 'Energy of the knock.' }) energyJ!: number;
  @Quantity({ ...SECTION, doc: 'Width of the weak section; needed unless perMm2 is given.' })
  widthMm: number | null = null;
  @Quantity({ ...SECTION, doc: 'Height of the weak section; needed unless perMm2 is given.' })
  heightMm: number | null = null;
  @Quantity({
    min: 0,
    max: 1e6,
    unit: '1/mm²',
    optional: true,
    nullable: true,
    doc: 'Share of a blow at the weakest place of a shape, by stress.field, in place of a section; default null.',
  })
  perMm2: number | null = null;
  @Quantity({
    min: 0,
    max: 1,
    optional: true,
    doc: 'Share of the energy that reaches the section; default 0.15, the rest goes into rebound and bending.',
  })
  share = 0.15;
  @Quantity({ ...TOUGHNESS, doc: 'Notched impact at the temperature of the knock; default null: not known.' })
  notchedKJm2: number | null = null;
  @Quantity({ ...TOUGHNESS, doc: 'Unnotched impact; default null: not known.' })
  unnotchedKJm2: number | null = null;
  @Quantity({
    min: 0,
    max: 1,
    optional: true,
    doc: 'How far the weak section is a notch: 1 a sharp inner corner, 0.4 round ones; default 0.7, not known.',
  })
  notchWeight = 0.7;
}

/** Result of `impact.drop`; the toughness only where both impact values are known. */
export interface ImpactDropResult {
  severityKJm2: number;
  toughnessKJm2?: number;
}

/** Energy per area of the weak section, kJ/m² (J over mm², times 1000). */
export function impactSeverityKJm2(energyJ: number, widthMm: number, heightMm: number, share = 0.15): number {
  return ((share * energyJ) / (widthMm * heightMm)) * 1000;
}

/**
 * The same where a shape was worked out: by how much of a blow its weakest place takes, kJ/m².
 * @param perMm2 see `knockPerMm2` of the field: 1/(b·h) for the bar of an impact test
 */
export function shapeSeverityKJm2(energyJ: number, perMm2: number, share = 0.15): number {
  return share * energyJ * perMm2 * 1000;
}

/** How cold it is, as far as impact is known: 0 at 23 °C and above, 1 at −30 °C and below. */
export function coldness(temperatureC: number): number {
  return ramp(temperatureC, 23, -30);
}

/** Notched impact at a temperature, linear between −30 and 23 °C and flat outside. */
export function charpyAtKJm2(atMinus30: number, at23: number, temperatureC: number): number {
  return at23 + (atMinus30 - at23) * coldness(temperatureC);
}

/** How far a part is notched whose inner corners nobody has named, and one whose are all round. */
const NOTCH = { unsaid: 0.7, round: 0.4 };
/** The radius from which an inner corner is round, mm. */
const ROUND_MM = 2;

/**
 * How far the weak section acts as a notch, 0 to 1: wholly where the blow opens the layers or meets a sharp inner
 * corner, and for everything at −30 °C, for cold makes plastics notch-sensitive; less in the warm and the round.
 * @param innerRadiusMm the least radius of the inner corners, mm; null where nobody has said
 */
export function notchWeight(
  innerRadiusMm: number | null,
  temperatureC: number,
  acrossLayers: boolean,
): number {
  if (acrossLayers) return 1;
  const warm =
    innerRadiusMm === null ? NOTCH.unsaid : 1 - (1 - NOTCH.round) * ramp(innerRadiusMm, 0, ROUND_MM);
  return warm + (1 - warm) * coldness(temperatureC);
}

/** What a section takes that is a notch in part, kJ/m²: notched^w · unnotched^(1 − w). */
export function knockToughnessKJm2(notchedKJm2: number, unnotchedKJm2: number, weight: number): number {
  return notchedKJm2 ** weight * Math.max(notchedKJm2, unnotchedKJm2) ** (1 - weight);
}

/** The section that is struck. @throws InputError where it is not all there */
function sectionOf({ widthMm, heightMm }: ImpactDropInput): { widthMm: number; heightMm: number } {
  if (widthMm !== null && heightMm !== null) return { widthMm, heightMm };
  throw new InputError([
    {
      field: widthMm === null ? 'widthMm' : 'heightMm',
      value: null,
      message: 'is needed unless perMm2 is given',
    },
  ]);
}

/** `impact.drop`: severity of a knock at the weak section. */
export const impactDrop = model({
  id: 'impact.drop',
  title: 'Severity of a knock at the weak section',
  source:
    'Energy per ligament area, against notched and unnotched Charpy (ISO 179-1eA and 1eU) weighed by how far the ' +
    'section is a notch; the share and the weights are estimates',
  validity: 'Blunt knocks; sharp ones are worse.',
  Input: ImpactDropInput,
  compute(i: ImpactDropInput) {
    const { perMm2 } = i;
    const bar = perMm2 === null ? sectionOf(i) : null;
    const severityKJm2 = bar
      ? impactSeverityKJm2(i.energyJ, bar.widthMm, bar.heightMm, i.share)
      : shapeSeverityKJm2(i.energyJ, perMm2 ?? 0, i.share);
    const result: ImpactDropResult = { severityKJm2 };
    const { notchedKJm2, unnotchedKJm2, notchWeight: w } = i;
    const bears: Step[] = [];
    if (notchedKJm2 !== null && unnotchedKJm2 !== null) {
      result.toughnessKJm2 = knockToughnessKJm2(notchedKJm2, unnotchedKJm2, w);
      bears.push(
        step(
          'C',
          'notched^w · unnotched^(1 − w)',
          `${sig(notchedKJm2)}^${sig(w)} × ${sig(unnotchedKJm2)}^${sig(1 - w)}`,
          result.toughnessKJm2,
          'kJ/m²',
        ),
      );
    }
    return {
      result,
      warnings: [],
      steps: [
        step(
          'severity',
          bar ? 'share·E/(b·h)' : 'share·E·(w/U)·(62 mm/9)',
          bar
            ? `${sig(i.share)} × ${sig(i.energyJ)} J / (${sig(bar.widthMm)} × ${sig(bar.heightMm)} mm²)`
            : `${sig(i.share)} × ${sig(i.energyJ)} J × ${sig(perMm2 ?? 0)} 1/mm²`,
          severityKJm2,
          'kJ/m²',
        ),
        ...bears,
      ],
    };
  },
});
