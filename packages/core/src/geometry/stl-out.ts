/** What the eighty bytes of a binary STL begin with. */
const HEAD = 'made by Hornblende, in millimetres';
const HEAD_BYTES = 80;
const TRIANGLE_BYTES = 50;

/** A shape as binary STL. @param positions nine coordinates a triangle, mm */
export function stlBytes(positions: Float32Array): Uint8Array {
  const count = positions.length / 9;
  const bytes = new Uint8Array(HEAD_BYTES + 4 + TRIANGLE_BYTES * count);
  bytes.set(new TextEncoder().encode(HEAD));
  const view = new DataView(bytes.buffer);
  view.setUint32(HEAD_BYTES, count, true);
  for (let t = 0; t < count; t++) {
    const at = HEAD_BYTES + 4 + TRIANGLE_BYTES * t;
    const normal = normalOf(positions, 9 * t);
    for (let k = 0; k < 3; k++) view.setFloat32(at + 4 * k, normal[k]!, true);
    for (let k = 0; k < 9; k++) view.setFloat32(at + 12 + 4 * k, positions[9 * t + k]!, true);
  }
  return bytes;
}

function normalOf(p: Float32Array, i: number): [number, number, number] {
  const u = [p[i + 3]! - p[i]!, p[i + 4]! - p[i + 1]!, p[i + 5]! - p[i + 2]!] as const;
  const v = [p[i + 6]! - p[i]!, p[i + 7]! - p[i + 1]!, p[i + 8]! - p[i + 2]!] as const;
  const n = [u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2], u[0] * v[1] - u[1] * v[0]] as const;
  const length = Math.hypot(...n) || 1;
  return [n[0] / length, n[1] / length, n[2] / length];
}
