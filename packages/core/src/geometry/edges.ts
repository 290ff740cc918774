import { weld } from './weld.js';

/** Faces that meet at less than this angle make no line in a drawing, as the cosine between their normals. */
const COS_OF_FLAT_FOLD = Math.cos((28 * Math.PI) / 180);
/** Lines that a drawing has at the most, the longest first. */
const MOST_EDGES = 1600;

/**
 * The lines that a draughtsman would draw: edges where faces meet at an angle, and those of open rims.
 * @param positions nine coordinates a triangle, mm
 * @returns six coordinates a line, mm
 */
export function featureEdges(positions: Float32Array): Float32Array {
  const { corners, vertexCount, cornerOf } = weld(positions);
  const first = new Map<number, number>();
  const lines: { a: number; b: number; length: number }[] = [];
  const add = (a: number, b: number): void => {
    const p = 3 * cornerOf[a]!;
    const q = 3 * cornerOf[b]!;
    const length = Math.hypot(
      positions[p]! - positions[q]!,
      positions[p + 1]! - positions[q + 1]!,
      positions[p + 2]! - positions[q + 2]!,
    );
    lines.push({ a, b, length });
  };
  for (let t = 0; t < corners.length; t += 3)
    for (let k = 0; k < 3; k++) {
      const a = corners[t + k]!;
      const b = corners[t + ((k + 1) % 3)]!;
      if (a === b) continue;
      const name = Math.min(a, b) * vertexCount + Math.max(a, b);
      const other = first.get(name);
      if (other === undefined) {
        first.set(name, t);
        continue;
      }
      first.delete(name);
      if (cosine(positions, 3 * other, 3 * t) < COS_OF_FLAT_FOLD) add(a, b);
    }
  // What is left has one face only: the rim of a hole.
  for (const name of first.keys()) add(Math.floor(name / vertexCount), name % vertexCount);
  const kept = lines.sort((x, y) => y.length - x.length).slice(0, MOST_EDGES);
  const out = new Float32Array(6 * kept.length);
  for (const [i, { a, b }] of kept.entries()) {
    out.set(positions.subarray(3 * cornerOf[a]!, 3 * cornerOf[a]! + 3), 6 * i);
    out.set(positions.subarray(3 * cornerOf[b]!, 3 * cornerOf[b]! + 3), 6 * i + 3);
  }
  return out;
}

/** The cosine between the normals of two triangles; 1 where one has no area. */
function cosine(p: Float32Array, i: number, j: number): number {
  const a = normal(p, i);
  const b = normal(p, j);
  const size = Math.hypot(...a) * Math.hypot(...b);
  return size ? (a[0] * b[0] + a[1] * b[1] + a[2] * b[2]) / size : 1;
}

function normal(p: Float32Array, i: number): [number, number, number] {
  const u = [p[i + 3]! - p[i]!, p[i + 4]! - p[i + 1]!, p[i + 5]! - p[i + 2]!] as const;
  const v = [p[i + 6]! - p[i]!, p[i + 7]! - p[i + 1]!, p[i + 8]! - p[i + 2]!] as const;
  return [u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2], u[0] * v[1] - u[1] * v[0]];
}
