import type { Welded } from './weld.js';

/** How a heap of triangles hangs together. */
export interface Solidity {
  /** Every edge has two triangles that run along it in opposite directions. */
  watertight: boolean;
  /** Edges with one triangle only: the rim of a hole. */
  openEdges: number;
  /** Edges with more than two triangles, or with two that face different ways. */
  oddEdges: number;
  /** Pieces that do not touch. */
  shells: number;
  /** Triangles without area: two corners in one place. */
  degenerate: number;
}

/** Looks at every edge once: a hash table of pairs of vertices, and the pieces by union and find. */
export function solidity({ corners, vertexCount }: Welded): Solidity {
  const triangles = corners.length / 3;
  const capacity = 2 ** Math.ceil(Math.log2(Math.max(8, 3.2 * triangles)));
  const from = new Uint32Array(capacity);
  const to = new Uint32Array(capacity);
  const count = new Uint8Array(capacity);
  const balance = new Int8Array(capacity);
  const parent = Uint32Array.from({ length: vertexCount }, (_, i) => i);
  const root = (v: number): number => {
    let r = v;
    while (parent[r] !== r) {
      parent[r] = parent[parent[r]!]!;
      r = parent[r]!;
    }
    return r;
  };
  let degenerate = 0;
  for (let t = 0; t < corners.length; t += 3) {
    const a = corners[t]!;
    const b = corners[t + 1]!;
    const c = corners[t + 2]!;
    if (a === b || b === c || c === a) {
      degenerate++;
      continue;
    }
    edge(a, b);
    edge(b, c);
    edge(c, a);
    parent[root(a)] = root(b);
    parent[root(b)] = root(c);
  }
  function edge(a: number, b: number): void {
    const low = Math.min(a, b);
    const high = Math.max(a, b);
    let slot = (Math.imul(low, 0x9e3779b1) ^ Math.imul(high, 0x85ebca6b)) >>> 0;
    slot = (slot ^ (slot >>> 15)) & (capacity - 1);
    while (count[slot] && (from[slot] !== low || to[slot] !== high)) slot = (slot + 1) & (capacity - 1);
    from[slot] = low;
    to[slot] = high;
    if (count[slot]! < 255) count[slot]!++;
    balance[slot]! += a < b ? 1 : -1;
  }
  let openEdges = 0;
  let oddEdges = 0;
  for (let i = 0; i < capacity; i++) {
    if (!count[i]) continue;
    if (count[i] === 1) openEdges++;
    else if (count[i] !== 2 || balance[i] !== 0) oddEdges++;
  }
  const used = new Set<number>();
  for (const v of corners) used.add(root(v));
  return {
    watertight: openEdges === 0 && oddEdges === 0,
    openEdges,
    oddEdges,
    shells: used.size,
    degenerate,
  };
}
