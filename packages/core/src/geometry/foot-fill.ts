/** Heights over the plate up to which {@link footFill} tells how full a shape is, mm. */
export const FOOT_HEIGHTS_MM = [1, 2, 4, 8, 14, 20] as const;
/** A shape that spreads upwards is counted as this many times its footprint at most. */
const WIDEST = 2;

/**
 * How full a shape is over its own footprint, from the plate up to each of {@link FOOT_HEIGHTS_MM}: 1 a block, less an
 * open box, more what spreads upwards. Up to a height h the volume is ∫∫ Σ ± min(z, h) over the faces (divergence
 * theorem), which is exact for a closed shape.
 * @param heap nine coordinates a triangle, mm, facing outwards
 * @param lowMm the height it stands on
 * @param highMm the height it ends at
 * @param footprintMm2 area of its outline on the plate
 */
export function footFill(
  heap: Float32Array,
  lowMm: number,
  highMm: number,
  footprintMm2: number,
): number[] | null {
  if (!(footprintMm2 > 0)) return null;
  return FOOT_HEIGHTS_MM.map(h => {
    const height = Math.min(h, highMm - lowMm);
    return Math.min(WIDEST, Math.max(0, volumeBelow(heap, lowMm, height) / (height * footprintMm2)));
  });
}

function volumeBelow(heap: Float32Array, lowMm: number, height: number): number {
  let volume = 0;
  for (let i = 0; i < heap.length; i += 9) {
    const x0 = heap[i]!;
    const y0 = heap[i + 1]!;
    const signedArea =
      ((heap[i + 3]! - x0) * (heap[i + 7]! - y0) - (heap[i + 6]! - x0) * (heap[i + 4]! - y0)) / 2;
    if (signedArea === 0) continue;
    const z = [heap[i + 2]! - lowMm, heap[i + 5]! - lowMm, heap[i + 8]! - lowMm] as const;
    volume += signedArea * meanOfLesser(z, height);
  }
  return volume;
}

/** Mean of min(z, h) over a triangle with these corner heights. */
function meanOfLesser(z: readonly [number, number, number], h: number): number {
  const [low, middle, high] = [...z].sort((a, b) => a - b) as [number, number, number];
  const mean = (low + middle + high) / 3;
  if (high <= h) return mean;
  if (low >= h) return h;
  // One corner above: its tip is cut off; one below: all is cut but the tip under h. A tip's mean height is a third.
  if (middle <= h) return mean - (high - h) ** 3 / (3 * (high - low) * (high - middle));
  return h - (h - low) ** 3 / (3 * (middle - low) * (high - low));
}

/** How full it is up to a height, between the heights told. @param fill as {@link footFill} gives it */
export function footFillAt(fill: readonly number[], heightMm: number): number {
  const above = FOOT_HEIGHTS_MM.findIndex(h => h >= heightMm);
  if (above <= 0) return fill[above === 0 ? 0 : fill.length - 1]!;
  const from = FOOT_HEIGHTS_MM[above - 1]!;
  const share = (heightMm - from) / (FOOT_HEIGHTS_MM[above]! - from);
  return fill[above - 1]! + share * (fill[above]! - fill[above - 1]!);
}
