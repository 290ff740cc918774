import { Choice, Quantity } from '../input/fields.js';
import { coreShare, infillPatterns, patternRules, type InfillPattern } from './infill-pattern.js';
import { model, step } from './model.js';
import { sig } from '../lib/figures.js';

/** Input of `section.printed`: a rectangular bar printed with a solid skin on an infilled core. */
export class SectionPrintedInput {
  @Quantity({ min: 0.1, max: 2000, unit: 'mm', doc: 'Section width.' }) widthMm!: number;
  @Quantity({ min: 0.1, max: 2000, unit: 'mm', doc: 'Section height, in the direction of bending.' })
  heightMm!: number;
  @Quantity({ min: 0, max: 100, optional: true, doc: 'Walls (perimeters); default 3.' }) walls = 3;
  @Quantity({ min: 0.1, max: 2, unit: 'mm', optional: true, doc: 'Line width; default 0.45.' }) lineMm = 0.45;
  @Quantity({ min: 0, max: 500, unit: 'mm', optional: true, doc: 'Solid top and bottom, each; default 0.8.' })
  topBottomMm = 0.8;
  @Quantity({ min: 0, max: 1, optional: true, doc: 'Infill share φ of the core; default 0.2.' }) infill = 0.2;
  @Choice(infillPatterns, { optional: true, doc: 'Infill pattern; default grid.' })
  pattern: InfillPattern = 'grid';
}

/** Result of `section.printed`: the printed section over a solid one. */
export interface SectionPrintedResult {
  stiffnessRatio: number;
  strengthRatio: number;
  massRatio: number;
}

/** Strength of a cellular core over that of its plastic is φ to this power (Gibson and Ashby). */
const CORE_STRENGTH_EXPONENT = 1.5;

/** The core that a printed section's skin leaves, mm; 0 where the skins meet. */
function coreOf(i: SectionPrintedInput): { b: number; h: number } {
  return {
    b: Math.max(0, i.widthMm - 2 * i.walls * i.lineMm),
    h: Math.max(0, i.heightMm - 2 * i.topBottomMm),
  };
}

/** What is left of the core's modulus and strength, as shares of its plastic's. */
export function coreLeft(i: Pick<SectionPrintedInput, 'infill' | 'pattern'>): {
  share: number;
  modulus: number;
  strength: number;
} {
  const share = coreShare(i.infill, i.pattern);
  return {
    share,
    modulus: share ** patternRules[i.pattern].exponent,
    strength: share ** CORE_STRENGTH_EXPONENT,
  };
}

/**
 * A printed section in bending, over a solid one: a solid skin on a core of modulus E·φⁿ and strength
 * σ·φ^1.5. The skin holds its yield until the core yields.
 */
export function printedSection(i: SectionPrintedInput): SectionPrintedResult {
  const { widthMm: b, heightMm: h } = i;
  const inner = coreOf(i);
  const left = coreLeft(i);
  const bending = (inner.b * inner.h ** 3) / (b * h ** 3);
  const yielding = (inner.b * inner.h ** 2) / (b * h ** 2);
  return {
    stiffnessRatio: 1 - bending * (1 - left.modulus),
    strengthRatio: Math.min(1, 1 - bending + left.strength * yielding),
    massRatio: 1 - ((inner.b * inner.h) / (b * h)) * (1 - left.share),
  };
}

/** The same section pulled or pushed along its length: skin and core side by side, by area. */
export function printedSectionAxial(i: SectionPrintedInput): SectionPrintedResult {
  const inner = coreOf(i);
  const left = coreLeft(i);
  const area = (inner.b * inner.h) / (i.widthMm * i.heightMm);
  return {
    stiffnessRatio: 1 - area * (1 - left.modulus),
    strengthRatio: 1 - area * (1 - left.strength),
    massRatio: 1 - area * (1 - left.share),
  };
}

/** One way to print a member, with what it buys and what it costs. */
export interface SectionChoice {
  label: string;
  input: SectionPrintedInput;
  result: SectionPrintedResult;
  massG: number;
  minutes: number;
}

/**
 * A printed member as its brief has it against two walls more, twice the infill, and solid.
 * @param section the member as it is to be printed
 * @param flowMm3s the flow at which it prints: its minutes are volume over flow
 */
export function sectionChoices(
  section: SectionPrintedInput,
  lengthMm: number,
  densityGcm3: number,
  flowMm3s: number,
): SectionChoice[] {
  const percent = Math.round(100 * coreShare(section.infill, section.pattern));
  const variants: [string, Partial<SectionPrintedInput>][] = [
    [`as said: ${section.walls} walls, ${percent} % infill`, {}],
    ['two walls more', { walls: section.walls + 2 }],
    ['twice the infill', { infill: Math.min(1, 2 * section.infill) }],
    ['solid', { pattern: 'solid' }],
  ];
  return variants.map(([label, change]) => {
    const input: SectionPrintedInput = { ...section, ...change };
    const result = printedSection(input);
    const volumeMm3 = lengthMm * input.widthMm * input.heightMm * result.massRatio;
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
    'Solid skin on a cellular core: E_core = E·φⁿ, σ_core = σ·φ^1.5 (Gibson and Ashby, Cellular Solids); ' +
    'symmetric section, parallel axes; the skin holds its yield until the core yields',
  validity: 'Symmetric rectangular sections, infill up to solid; thin skins may wrinkle first.',
  Input: SectionPrintedInput,
  compute(i: SectionPrintedInput) {
    const result = printedSection(i);
    const inner = coreOf(i);
    const left = coreLeft(i);
    const met = inner.b === 0 || inner.h === 0;
    const rule = patternRules[i.pattern];
    return {
      result,
      warnings: met ? ['The skins meet: the section is solid whatever the infill.'] : [],
      steps: [
        step(
          'b_i',
          'b − 2·walls·line',
          `${sig(i.widthMm)} − 2 × ${sig(i.walls)} × ${sig(i.lineMm)}`,
          inner.b,
          'mm',
        ),
        step('h_i', 'h − 2·t', `${sig(i.heightMm)} − 2 × ${sig(i.topBottomMm)}`, inner.h, 'mm'),
        step('φⁿ', rule.why, `${sig(left.share)}^${rule.exponent}`, left.modulus, ''),
        step(
          'EI/EI₀',
          '1 − (b_i·h_i³/(b·h³))·(1 − φⁿ)',
          `1 − ${sig((inner.b * inner.h ** 3) / (i.widthMm * i.heightMm ** 3))} × (1 − ${sig(left.modulus)})`,
          result.stiffnessRatio,
          '',
        ),
        step(
          'M/M₀',
          'min(1, 1 − b_i·h_i³/(b·h³) + φ^1.5·b_i·h_i²/(b·h²))',
          `φ^1.5 = ${sig(left.strength)}`,
          result.strengthRatio,
          '',
        ),
        step(
          'm/m₀',
          '1 − (b_i·h_i/(b·h))·(1 − φ)',
          `1 − ${sig((inner.b * inner.h) / (i.widthMm * i.heightMm))} × (1 − ${sig(left.share)})`,
          result.massRatio,
          '',
        ),
      ],
    };
  },
});
