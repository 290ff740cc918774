import { soundness } from '../geometry/soundness.js';
import { weld, type Welded } from '../geometry/weld.js';
import { cross, dot, minus, unit, type Xyz } from '../geometry/turn.js';

/** A shape with what its patches are found by. */
export interface Surface {
  positions: Float32Array;
  welded: Welded;
  /** The direction and area of each triangle. */
  normals: Float64Array;
  areasMm2: Float64Array;
  /** The three triangles across the edges of each, −1 where none is. */
  across: Int32Array;
}

/** A piece of surface that is held, or that a load acts on. */
export interface Patch {
  triangles: number[];
  areaMm2: number;
  /** Its middle by area, mm. */
  middleMm: Xyz;
  /** The mean direction that it faces; of a hole, its axis. */
  facing: Xyz;
  kind: 'face' | 'hole';
}

/** Triangles this far out of the direction of the one that was pointed at still belong to its face, as a cosine. */
const SAME_FACE = Math.cos((25 * Math.PI) / 180);
/** Of a hole the triangles face all ways: this much of their area’s sum is left at most. */
const ROUND_ABOUT = 0.2;

/** Makes a shape ready for finding patches on it. @param positions nine coordinates a triangle, facing outwards */
export function surfaceOf(positions: Float32Array): Surface {
  const welded = weld(positions, soundness(positions, sizeOf(positions)).gridMm);
  const count = positions.length / 9;
  const normals = new Float64Array(3 * count);
  const areasMm2 = new Float64Array(count);
  const across = new Int32Array(3 * count).fill(-1);
  const open = new Map<number, number>();
  for (let t = 0; t < count; t++) {
    const [a, b, c] = [0, 1, 2].map(k => cornerAt(positions, t, k)) as [Xyz, Xyz, Xyz];
    const n = cross(minus(b, a), minus(c, a));
    areasMm2[t] = Math.hypot(...n) / 2;
    normals.set(unit(n), 3 * t);
    for (let k = 0; k < 3; k++) {
      const from = welded.corners[3 * t + k]!;
      const to = welded.corners[3 * t + ((k + 1) % 3)]!;
      const twin = open.get(to * welded.vertexCount + from);
      if (twin === undefined) open.set(from * welded.vertexCount + to, 3 * t + k);
      else {
        across[3 * t + k] = Math.floor(twin / 3);
        across[twin] = t;
      }
    }
  }
  return { positions, welded, normals, areasMm2, across };
}

/** How large a shape is, by its farthest coordinates, mm. */
function sizeOf(positions: Float32Array): number {
  return positions.reduce((most, x) => Math.max(most, Math.abs(x)), 0);
}

/** A corner of a triangle. */
export function cornerAt(positions: Float32Array, triangle: number, k: number): Xyz {
  const i = 9 * triangle + 3 * k;
  return [positions[i]!, positions[i + 1]!, positions[i + 2]!];
}

const normalOf = ({ normals }: Surface, t: number): Xyz => [
  normals[3 * t]!,
  normals[3 * t + 1]!,
  normals[3 * t + 2]!,
];

/**
 * The patch about a place: the inside of a hole where the nearest triangle belongs to one, else all that hangs together
 * with it and faces within 25° of it.
 */
export function patchAt(surface: Surface, atMm: Xyz): Patch {
  const seed = nearestTriangle(surface, atMm);
  const round = spread(
    surface,
    seed,
    (t, from) => dot(normalOf(surface, t), normalOf(surface, from)) > SAME_FACE,
  );
  if (isHole(surface, round, seed)) return patchOf(surface, round, 'hole');
  const facing = normalOf(surface, seed);
  return patchOf(
    surface,
    spread(surface, seed, t => dot(normalOf(surface, t), facing) > SAME_FACE),
    'face',
  );
}

/** What hangs together with a triangle, as far as each next one belongs to it. */
function spread(
  { across }: Surface,
  seed: number,
  belongs: (triangle: number, from: number) => boolean,
): number[] {
  const found = new Set([seed]);
  const queue = [seed];
  for (let from = queue.pop(); from !== undefined; from = queue.pop())
    for (let k = 0; k < 3; k++) {
      const t = across[3 * from + k]!;
      if (t < 0 || found.has(t) || !belongs(t, from)) continue;
      found.add(t);
      queue.push(t);
    }
  return [...found];
}

/** Whether a smooth piece of surface is the inside of a hole: it faces all ways about an axis, and towards it. */
function isHole(surface: Surface, triangles: readonly number[], seed: number): boolean {
  const sum: [number, number, number] = [0, 0, 0];
  let area = 0;
  for (const t of triangles) {
    const n = normalOf(surface, t);
    for (let k = 0; k < 3; k++) sum[k as 0 | 1 | 2] += surface.areasMm2[t]! * n[k]!;
    area += surface.areasMm2[t]!;
  }
  if (triangles.length < 6 || Math.hypot(...sum) > ROUND_ABOUT * area) return false;
  const { middleMm } = patchOf(surface, triangles, 'hole');
  return dot(minus(cornerAt(surface.positions, seed, 0), middleMm), normalOf(surface, seed)) < 0;
}

function patchOf(surface: Surface, triangles: readonly number[], kind: Patch['kind']): Patch {
  let area = 0;
  const middle: [number, number, number] = [0, 0, 0];
  const sum: [number, number, number] = [0, 0, 0];
  for (const t of triangles) {
    const a = surface.areasMm2[t]!;
    const n = normalOf(surface, t);
    const corners = [0, 1, 2].map(k => cornerAt(surface.positions, t, k));
    area += a;
    for (const k of [0, 1, 2] as const) {
      middle[k] += (a * corners.reduce((s, c) => s + c[k], 0)) / 3;
      sum[k] += a * n[k];
    }
  }
  const middleMm: Xyz = [middle[0] / area, middle[1] / area, middle[2] / area];
  const facing = kind === 'face' ? unit(sum) : axisOf(surface, triangles);
  return { triangles: [...triangles], areaMm2: area, middleMm, facing, kind };
}

/** The direction that the triangles of a hole face least: the mean of what is square to two of them. */
function axisOf(surface: Surface, triangles: readonly number[]): Xyz {
  const first = normalOf(surface, triangles[0]!);
  const sum: [number, number, number] = [0, 0, 0];
  for (const t of triangles) {
    const square = cross(first, normalOf(surface, t));
    const way = dot(square, sum) < 0 ? -1 : 1;
    for (const k of [0, 1, 2] as const) sum[k] += way * surface.areasMm2[t]! * square[k];
  }
  return unit(sum);
}

/** The triangle nearest to a place. */
function nearestTriangle({ positions }: Surface, p: Xyz): number {
  let best = 0;
  let least = Infinity;
  for (let t = 0; t < positions.length / 9; t++) {
    const d = distanceTo([0, 1, 2].map(k => cornerAt(positions, t, k)) as [Xyz, Xyz, Xyz], p);
    if (d < least) {
      least = d;
      best = t;
    }
  }
  return best;
}

/** How far a place lies from a triangle, mm (after Ericson, Real-Time Collision Detection, 5.1.5). */
function distanceTo([a, b, c]: [Xyz, Xyz, Xyz], p: Xyz): number {
  const ab = minus(b, a);
  const ac = minus(c, a);
  const ap = minus(p, a);
  const away = (v: number, w: number): number =>
    Math.hypot(...([0, 1, 2] as const).map(k => ap[k] - v * ab[k] - w * ac[k]));
  const clamp = (x: number): number => Math.min(1, Math.max(0, x));
  const [d1, d2] = [dot(ab, ap), dot(ac, ap)] as const;
  const [aa, bb, cc] = [dot(ab, ab), dot(ab, ac), dot(ac, ac)] as const;
  const whole = aa * cc - bb * bb;
  const v = whole === 0 ? -1 : (cc * d1 - bb * d2) / whole;
  const w = whole === 0 ? -1 : (aa * d2 - bb * d1) / whole;
  if (v >= 0 && w >= 0 && v + w <= 1) return away(v, w);
  const onAb = clamp(aa === 0 ? 0 : d1 / aa);
  const onAc = clamp(cc === 0 ? 0 : d2 / cc);
  const bc = minus(c, b);
  const length = dot(bc, bc);
  const onBc = clamp(length === 0 ? 0 : dot(bc, minus(p, b)) / length);
  return Math.min(away(onAb, 0), away(0, onAc), away(1 - onBc, onBc));
}
