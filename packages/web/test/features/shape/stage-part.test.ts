import { Box3, Mesh, type MeshBasicMaterial } from 'three';
import { describe, expect, it } from 'vitest';
import { discMesh, loadMeshes, markMesh } from '../../../src/features/shape/stage-marks';
import { StagePart } from '../../../src/features/shape/stage-part';

/** A corner of a box: three triangles that reach 30, 20 and 10 mm along the axes. */
const positions = new Float32Array([
  0, 0, 0, 30, 0, 0, 0, 20, 0, 0, 0, 0, 0, 0, 10, 30, 0, 0, 0, 0, 0, 0, 20, 0, 0, 0, 10,
]);

describe('the part on the stage', () => {
  const part = (): StagePart => new StagePart(positions, new Float32Array([0, 0, 0, 30, 0, 0]));
  const boxOf = (p: StagePart): Box3 => new Box3().setFromObject(p.group);

  it('stands on the plate with its lowest corner where it is put', () => {
    const p = part();
    p.place(
      [
        [1, 0, 0],
        [0, 1, 0],
        [0, 0, 1],
      ],
      [0, 0, 0],
      [100, 50, 0],
    );
    expect(boxOf(p).min.toArray()).toEqual([100, 50, 0]);
    expect(boxOf(p).max.toArray()).toEqual([130, 70, 10]);
  });
  it('is turned without being built anew', () => {
    const p = part();
    const before = p.target.geometry;
    // What was X points up.
    p.place(
      [
        [0, 1, 0],
        [0, 0, 1],
        [1, 0, 0],
      ],
      [0, 0, 0],
      [0, 0, 0],
    );
    const size = boxOf(p).max.toArray().map(Math.round);
    expect(size).toEqual([20, 10, 30]);
    expect(p.target.geometry).toBe(before);
  });
  it('is cut open and closed again', () => {
    const p = part();
    const material = p.target.material as MeshBasicMaterial;
    p.cut(62);
    expect(material.clippingPlanes?.[0]?.constant).toBe(-62);
    p.cut(null);
    expect(material.clippingPlanes).toBeNull();
  });
});

describe('marks', () => {
  it('differ in form, and the one that is looked at is larger and seen through the part', () => {
    const forms = (['corner', 'overhang', 'thin'] as const).map(
      kind => markMesh(kind, [1, 2, 3], 2, false, '#f00').geometry.type,
    );
    expect(new Set(forms).size).toBe(3);
    const plain = markMesh('thin', [1, 2, 3], 2, false, '#f00');
    const looked = markMesh('thin', [1, 2, 3], 2, true, '#f00');
    const width = (m: Mesh): number => new Box3().setFromObject(m).max.x - 1;
    expect(width(looked)).toBeGreaterThan(1.5 * width(plain));
    expect((looked.material as MeshBasicMaterial).depthTest).toBe(false);
  });
  it('a disc lies on the plate under its corner', () => {
    const box = new Box3().setFromObject(discMesh([10, 20, 0], '#0f0'));
    expect(box.min.z).toBeCloseTo(0, 6);
    expect((box.min.x + box.max.x) / 2).toBeCloseTo(10, 6);
    expect(box.max.x - box.min.x).toBeCloseTo(16, 1);
  });
  it('an arrow reaches from where a load is held to where it acts', () => {
    const meshes = loadMeshes([0, 0, 0], [50, 0, 0], 2, '#00f');
    const box = new Box3();
    for (const m of meshes) box.expandByObject(m);
    expect(box.max.x).toBeCloseTo(50, 3);
    expect(loadMeshes([1, 1, 1], [1, 1, 1], 2, '#00f')).toEqual([]);
  });
});
