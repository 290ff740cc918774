/** A face this far above the plate or less lies on it, mm. */
const ON_PLATE_MM = 0.05;
/** How far a face may lean from upright before it hangs, deg. */
export const HANGS_DEG = 45;
/** A face that leans by just as much does not hang. */
const GRAIN = 1e-6;

/** The sine from which on a face hangs. */
export function hangingSine(limitDeg = HANGS_DEG): number {
  return Math.sin((limitDeg * Math.PI) / 180) + GRAIN;
}

/**
 * Area of one triangle where it hangs over: it looks down by more than the limit from upright and does not lie on the
 * plate; else 0, mm².
 * @param heap nine coordinates a triangle, mm; triangles face outwards
 * @param i where the triangle begins in it
 * @param plateMm height of the plate
 * @param steepest from {@link hangingSine}
 */
export function hangingMm2(heap: Float32Array, i: number, plateMm: number, steepest: number): number {
  const bx = heap[i + 3]! - heap[i]!;
  const by = heap[i + 4]! - heap[i + 1]!;
  const cx = heap[i + 6]! - heap[i]!;
  const cy = heap[i + 7]! - heap[i + 1]!;
  const uz = bx * cy - by * cx;
  if (uz >= 0) return 0;
  const bz = heap[i + 5]! - heap[i + 2]!;
  const cz = heap[i + 8]! - heap[i + 2]!;
  const ux = by * cz - bz * cy;
  const uy = bz * cx - bx * cz;
  const twice = Math.sqrt(ux * ux + uy * uy + uz * uz);
  if (-uz / twice <= steepest) return 0;
  const topMm = Math.max(heap[i + 2]!, heap[i + 5]!, heap[i + 8]!);
  return topMm > plateMm + ON_PLATE_MM ? twice / 2 : 0;
}

/** Area of a shape that hangs over, mm². @param positions nine coordinates a triangle, mm; triangles face outwards */
export function overhangMm2(positions: Float32Array, plateMm: number, limitDeg = HANGS_DEG): number {
  const steepest = hangingSine(limitDeg);
  let area = 0;
  for (let i = 0; i < positions.length; i += 9) area += hangingMm2(positions, i, plateMm, steepest);
  return area;
}
