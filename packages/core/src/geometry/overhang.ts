/** A face this far above the plate or less lies on it, mm. */
const ON_PLATE_MM = 0.05;

/**
 * Area that hangs over: faces that look down by more than an angle from upright and do not lie on the plate, mm².
 * @param positions nine coordinates a triangle, mm; triangles face outwards
 * @param plateMm height of the plate
 * @param limitDeg how far a face may lean before it hangs
 */
export function overhangMm2(positions: Float32Array, plateMm: number, limitDeg = 45): number {
  const steepest = Math.sin((limitDeg * Math.PI) / 180);
  let area = 0;
  for (let i = 0; i < positions.length; i += 9) {
    const bx = positions[i + 3]! - positions[i]!;
    const by = positions[i + 4]! - positions[i + 1]!;
    const bz = positions[i + 5]! - positions[i + 2]!;
    const cx = positions[i + 6]! - positions[i]!;
    const cy = positions[i + 7]! - positions[i + 1]!;
    const cz = positions[i + 8]! - positions[i + 2]!;
    const uz = bx * cy - by * cx;
    if (uz >= 0) continue;
    const ux = by * cz - bz * cy;
    const uy = bz * cx - bx * cz;
    const twice = Math.sqrt(ux * ux + uy * uy + uz * uz);
    if (-uz / twice <= steepest + 1e-6) continue;
    const topMm = Math.max(positions[i + 2]!, positions[i + 5]!, positions[i + 8]!);
    if (topMm <= plateMm + ON_PLATE_MM) continue;
    area += twice / 2;
  }
  return area;
}
