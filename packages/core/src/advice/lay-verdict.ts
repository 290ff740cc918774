import type { Brief } from '../brief/brief.js';
import type { LaidShape } from '../brief/laid.js';
import type { Candidate } from '../score/candidate.js';

/** A shape as it can be laid, with what the eye sees of it. */
export interface ShapeLay extends LaidShape {
  steady: boolean;
  /** Whether the shape encloses a volume; where it does not, mass, time and price are a guess. */
  closed?: boolean;
  /** What the eye sees; null where only sizes are known. */
  look: { surfaceMm2: number; steppedMm2: number; scarMm2: number } | null;
}

/** One way to lay a part in one filament on one printer: what it costs and what it gains. */
export interface LayVerdict {
  /** Which of the lays that were asked about. */
  index: number;
  lay: ShapeLay;
  brief: Brief;
  candidate: Candidate;
  /** Whether it is as the brief has it now. */
  current: boolean;
  /** Whether it fits the build volume. */
  fits: boolean;
  bowMm: number;
  /** Share of the surface that supports mark or that shows its layers as steps. */
  roughShare: number;
  /** Loads that pull the layers apart, by their place in the brief. */
  across: number[];
  /** Best is 1. */
  rank: number;
  for: string[];
  against: string[];
}
