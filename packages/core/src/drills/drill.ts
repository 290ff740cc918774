import type { WorkingRef } from '../brief/conditions.js';

/** What may be drilled, the simplest first. */
export const drillKinds = [
  'unit-trap',
  'half-depth',
  'part-temperature',
  'durometer',
  'dry-it',
  'walls-or-infill',
  'proof',
  'first-gate',
  'first-filament',
  'lift',
  'cheapest-test',
  'caution',
] as const;
/** What may be drilled. */
export type DrillKind = (typeof drillKinds)[number];

/** Kinds of drill as they are called. */
export const drillNames: Record<DrillKind, string> = {
  'unit-trap': 'Fahrenheit or Celsius',
  'half-depth': 'How soft is half the depth',
  'part-temperature': 'What the part reaches',
  durometer: 'Read the durometer',
  'dry-it': 'Dry it or not',
  'walls-or-infill': 'Walls or infill',
  proof: 'What a row of survivors proves',
  'first-gate': 'Which requirement fails',
  'first-filament': 'Which filament first',
  lift: 'Will it lift, and what helps',
  'cheapest-test': 'The cheapest telling test',
  caution: 'Spot the caution',
};

/** A room where what was asked can be felt. */
export type DrillLab = 'brief' | 'rank' | 'warp' | 'bench' | 'shelf' | 'service' | 'fix' | 'card' | 'library';

/** One drill: a question whose answer a model gives. */
export interface Drill {
  kind: DrillKind;
  /** The same seed and kind give the same drill everywhere. */
  seed: number;
  question: string;
  /** What is given, a line each. */
  given: string[];
  options: string[];
  /** The place of the right one among them. */
  right: number;
  /** What the answer is and why, in sentences. */
  why: string;
  /** How far the next answer is off, and how far it would have to be to be taken for right. */
  margin: DrillMargin;
  /** The computations that the answer comes from. */
  refs: WorkingRef[];
  lab: DrillLab;
}

/** How clearly the right answer is right: `off` is never less than `tolerance`. */
export interface DrillMargin {
  what: string;
  off: number;
  tolerance: number;
  unit: string;
}

/** A drill as its kind makes it. */
export type DrillDraft = Omit<Drill, 'kind' | 'seed'>;
