import fc from 'fast-check';
import { PerspectiveCamera, Vector3 } from 'three';
import { describe, expect, it } from 'vitest';
import { framedDistance } from '../../../src/features/shape/framed-distance';

const side = fc.double({ min: 1, max: 300, noNaN: true });
const from = new Vector3(-0.55, -0.85, 0.62).normalize();

/** How far out the corners of a box come in the picture of a camera that far off: 1 at its edge. */
function fills(sizes: [number, number, number], aspect: number): number {
  const camera = new PerspectiveCamera(32, aspect, 0.1, 1e5);
  camera.up.set(0, 0, 1);
  camera.position.copy(from).multiplyScalar(framedDistance(sizes, [from.x, from.y, from.z], camera));
  camera.lookAt(0, 0, 0);
  camera.updateMatrixWorld();
  let most = 0;
  for (const x of [-1, 1])
    for (const y of [-1, 1])
      for (const z of [-1, 1]) {
        const p = new Vector3((x * sizes[0]) / 2, (y * sizes[1]) / 2, (z * sizes[2]) / 2).project(camera);
        most = Math.max(most, Math.abs(p.x), Math.abs(p.y));
      }
  return most;
}

describe('how far off a part is looked at', () => {
  it('shows all of it and fills the picture, whatever its sides and the picture’s', () =>
    fc.assert(
      fc.property(side, side, side, fc.double({ min: 0.5, max: 2.5, noNaN: true }), (x, y, z, aspect) => {
        const most = fills([x, y, z], aspect);
        expect(most).toBeLessThan(1);
        expect(most).toBeGreaterThan(0.75);
      }),
    ));
});
