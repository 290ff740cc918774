import { Box3, PerspectiveCamera, Vector3 } from 'three';
import type { Xyz } from '@hornblende/core/geometry';

/** How much of the picture is left free around a part. */
const ROOM = 1.12;

/**
 * How far a camera stands from the middle of a box so that all of it is in the picture and fills it, in the box's unit.
 * @param sizes of the box
 * @param from the direction in which the camera stands
 * @param camera its opening and the shape of its picture
 */
export function framedDistance(
  sizes: Xyz,
  from: Xyz,
  { fov, aspect }: Pick<PerspectiveCamera, 'fov' | 'aspect'>,
): number {
  const eye = new PerspectiveCamera(fov, aspect);
  eye.up.set(0, 0, 1);
  eye.position.set(...(from as [number, number, number]));
  eye.lookAt(0, 0, 0);
  eye.updateMatrixWorld();
  const upright = Math.tan((fov * Math.PI) / 360);
  const box = new Box3().setFromCenterAndSize(
    new Vector3(),
    new Vector3(...(sizes as [number, number, number])),
  );
  const turned = eye.quaternion.clone().invert();
  let far = 0;
  for (let corner = 0; corner < 8; corner++) {
    const at = new Vector3(
      corner & 1 ? box.max.x : box.min.x,
      corner & 2 ? box.max.y : box.min.y,
      corner & 4 ? box.max.z : box.min.z,
    ).applyQuaternion(turned);
    // In the camera's axes: what lies nearer to it wants it farther off.
    far = Math.max(
      far,
      at.z + ROOM * Math.max(Math.abs(at.y) / upright, Math.abs(at.x) / (upright * aspect)),
    );
  }
  return far;
}
