import {
  printedSection,
  printedSectionAxial,
  type SectionPrintedInput,
  type SectionPrintedResult,
} from '../models/section-printed.js';
import { bodyThicknessMm } from './solid-fraction.js';
import type { Brief } from './brief.js';
import type { BriefLoad } from './brief-load.js';

/** How a loaded member is printed, and what that leaves of it. */
export interface PrintedMember {
  input: SectionPrintedInput;
  ratios: SectionPrintedResult;
}

/** Width taken for a wall that has only a thickness: its edges do not matter, mm. */
const WIDE_MM = 2000;

/**
 * A section as the brief's print settings make it. Lying, its sides are walls and its top and bottom solid
 * layers; upright (the load pulls the layers apart), walls run all round it.
 */
export function sectionAsPrinted(
  { print }: Pick<Brief, 'print'>,
  widthMm: number,
  heightMm: number,
  upright: boolean,
): SectionPrintedInput {
  const wallsMm = print.walls * print.lineMm;
  return {
    widthMm,
    heightMm,
    walls: print.walls,
    lineMm: print.lineMm,
    topBottomMm: upright ? wallsMm : ((print.topLayers + print.bottomLayers) / 2) * print.layerMm,
    infill: print.infill,
    pattern: print.pattern,
  };
}

/** A wall of the part that has no section of its own: half of such walls stand, half lie. */
function wallAsPrinted(brief: Brief): SectionPrintedInput {
  const { print } = brief;
  const lyingMm = ((print.topLayers + print.bottomLayers) / 2) * print.layerMm;
  const section = sectionAsPrinted(brief, WIDE_MM, bodyThicknessMm(brief), false);
  return { ...section, topBottomMm: (print.walls * print.lineMm + lyingMm) / 2 };
}

/** What printing leaves of a wall of the part, bent: for a part of which nothing is asked in particular. */
export function wallMember(brief: Brief): PrintedMember {
  const input = wallAsPrinted(brief);
  return { input, ratios: printedSection(input) };
}

/** What printing leaves of the member that a load bears on; null where the load is a strain or an energy. */
export function printedMember(brief: Brief, load: BriefLoad): PrintedMember | null {
  const width = load.widthMm ?? 0;
  const height = load.heightMm ?? 0;
  /** A section as it stands; standing up, never better than lying: a load that opens the layers gains nothing by it. */
  const as = (
    b: number,
    h: number,
    ratiosOf: (i: SectionPrintedInput) => SectionPrintedResult,
  ): PrintedMember => {
    const lying = sectionAsPrinted(brief, b, h, false);
    if (!load.acrossLayers) return { input: lying, ratios: ratiosOf(lying) };
    const upright = sectionAsPrinted(brief, b, h, true);
    const up = ratiosOf(upright);
    const flat = ratiosOf(lying);
    return {
      input: up.strengthRatio <= flat.strengthRatio ? upright : lying,
      ratios: {
        strengthRatio: Math.min(up.strengthRatio, flat.strengthRatio),
        stiffnessRatio: Math.min(up.stiffnessRatio, flat.stiffnessRatio),
        massRatio: up.massRatio,
      },
    };
  };
  switch (load.case) {
    case 'snap-fit':
    case 'drop':
      return null;
    case 'insert':
      // What is printed around it is in its own working.
      return null;
    case 'direct-stress':
    case 'clamp': {
      const input = wallAsPrinted(brief);
      return { input, ratios: printedSectionAxial(input) };
    }
    case 'tension':
      return as(width, height, printedSectionAxial);
    case 'compression': {
      // Crushed by area; it buckles about its thinner side.
      const crushed = (i: SectionPrintedInput): SectionPrintedResult => ({
        ...printedSectionAxial(i),
        stiffnessRatio: printedSection(i).stiffnessRatio,
      });
      return as(Math.max(width, height), Math.min(width, height), crushed);
    }
    default:
      return as(width, height, printedSection);
  }
}
