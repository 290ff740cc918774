import type { ShapeAnswer } from '../../workers/jobs/shape';

/** The triangles of a shape as workers take them: bytes over the same memory, nine coordinates a triangle. */
export function shapeBytes({ positions }: Pick<ShapeAnswer, 'positions'>): Uint8Array {
  return new Uint8Array(positions.buffer as ArrayBuffer, positions.byteOffset, positions.byteLength);
}
