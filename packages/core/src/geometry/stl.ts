import type { Mesh, MeshProgress } from './mesh.js';
import { meshProblem } from './mesh-problem.js';

/** Bytes before the first triangle of a binary file, and of each triangle. */
const HEAD = 84;
const EACH = 50;
/** Bytes of a triangle's normal, before its corners. */
const NORMAL = 12;
/** Triangles between two words about progress. */
const STEP = 100_000;

/**
 * Whether the bytes are a binary STL: their length is what the count in the head makes it, or they do not begin as
 * text does. A binary file may begin with "solid" all the same.
 */
function isBinary(bytes: Uint8Array): boolean {
  if (bytes.length < HEAD) return false;
  const count = new DataView(bytes.buffer, bytes.byteOffset).getUint32(80, true);
  if (bytes.length === HEAD + EACH * count) return true;
  const begin = new TextDecoder('latin1').decode(bytes.subarray(0, 1024));
  return !(/^\s*solid\b/.test(begin) && /\b(facet|endsolid)\b/.test(begin));
}

/** Reads STL, binary or text. @throws InputError when there is no triangle to read */
export function readStl(bytes: Uint8Array, progress: MeshProgress = () => undefined): Mesh {
  return isBinary(bytes) ? readBinary(bytes, progress) : readText(bytes, progress);
}

function readBinary(bytes: Uint8Array, progress: MeshProgress): Mesh {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const promised = view.getUint32(80, true);
  const there = Math.floor((bytes.length - HEAD) / EACH);
  const count = Math.min(promised, there);
  if (count === 0) throw meshProblem('holds no triangle: it is no STL, or is cut short');
  const positions = new Float32Array(9 * count);
  // Copied by whole words; STL and every machine that this runs on are little-endian.
  const aligned = bytes.byteOffset % 4 === 0 ? bytes : bytes.slice();
  const from = new Uint32Array(aligned.buffer, aligned.byteOffset, aligned.length >> 2);
  const to = new Uint32Array(positions.buffer);
  for (let t = 0; t < count; t++) {
    // Twelve bytes of normal come first; many writers leave them empty, so they are not trusted.
    const begin = HEAD + EACH * t + NORMAL;
    if (t % 2 === 0) for (let k = 0; k < 9; k++) to[9 * t + k] = from[begin / 4 + k]!;
    else {
      // A triangle has fifty bytes: every other one stands across words, half in one and half in the next.
      const at = (begin - 2) / 4;
      for (let k = 0; k < 9; k++) to[9 * t + k] = (from[at + k]! >>> 16) | (from[at + k + 1]! << 16);
    }
    if (t % STEP === 0) progress(t / count);
  }
  const warnings =
    there < promised ? [`is cut short: its head promises ${promised} triangles, ${there} are there`] : [];
  return { format: 'stl', positions, unit: 'millimeter', warnings };
}

function readText(bytes: Uint8Array, progress: MeshProgress): Mesh {
  const text = new TextDecoder('latin1').decode(bytes);
  const numbers: number[] = [];
  const word = 'vertex';
  for (let at = text.indexOf(word); at >= 0; at = text.indexOf(word, at)) {
    at += word.length;
    const line = text.slice(at, at + 120).split(/\r|\n|$/, 1)[0]!;
    const [x, y, z] = line.trim().split(/\s+/);
    numbers.push(Number(x ?? NaN), Number(y ?? NaN), Number(z ?? NaN));
    if (numbers.length % STEP < 3) progress(at / text.length);
  }
  const count = Math.floor(numbers.length / 9);
  if (count === 0) throw meshProblem('holds no triangle: it is no STL, or is cut short');
  const whole = numbers.length === 9 * count && /\bendsolid\b/.test(text.slice(-400));
  return {
    format: 'stl',
    positions: Float32Array.from(numbers.slice(0, 9 * count)),
    unit: 'millimeter',
    warnings: whole ? [] : ['is cut short: its end is missing'],
  };
}
