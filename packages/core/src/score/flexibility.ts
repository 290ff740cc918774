import type { Brief } from '../brief/brief.js';
import { hardnessWanted } from '../brief/hardness.js';
import type { FamilyFlags } from '../materials/family.js';

/**
 * Modulus under which a part is not rigid, and over which it surely is (semi-rigid lies below 700 MPa in
 * ASTM D883).
 */
export const RIGID_MPA = { fail: 400, comfortable: 700 };
/** Modulus under which the leaves beside a hinge are floppy too. */
export const FLOPPY_MPA = 500;

/** Folds that a thin web lasts, as a power of ten. */
const FOLDS = { no: 0, short: 3.5, lasting: 6 };
/** Folds credited to a hinge whose leaves are floppy too: what folds because all of it does is half an answer. */
const FLOPPY_FOLDS = 2;
/** How far from the wanted hardness a plastic counts that is harder than the scale. */
const OFF_SCALE = 100;

/** What flexibility is read from: properties of a family, or of one draw of it. */
export interface FlexSource {
  modulusMPa: number;
  strainRepeatedPct: number;
  shoreA: number | null;
  hinge: FamilyFlags['hinge'];
}

/** Folds as a power of ten under which a hinge is none, and from which it is one for good. */
export const HINGE_FOLDS = { fail: 1, comfortable: 5 };

/** Folds that a web lasts, as a power of ten. */
export function hingeFolds(hinge: FamilyFlags['hinge'], floppy: boolean): number {
  return floppy ? FLOPPY_FOLDS : FOLDS[hinge];
}

/**
 * The number that decides flexibility: modulus in MPa, repeated strain in %, log₁₀ of folds, or points of
 * Shore A from the middle.
 */
export function flexReading(brief: Brief, f: FlexSource): number {
  const floppy = f.modulusMPa < FLOPPY_MPA;
  switch (brief.flex.want) {
    case 'rigid':
      return f.modulusMPa;
    case 'springy':
      return floppy ? 0 : f.strainRepeatedPct;
    case 'hinge':
      return hingeFolds(f.hinge, floppy);
    case 'rubbery': {
      const [low, high] = hardnessWanted(brief);
      return f.shoreA === null ? OFF_SCALE : Math.abs(f.shoreA - (low + high) / 2);
    }
  }
}
