import { Vector3 } from 'three';
import { ConvexHull } from 'three/examples/jsm/math/ConvexHull.js';
import { cross, dot, turnWith, unit, type Turn, type Xyz } from './turn.js';
import { weld } from './weld.js';

/** A way that a shape can be laid: what points up, and the turn that lays it so with its long side along X. */
export interface Rest {
  up: Xyz;
  turn: Turn;
  /** Area of the hull's face that it lies on, mm²; 0 where it stands on an edge or a point. */
  faceMm2: number;
  /** Whether it stays lying by itself: its centre of mass is over that face. */
  steady: boolean;
}

/** The hull that a shape lies on the plate with. */
export interface Hull {
  faces: { normal: Xyz; areaMm2: number; triangle: readonly [Xyz, Xyz, Xyz] }[];
  points: Xyz[];
  edges: Xyz[];
  centre: Xyz;
}

/** Faces whose directions differ by less than this are one, as a cosine: about two degrees. */
const SAME = Math.cos((2 * Math.PI) / 180);
/** Faces under this share of the hull's surface are not lain on. */
const LEAST_SHARE = 0.01;
/** Faces that are looked at, the largest first. */
const MOST_FACES = 10;
/** Edges whose direction is tried as the long side. */
const MOST_EDGES = 240;

/** Of shapes with more vertices than this the hull is made from those that are furthest in many directions. */
const MOST_POINTS = 6000;
const DIRECTIONS = 1500;

const axes: readonly Xyz[] = [
  [0, 0, 1],
  [0, 0, -1],
  [1, 0, 0],
  [-1, 0, 0],
  [0, 1, 0],
  [0, -1, 0],
];

/** The convex hull of a shape, and its centre of mass. */
export function hullOf(positions: Float32Array): Hull {
  const { cornerOf, vertexCount } = weld(positions);
  const all = Array.from({ length: vertexCount }, (_, v) =>
    new Vector3().fromArray(positions, 3 * cornerOf[v]!),
  );
  const points = all.length > MOST_POINTS ? outermost(all) : all;
  const hull = new ConvexHull().setFromPoints(points);
  const faces: Hull['faces'] = [];
  const used = new Map<string, Xyz>();
  const edges: Xyz[] = [];
  for (const face of hull.faces) {
    const corners: Xyz[] = [];
    let edge = face.edge;
    do {
      const p = edge.head().point;
      const from = edge.tail()?.point ?? p;
      corners.push([p.x, p.y, p.z]);
      used.set(`${p.x} ${p.y} ${p.z}`, [p.x, p.y, p.z]);
      edges.push([p.x - from.x, p.y - from.y, p.z - from.z]);
      edge = edge.next;
    } while (edge !== face.edge);
    const [a, b, c] = corners as [Xyz, Xyz, Xyz];
    const normal: Xyz = [face.normal.x, face.normal.y, face.normal.z];
    faces.push({ normal, areaMm2: face.area / 2, triangle: [a, b, c] });
  }
  return { faces, points: [...used.values()], edges: thinned(edges), centre: centroid(positions) };
}

/** Of very many points those that are the furthest in some direction: what the hull is made of, or close to it. */
function outermost(points: readonly Vector3[]): Vector3[] {
  const found = new Set<Vector3>();
  for (let k = 0; k < DIRECTIONS; k++) {
    // Directions spread evenly over the sphere by the golden angle (Vogel 1979).
    const z = 1 - (2 * k + 1) / DIRECTIONS;
    const r = Math.sqrt(1 - z * z);
    const a = k * Math.PI * (3 - Math.sqrt(5));
    const x = r * Math.cos(a);
    const y = r * Math.sin(a);
    let best = points[0]!;
    let most = -Infinity;
    for (const p of points) {
      const at = x * p.x + y * p.y + z * p.z;
      if (at > most) {
        most = at;
        best = p;
      }
    }
    found.add(best);
  }
  return [...found];
}

/** The longest edges, as many as are looked at: those decide the long side. */
function thinned(edges: Xyz[]): Xyz[] {
  return edges.sort((a, b) => Math.hypot(...b) - Math.hypot(...a)).slice(0, MOST_EDGES);
}

/** Centre of mass of what the triangles enclose (signed tetrahedra on one point). */
function centroid(positions: Float32Array): Xyz {
  const o: Xyz = [positions[0]!, positions[1]!, positions[2]!];
  let volume = 0;
  const sum: [number, number, number] = [0, 0, 0];
  for (let i = 0; i < positions.length; i += 9) {
    const at = (k: number): Xyz => [
      positions[i + k]! - o[0],
      positions[i + k + 1]! - o[1],
      positions[i + k + 2]! - o[2],
    ];
    const a = at(0);
    const b = at(3);
    const c = at(6);
    const v = dot(a, cross(b, c));
    volume += v;
    for (let k = 0; k < 3; k++) sum[k]! += (v * (a[k]! + b[k]! + c[k]!)) / 4;
  }
  const share = (k: 0 | 1 | 2): number => o[k] + (volume ? sum[k] / volume : 0);
  return [share(0), share(1), share(2)];
}

/**
 * The ways to lay a shape: as it is in its file, on each large face of its hull that it stays on, and along each
 * axis of its file. The first is as it is.
 */
export function rests(hull: Hull): Rest[] {
  const found: Rest[] = [restOn(hull, [0, 0, 1])];
  const add = (rest: Rest): void => {
    if (!found.some(f => dot(f.up, rest.up) > SAME)) found.push(rest);
  };
  const whole = hull.faces.reduce((sum, f) => sum + f.areaMm2, 0);
  const groups = facing(hull)
    .filter(g => g.areaMm2 >= LEAST_SHARE * whole)
    .slice(0, MOST_FACES);
  for (const { normal } of groups) {
    const rest = restOn(hull, [-normal[0], -normal[1], -normal[2]]);
    if (rest.steady) add(rest);
  }
  for (const up of axes) add(restOn(hull, up));
  return found;
}

/** The hull's faces gathered by direction, the largest first. */
function facing({ faces }: Hull): { normal: Xyz; areaMm2: number }[] {
  const groups: { normal: Xyz; areaMm2: number }[] = [];
  for (const f of [...faces].sort((a, b) => b.areaMm2 - a.areaMm2)) {
    const group = groups.find(g => dot(g.normal, f.normal) > SAME);
    if (group) group.areaMm2 += f.areaMm2;
    else groups.push({ normal: f.normal, areaMm2: f.areaMm2 });
  }
  return groups.sort((a, b) => b.areaMm2 - a.areaMm2);
}

/** Lays a hull with a direction up. */
export function restOn(hull: Hull, up: Xyz): Rest {
  const z = unit(up);
  const under = hull.faces.filter(f => -dot(f.normal, z) > SAME);
  const faceMm2 = under.reduce((sum, f) => sum + f.areaMm2, 0);
  const steady = under.some(f => isOver(hull.centre, f.triangle, z));
  return { up: z, turn: turnWith(z, longSide(hull, z)), faceMm2, steady };
}

/** Whether a place lies over a triangle, seen along a direction. */
function isOver(p: Xyz, [a, b, c]: readonly [Xyz, Xyz, Xyz], z: Xyz): boolean {
  const side = (from: Xyz, to: Xyz): number => {
    const edge: Xyz = [to[0] - from[0], to[1] - from[1], to[2] - from[2]];
    const way: Xyz = [p[0] - from[0], p[1] - from[1], p[2] - from[2]];
    return dot(cross(edge, way), z);
  };
  const sides = [side(a, b), side(b, c), side(c, a)];
  return sides.every(s => s >= -1e-6) || sides.every(s => s <= 1e-6);
}

/** The long side of the smallest rectangle around a shape that lies with a direction up. */
function longSide({ points, edges }: Hull, z: Xyz): Xyz {
  let best: Xyz = [1, 0, 0];
  let least = Infinity;
  for (const edge of [[1, 0, 0] as Xyz, [0, 1, 0] as Xyz, ...edges]) {
    const [x, y] = turnWith(z, edge);
    const wide = span(points, x);
    const deep = span(points, y);
    // What is drawn along an axis stays so where it is as good.
    if (wide * deep >= least * (1 - 1e-3)) continue;
    least = wide * deep;
    best = wide >= deep ? x : y;
  }
  return best;
}

function span(points: readonly Xyz[], along: Xyz): number {
  let low = Infinity;
  let high = -Infinity;
  for (const p of points) {
    const at = dot(p, along);
    low = Math.min(low, at);
    high = Math.max(high, at);
  }
  return high - low;
}
