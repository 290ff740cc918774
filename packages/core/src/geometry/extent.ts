/** Sizes of a shape. Volumes are signed: negative where the triangles face inwards. */
export interface Extent {
  volumeMm3: number;
  surfaceMm2: number;
  lowMm: readonly [number, number, number];
  highMm: readonly [number, number, number];
}

/**
 * Volume by the divergence theorem (the sum of signed tetrahedra on one point), surface, and bounds, in one pass.
 * The point is a corner of the shape, so that a part far from the origin loses no figures.
 * @param positions nine coordinates a triangle, mm
 */
export function extent(positions: Float32Array): Extent {
  const ox = positions[0] ?? 0;
  const oy = positions[1] ?? 0;
  const oz = positions[2] ?? 0;
  let volume = 0;
  let surface = 0;
  let x0 = Infinity;
  let y0 = Infinity;
  let z0 = Infinity;
  let x1 = -Infinity;
  let y1 = -Infinity;
  let z1 = -Infinity;
  for (let i = 0; i < positions.length; i += 9) {
    const ax = positions[i]! - ox;
    const ay = positions[i + 1]! - oy;
    const az = positions[i + 2]! - oz;
    const bx = positions[i + 3]! - ox;
    const by = positions[i + 4]! - oy;
    const bz = positions[i + 5]! - oz;
    const cx = positions[i + 6]! - ox;
    const cy = positions[i + 7]! - oy;
    const cz = positions[i + 8]! - oz;
    // a · (b × c) / 6
    volume += (ax * (by * cz - bz * cy) + ay * (bz * cx - bx * cz) + az * (bx * cy - by * cx)) / 6;
    const ux = (by - ay) * (cz - az) - (bz - az) * (cy - ay);
    const uy = (bz - az) * (cx - ax) - (bx - ax) * (cz - az);
    const uz = (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);
    surface += 0.5 * Math.sqrt(ux * ux + uy * uy + uz * uz);
    x0 = Math.min(x0, ax, bx, cx);
    y0 = Math.min(y0, ay, by, cy);
    z0 = Math.min(z0, az, bz, cz);
    x1 = Math.max(x1, ax, bx, cx);
    y1 = Math.max(y1, ay, by, cy);
    z1 = Math.max(z1, az, bz, cz);
  }
  return {
    volumeMm3: volume,
    surfaceMm2: surface,
    lowMm: [x0 + ox, y0 + oy, z0 + oz],
    highMm: [x1 + ox, y1 + oy, z1 + oz],
  };
}
