import { quantileSorted } from 'simple-statistics';
import { BufferAttribute, BufferGeometry, DoubleSide, Ray, Vector3 } from 'three';
import { MeshBVH } from 'three-mesh-bvh';
import { chance } from '../lib/random.js';

/** Thickness of a shape's walls, mm. */
export interface WallThickness {
  /** One wall in twenty is thinner: the very least would be the edge of a chamfer. */
  minMm: number;
  medianMm: number;
}

/** Places that are measured, spread over the surface by area. */
const SAMPLES = 4000;
/** The share of the surface that is thinner than what is called its least wall. */
const THIN_SHARE = 0.05;
/** Rays begin this far inside, so that they do not meet the face that they begin on, mm. */
const INSIDE_MM = 1e-3;

/**
 * Measures walls by rays inwards from places spread over the surface, to the next face that they meet.
 * @param positions nine coordinates a triangle, mm; triangles face outwards
 * @returns null where no ray meets anything: an open sheet
 */
export function wallThickness(positions: Float32Array): WallThickness | null {
  const thick = wallPlaces(positions)
    .map(w => w.thickMm)
    .sort((a, b) => a - b);
  if (!thick.length) return null;
  return { minMm: quantileSorted(thick, THIN_SHARE), medianMm: quantileSorted(thick, 0.5) };
}

/** A place on the surface, and how thick the wall is there. */
export interface WallPlace {
  atMm: [number, number, number];
  thickMm: number;
}

/** Walls at places spread over the surface by area; places where no ray meets anything are left out. */
export function wallPlaces(positions: Float32Array): WallPlace[] {
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(positions.slice(), 3));
  const tree = new MeshBVH(geometry);
  const ray = new Ray();
  const places: WallPlace[] = [];
  for (const { point, normal } of samples(positions)) {
    ray.direction.copy(normal).negate();
    ray.origin.copy(point).addScaledVector(ray.direction, INSIDE_MM);
    const hit = tree.raycastFirst(ray, DoubleSide);
    if (hit) places.push({ atMm: [point.x, point.y, point.z], thickMm: hit.distance + INSIDE_MM });
  }
  geometry.dispose();
  return places;
}

/** Places on the surface: one in each of equal shares of its area, the same for the same shape. */
function* samples(positions: Float32Array): Generator<{ point: Vector3; normal: Vector3 }> {
  const triangles = positions.length / 9;
  const sums = new Float64Array(triangles);
  const corners = [new Vector3(), new Vector3(), new Vector3()] as const;
  const [a, b, c] = corners;
  const normal = new Vector3();
  const side = new Vector3();
  const at = (t: number): number => {
    for (const [k, v] of corners.entries()) v.fromArray(positions, 9 * t + 3 * k);
    normal.subVectors(b, a).cross(side.subVectors(c, a));
    return normal.length() / 2;
  };
  let area = 0;
  for (let t = 0; t < triangles; t++) sums[t] = area += at(t);
  const source = chance(1);
  const point = new Vector3();
  for (let k = 0, t = 0; k < SAMPLES && area > 0; k++) {
    const wanted = (area * (k + source.uniform())) / SAMPLES;
    while (t < triangles - 1 && sums[t]! < wanted) t++;
    at(t);
    // A place in the triangle with even chance (Osada and others 2002).
    const r = Math.sqrt(source.uniform());
    const s = source.uniform();
    point
      .copy(a)
      .multiplyScalar(1 - r)
      .addScaledVector(b, r * (1 - s))
      .addScaledVector(c, r * s);
    yield { point, normal: normal.normalize() };
  }
}
