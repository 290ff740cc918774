import type { Grade, GradeValue } from '../materials/grade.js';
import { typical, type Family } from '../materials/family.js';
import { shrunk, type GroupMean } from '../lib/shrink.js';
import { MakersShrinkInput } from '../models/makers-shrink.js';

/** How strong a family's filaments were measured to be here, beside what the library says of it. */
export interface ProposedStrength {
  /** What the family's strength would be multiplied by. */
  factor: number;
  /** In 95 of 100 the factor lies between these. */
  low: number;
  high: number;
  /** The grades that were measured. */
  grades: Pick<Grade, 'key' | 'name'>[];
  /** What `makers.shrink` was given: logarithms of measured over library. */
  inputs: MakersShrinkInput;
}

/** How far makers of a plastic differ in strength, and a family from its figures beforehand, in ln; estimates. */
const MAKERS_LN = { between: 0.12, beforehand: 0.1 };
/** A mean of bars that were pulled is not known closer than this, in ln; an estimate. */
const LEAST_SE = 0.03;
/** A range with both its ends is two standard deviations to each side. */
const RANGE_SDS = 4;
/** Standard deviations from the middle of a 95 % interval to its end. */
const TO_END = 1.96;
/** Makers of whom each has to be measured before the family is spoken of: of one nobody knows what is his own. */
const FEWEST_GRADES = 2;
/** A factor nearer to one than this changes nothing worth asking about. */
const WORTH_ASKING = 0.02;

/**
 * What a workshop's measured grades say of their family's strength: it moves only as far as several makers agree, while
 * each grade keeps what was measured of it. Null for fewer than two measured grades, or where nothing would change.
 * @param grades of any family; those put away do not count
 */
export function proposedStrength(family: Family, grades: readonly Grade[]): ProposedStrength | null {
  const measured = grades.filter(g => g.family === family.key && !g.archived && g.measured.yieldMPa);
  if (measured.length < FEWEST_GRADES) return null;
  const library = typical(family, 'yieldMPa');
  const inputs = Object.assign(new MakersShrinkInput(), {
    groups: measured.map(g => logRatio(g.measured.yieldMPa!, library)),
    between: MAKERS_LN.between,
    priorMean: 0,
    priorSd: MAKERS_LN.beforehand,
  });
  const { mean, sd } = shrunk(inputs.groups, inputs.between, { mean: 0, sd: inputs.priorSd }).overall;
  const factor = Math.round(100 * Math.exp(mean)) / 100;
  if (Math.abs(factor - 1) < WORTH_ASKING) return null;
  return {
    factor,
    low: Math.exp(mean - TO_END * sd),
    high: Math.exp(mean + TO_END * sd),
    grades: measured.map(({ key, name }) => ({ key, name })),
    inputs,
  };
}

function logRatio({ low, typical: middle, high }: GradeValue, library: number): GroupMean {
  const spread = low !== null && high !== null ? (high - low) / RANGE_SDS / middle : 0;
  return { mean: Math.log(middle / library), se: Math.max(LEAST_SE, spread) };
}
