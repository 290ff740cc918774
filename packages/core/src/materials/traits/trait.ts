import type { Family } from '../family.js';

/** Something that a filament does or is, as people ask for it. */
export interface Trait {
  id: string;
  /** What it is called. */
  label: string;
  /** What has to hold for it, in a sentence with its figures. */
  means: string;
  /** What else people call it; lower case. */
  also: readonly string[];
  /** Whether a filament has it, at its typical values. */
  of: (f: Family) => boolean;
}
