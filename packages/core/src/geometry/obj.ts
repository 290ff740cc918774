import type { Mesh, MeshProgress } from './mesh.js';
import { meshProblem } from './mesh-problem.js';

/** Lines between two words about progress. */
const STEP = 200_000;

/** Reads the vertices and faces of an OBJ; faces of more than three corners become fans. @throws InputError */
export function readObj(bytes: Uint8Array, progress: MeshProgress = () => undefined): Mesh {
  const text = new TextDecoder().decode(bytes);
  const vertices: number[] = [];
  const corners: number[] = [];
  let unknown = 0;
  let lines = 0;
  for (let at = 0; at < text.length;) {
    const next = text.indexOf('\n', at);
    const end = next < 0 ? text.length : next;
    const kind = text.slice(at, at + 2);
    if (kind === 'v ' || kind === 'v\t') {
      const [x, y, z] = text
        .slice(at + 2, end)
        .trim()
        .split(/\s+/);
      vertices.push(Number(x ?? NaN), Number(y ?? NaN), Number(z ?? NaN));
    } else if (kind === 'f ' || kind === 'f\t') {
      const face = text
        .slice(at + 2, end)
        .trim()
        .split(/\s+/)
        .map(corner => vertexOf(corner, vertices.length / 3));
      if (face.length < 3 || face.some(v => v < 0)) unknown++;
      else for (let k = 2; k < face.length; k++) corners.push(face[0]!, face[k - 1]!, face[k]!);
    }
    at = end + 1;
    if (++lines % STEP === 0) progress(at / text.length);
  }
  if (!corners.length) throw meshProblem('holds no face: it is no OBJ, or is cut short');
  const positions = new Float32Array(3 * corners.length);
  for (const [i, v] of corners.entries())
    for (let k = 0; k < 3; k++) positions[3 * i + k] = vertices[3 * v + k] ?? NaN;
  const warnings = unknown ? [`has ${unknown} faces with corners that are not there; they are left out`] : [];
  return { format: 'obj', positions, unit: 'millimeter', warnings };
}

/** The vertex that a corner names, counted from 0: from the first, or backwards from the last; −1 for none. */
function vertexOf(corner: string, count: number): number {
  const n = Number.parseInt(corner, 10);
  if (!Number.isInteger(n) || n === 0) return -1;
  const v = n > 0 ? n - 1 : count + n;
  return v >= 0 && v < count ? v : -1;
}
