import { outlineArea, sectionAt, type Outline } from './section.js';

/** Where the outline on the plate is taken, above the lowest point, mm. */
const OUTLINE_MM = 0.1;

/**
 * The outline that a shape stands on the plate with: its section a tenth of a millimetre up.
 * @param gridMm how far corners that are meant to be one may lie apart
 */
export function plateOutline(
  heap: Float32Array,
  { lowMm, highMm }: { lowMm: readonly number[]; highMm: readonly number[] },
  gridMm = 0,
): Outline[] {
  const low = lowMm[2]!;
  return sectionAt(heap, low + Math.min(OUTLINE_MM, (highMm[2]! - low) / 2), gridMm);
}

/** What outlines enclose together, holes left out, mm². */
export function outlinesMm2(outlines: readonly Outline[]): number {
  return Math.abs(outlines.reduce((sum, o) => sum + outlineArea(o), 0));
}
