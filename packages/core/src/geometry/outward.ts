import { extent } from './extent.js';

/**
 * A shape whose triangles face outwards: as it is, or, where they face inwards as a whole, turned over.
 * @param positions nine coordinates a triangle, mm
 */
export function facingOut(positions: Float32Array): Float32Array {
  return extent(positions).volumeMm3 < 0 ? turnedOver(positions) : positions;
}

/** The same triangles, facing the other way. */
export function turnedOver(positions: Float32Array): Float32Array {
  const turned = positions.slice();
  for (let i = 0; i < turned.length; i += 9) {
    turned.set(positions.subarray(i + 3, i + 6), i + 6);
    turned.set(positions.subarray(i + 6, i + 9), i + 3);
  }
  return turned;
}
