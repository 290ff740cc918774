/** A heap of triangles whose corners are shared: which vertex each corner is, and how many there are. */
export interface Welded {
  /** Three vertices a triangle. */
  corners: Uint32Array;
  vertexCount: number;
  /** A corner of each vertex, to look its place up. */
  cornerOf: Uint32Array;
}

const EMPTY = 0xffffffff;

/**
 * Finds which corners are the same point: a hash table with open addressing over the coordinates.
 * @param positions nine coordinates a triangle
 * @param gridMm corners in the same cell of this grid are one; 0 for exactly the same coordinates only
 */
export function weld(positions: Float32Array, gridMm = 0): Welded {
  const cornerCount = positions.length / 3;
  const cells = gridMm > 0 ? snapped(positions, gridMm) : zeroed(positions);
  const bits = new Int32Array(cells.buffer, cells.byteOffset, cells.length);
  const capacity = 2 ** Math.ceil(Math.log2(Math.max(8, 2 * cornerCount)));
  const table = new Uint32Array(capacity).fill(EMPTY);
  const corners = new Uint32Array(cornerCount);
  const cornerOf = new Uint32Array(cornerCount);
  let vertexCount = 0;
  for (let c = 0; c < cornerCount; c++) {
    const x = bits[3 * c]!;
    const y = bits[3 * c + 1]!;
    const z = bits[3 * c + 2]!;
    let slot = hash(x, y, z) & (capacity - 1);
    for (;;) {
      const vertex = table[slot]!;
      if (vertex === EMPTY) {
        table[slot] = vertexCount;
        cornerOf[vertexCount] = c;
        corners[c] = vertexCount++;
        break;
      }
      const other = 3 * cornerOf[vertex]!;
      if (bits[other] === x && bits[other + 1] === y && bits[other + 2] === z) {
        corners[c] = vertex;
        break;
      }
      slot = (slot + 1) & (capacity - 1);
    }
  }
  return { corners, vertexCount, cornerOf: cornerOf.slice(0, vertexCount) };
}

/** The same coordinates with one zero: −0 and 0 are the same place. */
function zeroed(positions: Float32Array): Float32Array {
  const clean = new Float32Array(positions.length);
  for (let i = 0; i < positions.length; i++) clean[i] = positions[i]! + 0;
  return clean;
}

function snapped(positions: Float32Array, gridMm: number): Float32Array {
  const clean = new Float32Array(positions.length);
  for (let i = 0; i < positions.length; i++) clean[i] = Math.round(positions[i]! / gridMm) + 0;
  return clean;
}

/** Mixes three words of coordinates into one. */
function hash(x: number, y: number, z: number): number {
  let h = Math.imul(x, 0x9e3779b1) ^ Math.imul(y, 0x85ebca6b) ^ Math.imul(z, 0xc2b2ae35);
  h ^= h >>> 15;
  h = Math.imul(h, 0x2c1b3c6d);
  return (h ^ (h >>> 13)) >>> 0;
}
