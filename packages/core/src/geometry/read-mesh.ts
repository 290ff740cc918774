import { extent } from './extent.js';
import { unitMm, type Mesh, type MeshFormat, type MeshProgress, type MeshUnit } from './mesh.js';
import { meshProblem } from './mesh-problem.js';
import { readObj } from './obj.js';
import { readStl } from './stl.js';
import { readThreeMf } from './three-mf.js';

/** Largest file of a shape, bytes. */
export const MESH_LIMIT = 512 * 2 ** 20;
/** A part smaller than this all over was most likely drawn in inches, mm. */
const SMALL_MM = 8;

const readers: Record<MeshFormat, (bytes: Uint8Array, progress?: MeshProgress) => Mesh> = {
  stl: readStl,
  obj: readObj,
  '3mf': readThreeMf,
};

/** The kind of file that bytes are, by what they begin with and else by their name. */
function formatOf(name: string, bytes: Uint8Array): MeshFormat {
  if (bytes[0] === 0x50 && bytes[1] === 0x4b) return '3mf';
  const ending = name.toLowerCase().split('.').at(-1);
  if (ending === '3mf' || ending === 'obj' || ending === 'stl') return ending;
  throw meshProblem('must be an STL, an OBJ or a 3MF');
}

/**
 * Reads a shape.
 * @param unit what it is drawn in, where the file does not say or says it wrong
 * @throws InputError when nothing can be made of it; what can be mended is mended, and said in its warnings
 */
export function readMesh(
  name: string,
  bytes: Uint8Array,
  { unit, progress }: { unit?: MeshUnit; progress?: MeshProgress } = {},
): Mesh {
  if (bytes.length === 0) throw meshProblem('is empty');
  if (bytes.length > MESH_LIMIT) throw meshProblem(`is over the limit of ${MESH_LIMIT / 2 ** 20} MB`);
  const read = readers[formatOf(name, bytes)](bytes, progress);
  const mesh = withoutUnusable(unit ? rescaled(read, unit) : read);
  const warnings = [...mesh.warnings, ...(unit ? [] : doubtOfUnit(mesh))];
  return { ...mesh, warnings };
}

function rescaled(mesh: Mesh, unit: MeshUnit): Mesh {
  const factor = unitMm[unit] / unitMm[mesh.unit];
  return { ...mesh, unit, positions: mesh.positions.map(x => x * factor) };
}

/** Leaves triangles out that have a corner nowhere. @throws InputError when none is left */
function withoutUnusable(mesh: Mesh): Mesh {
  const { positions } = mesh;
  if (isFinite(positions)) return mesh;
  let kept = 0;
  const clean = new Float32Array(positions.length);
  for (let t = 0; t < positions.length; t += 9) {
    let sum = 0;
    for (let k = 0; k < 9; k++) sum += positions[t + k]!;
    if (!Number.isFinite(sum)) continue;
    clean.set(positions.subarray(t, t + 9), kept);
    kept += 9;
  }
  const lost = (positions.length - kept) / 9;
  if (!kept) throw meshProblem('has no triangle whose corners are numbers');
  const said = `has ${lost} ${lost === 1 ? 'triangle' : 'triangles'} whose corners are not numbers; left out`;
  return { ...mesh, positions: clean.slice(0, kept), warnings: [...mesh.warnings, said] };
}

/** Asks whether a very small part was drawn in inches. */
function doubtOfUnit({ positions, format }: Mesh): string[] {
  if (format === '3mf') return [];
  const { lowMm, highMm } = extent(positions);
  const size = Math.max(...highMm.map((h, k) => h - lowMm[k]!));
  if (size >= SMALL_MM || size === 0) return [];
  const [asRead, asInches] = [size, 25.4 * size].map(mm => mm.toPrecision(3));
  return [`is ${asRead} mm across at most: was it drawn in inches? Then it is ${asInches} mm`];
}

/** Whether all are numbers; a loop, since there are millions. */
function isFinite(positions: Float32Array): boolean {
  let sum = 0;
  for (let i = 0; i < positions.length; i++) sum += positions[i]! * 0;
  return sum === 0;
}
