/** A direction or a place in space. */
export type Xyz = readonly [number, number, number];
/** A turn in space: the directions that become X, Y and Z, as they are before it. */
export type Turn = readonly [Xyz, Xyz, Xyz];

/** The inner product. */
export function dot(a: Xyz, b: Xyz): number {
  return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
}

/** From one place to another: the first less the second. */
export function minus(a: Xyz, b: Xyz): Xyz {
  return [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
}

/** The outer product. */
export function cross(a: Xyz, b: Xyz): Xyz {
  return [a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]];
}

/** The same direction, of length 1; up where it has none. */
export function unit(a: Xyz): Xyz {
  const length = Math.hypot(...a);
  return length > 0 ? [a[0] / length, a[1] / length, a[2] / length] : [0, 0, 1];
}

/** A place after a turn. */
export function turned(turn: Turn, p: Xyz): Xyz {
  return [dot(turn[0], p), dot(turn[1], p), dot(turn[2], p)];
}

/** A place before a turn. */
export function turnedBack(turn: Turn, p: Xyz): Xyz {
  const [x, y, z] = turn;
  const at = (k: 0 | 1 | 2): number => x[k] * p[0] + y[k] * p[1] + z[k] * p[2];
  return [at(0), at(1), at(2)];
}

/** A turn that brings a direction up, with X along another as far as that lies flat. */
export function turnWith(up: Xyz, along: Xyz): Turn {
  const z = unit(up);
  const flat = (d: Xyz): Xyz => [d[0] - dot(d, z) * z[0], d[1] - dot(d, z) * z[1], d[2] - dot(d, z) * z[2]];
  const wanted = [along, [1, 0, 0], [0, 1, 0]] as const;
  const x = unit(flat(wanted.find(d => Math.hypot(...flat(d)) > 1e-6) ?? [1, 0, 0]));
  return [x, cross(z, x), z];
}

/** Every place of a heap of triangles after a turn. @param positions nine coordinates a triangle */
export function turnedHeap(positions: Float32Array, turn: Turn): Float32Array {
  const [x, y, z] = turn;
  const out = new Float32Array(positions.length);
  for (let i = 0; i < positions.length; i += 3) {
    const a = positions[i]!;
    const b = positions[i + 1]!;
    const c = positions[i + 2]!;
    out[i] = x[0] * a + x[1] * b + x[2] * c;
    out[i + 1] = y[0] * a + y[1] * b + y[2] * c;
    out[i + 2] = z[0] * a + z[1] * b + z[2] * c;
  }
  return out;
}
