import type { Xyz } from '@hornblende/core/geometry';
import {
  ConeGeometry,
  CylinderGeometry,
  DoubleSide,
  Mesh,
  MeshBasicMaterial,
  MeshLambertMaterial,
  OctahedronGeometry,
  Quaternion,
  RingGeometry,
  TorusGeometry,
  Vector3,
  type BufferGeometry,
} from 'three';

type Kind = 'corner' | 'overhang' | 'thin';

/** Forms of marks, which tell kinds apart without colour: corners are points, overhangs rings, thin walls octahedra. */
const forms: Record<Kind, (size: number) => BufferGeometry> = {
  corner: size => new ConeGeometry(size * 0.7, size * 2, 4),
  overhang: size => new TorusGeometry(size, size * 0.28, 8, 24),
  thin: size => new OctahedronGeometry(size),
};
const DISC = { radiusMm: 8, highMm: 0.6 };

function vector(at: Xyz): Vector3 {
  return new Vector3(at[0], at[1], at[2]);
}

/** A mark at a place of the part; the one that is looked at is larger, and seen through the part. */
export function markMesh(kind: Kind, at: Xyz, r: number, isLooked: boolean, colour: string): Mesh {
  const size = isLooked ? 1.7 * r : r;
  const mark = new Mesh(forms[kind](size), new MeshBasicMaterial({ color: colour, depthTest: !isLooked }));
  mark.position.copy(vector(at));
  // A corner's point stands on it, from outside the part.
  if (kind === 'corner') {
    mark.rotation.x = -Math.PI / 2;
    mark.position.z += size;
  }
  mark.renderOrder = isLooked ? 2 : 1;
  return mark;
}

/** A disc that holds a corner down. */
export function discMesh(at: Xyz, colour: string): Mesh {
  const disc = new Mesh(
    new CylinderGeometry(DISC.radiusMm, DISC.radiusMm, DISC.highMm, 40),
    new MeshLambertMaterial({ color: colour, transparent: true, opacity: 0.75 }),
  );
  disc.rotation.x = Math.PI / 2;
  disc.position.set(at[0], at[1], DISC.highMm / 2);
  return disc;
}

/** An arrow from where a load is held, with a ring there, to where it acts; seen through the part. */
export function loadMeshes(heldMm: Xyz, actsMm: Xyz, r: number, colour: string): Mesh[] {
  const from = vector(heldMm);
  const to = vector(actsMm);
  const way = to.clone().sub(from);
  const length = way.length();
  if (length < 1e-6) return [];
  const unit = way.clone().normalize();
  const material = (): MeshBasicMaterial =>
    new MeshBasicMaterial({ color: colour, depthTest: false, side: DoubleSide });
  const shaft = new Mesh(
    new CylinderGeometry(r * 0.22, r * 0.22, Math.max(r, length - 2 * r), 12),
    material(),
  );
  shaft.position.copy(from).addScaledVector(way, 0.5).addScaledVector(unit, -r);
  const head = new Mesh(new ConeGeometry(r * 0.8, 2 * r, 20), material());
  head.position.copy(to).addScaledVector(unit, -r);
  const along = new Quaternion().setFromUnitVectors(new Vector3(0, 1, 0), unit);
  for (const part of [shaft, head]) part.quaternion.copy(along);
  const hold = new Mesh(new RingGeometry(r * 0.8, r * 1.4, 24), material());
  hold.position.copy(from);
  hold.lookAt(to);
  const all = [shaft, head, hold];
  for (const part of all) part.renderOrder = 3;
  return all;
}
