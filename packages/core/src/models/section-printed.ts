import { Quantity } from '../input/fields.js';
import { model, step } from './model.js';
import { sig } from '../lib/figures.js';

/** Input of `section.printed`: a rectangular bar printed with a solid skin on an infilled core. */
export class SectionPrintedInput {
  @Quantity({ min: 0.4, max: 1000, unit: 'mm', doc: 'Section width.' }) widthMm!: number;
  @Quantity({ min: 0.2, max: 1000, unit: 'mm', doc: 'Section height, in the direction of bending.' })
  heightMm!: number;
  @Quantity({ min: 0, max: 100, optional: true, doc: 'Walls (perimeters); default 3.' }) walls = 3;
  @Quantity({ min: 0.1, max: 2, unit: 'mm', optional: true, doc: 'Line width; default 0.45.' }) lineMm = 0.45;
  @Quantity({ min: 0, max: 500, unit: 'mm', optional: true, doc: 'Solid top and bottom, each; default 0.8.' })
  topBottomMm = 0.8;
  @Quantity({ min: 0, max: 1, optional: true, doc: 'Infill share φ of the core; default 0.2.' }) infill = 0.2;
}

/** Result of `section.printed`: the printed section over a solid one. */
export interface SectionPrintedResult {
  stiffnessRatio: number;
  strengthRatio: number;
  massRatio: number;
}

/**
 * Effective bending section: solid skin on a core of modulus E·φ² (Gibson and Ashby, bending-dominated
 * cells), by parallel axes.
 */
export function printedSection(i: SectionPrintedInput): SectionPrintedResult {
  const { widthMm: b, heightMm: h } = i;
  const bi = Math.max(0, b - 2 * i.walls * i.lineMm);
  const hi = Math.max(0, h - 2 * i.topBottomMm);
  const core = bi > 0 && hi > 0;
  const share = core ? (bi * hi ** 3) / (b * h ** 3) : 0;
  const stiffnessRatio = 1 - share * (1 - i.infill ** 2);
  // The outermost fibre is skin and yields first, so at equal moment strength follows stiffness.
  const skinned = i.topBottomMm > 0 || i.walls > 0;
  const strengthRatio = skinned ? stiffnessRatio : i.infill ** 1.5;
  const massRatio = 1 - (core ? (bi * hi) / (b * h) : 0) * (1 - i.infill);
  return { stiffnessRatio, strengthRatio, massRatio };
}

/** One way to print a member, with what it buys and what it costs. */
export interface SectionChoice {
  label: string;
  input: SectionPrintedInput;
  result: SectionPrintedResult;
  massG: number;
  minutes: number;
}

/** Walls and infill that slicers start from. */
const usual = { walls: 3, lineMm: 0.45, topBottomMm: 0.8, infill: 0.2 };

/**
 * The usual print of a rectangular member against two walls more, twice the infill, and solid.
 * @param flowMm3s the flow at which it prints: its minutes are volume over flow
 */
export function sectionChoices(
  lengthMm: number,
  widthMm: number,
  heightMm: number,
  densityGcm3: number,
  flowMm3s: number,
): SectionChoice[] {
  const variants = [
    ['as usual: 3 walls, 20 % infill', usual],
    ['two walls more', { ...usual, walls: 5 }],
    ['twice the infill', { ...usual, infill: 0.4 }],
    ['solid', { ...usual, infill: 1 }],
  ] as const;
  return variants.map(([label, change]) => {
    const input: SectionPrintedInput = { widthMm, heightMm, ...change };
    const result = printedSection(input);
    const volumeMm3 = lengthMm * widthMm * heightMm * result.massRatio;
    return {
      label,
      input,
      result,
      massG: (volumeMm3 / 1000) * densityGcm3,
      minutes: volumeMm3 / flowMm3s / 60,
    };
  });
}

/** `section.printed`: what walls and infill make of a section. */
export const sectionPrinted = model({
  id: 'section.printed',
  title: 'Printed section against a solid one',
  source:
    'Solid skin on a cellular core, E_core = E·φ² (Gibson and Ashby, Cellular Solids); symmetric ' +
    'section, parallel axes',
  validity: 'Symmetric rectangular sections, infill up to solid; thin skins may wrinkle first.',
  Input: SectionPrintedInput,
  compute(i: SectionPrintedInput) {
    const result = printedSection(i);
    const bi = Math.max(0, i.widthMm - 2 * i.walls * i.lineMm);
    const hi = Math.max(0, i.heightMm - 2 * i.topBottomMm);
    return {
      result,
      warnings: bi === 0 || hi === 0 ? ['The skins meet: the section is solid whatever the infill.'] : [],
      steps: [
        step('core', '(b − 2·n·w) × (h − 2·t)', `${sig(bi)} × ${sig(hi)} mm`, bi * hi, 'mm²'),
        step('EI/EI₀', '1 − (b_i·h_i³/(b·h³))·(1 − φ²)', `φ = ${sig(i.infill)}`, result.stiffnessRatio, ''),
        step('W/W₀', 'outer fibre is skin: as EI/EI₀', '', result.strengthRatio, ''),
        step('m/m₀', '1 − (b_i·h_i/(b·h))·(1 − φ)', `φ = ${sig(i.infill)}`, result.massRatio, ''),
      ],
    };
  },
});
