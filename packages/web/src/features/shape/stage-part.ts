import type { Turn, Xyz } from '@hornblende/core/geometry';
import {
  BackSide,
  BufferAttribute,
  BufferGeometry,
  Color,
  DoubleSide,
  Group,
  LineBasicMaterial,
  LineSegments,
  Matrix4,
  Mesh,
  MeshBasicMaterial,
  MeshLambertMaterial,
  Plane,
  Vector3,
} from 'three';

/** Faces painted by what they bear, as a share of what they may: two triangles each, in the axes of the file. */
export interface Painting {
  positions: Float32Array;
  shares: Float32Array;
  /** The share that has the full colour. */
  full: number;
}

/** Colours of the scale: nothing, all that it may bear, and more. */
export interface ScaleColours {
  nothing: string;
  all: string;
  more: string;
}

/** Colours of a part: its outside, where it is cut open, and its edges. */
export interface PartColours {
  part: string;
  inside: string;
  line: string;
}

/** The part on the stage: its triangles are handed to the graphics card once, and then only turned and cut. */
export class StagePart {
  readonly group = new Group();
  private readonly turned = new Group();
  private readonly body: Mesh<BufferGeometry, MeshLambertMaterial>;
  private readonly inside: Mesh<BufferGeometry, MeshBasicMaterial>;
  private readonly lines: LineSegments<BufferGeometry, LineBasicMaterial>;
  private painted: Mesh<BufferGeometry, MeshLambertMaterial> | null = null;
  private painting: Painting | null = null;
  /** What lies before it is left out, where the part is cut open. */
  private readonly front = new Plane(new Vector3(0, 1, 0), 0);

  constructor(positions: Float32Array, edges: Float32Array) {
    const geometry = new BufferGeometry();
    geometry.setAttribute('position', new BufferAttribute(positions, 3));
    this.body = new Mesh(geometry, new MeshLambertMaterial({ flatShading: true }));
    this.inside = new Mesh(geometry, new MeshBasicMaterial({ side: BackSide }));
    const drawn = new BufferGeometry();
    drawn.setAttribute('position', new BufferAttribute(edges, 3));
    this.lines = new LineSegments(drawn, new LineBasicMaterial());
    this.turned.matrixAutoUpdate = false;
    this.turned.add(this.body, this.inside, this.lines);
    this.group.add(this.turned);
  }

  /** Gives it the theme's colours. */
  colour({ part, inside, line }: PartColours): void {
    this.body.material.color.set(part);
    this.inside.material.color.set(inside);
    this.lines.material.color.set(line);
  }

  /** Paints it by what each place bears, in place of its own surface; null takes the paint off. */
  paint(painting: Painting | null, scale: ScaleColours): void {
    if (painting !== this.painting) {
      this.painted?.removeFromParent();
      this.painted?.geometry.dispose();
      this.painted?.material.dispose();
      this.painted = painting && paintedMesh(painting, scale);
      if (this.painted) this.turned.add(this.painted);
      this.painting = painting;
    }
    this.body.visible = painting === null;
  }

  /**
   * Lays it on the plate.
   * @param lowMm the lowest corner of its box once it is turned
   * @param cornerMm where that corner stands on the plate
   */
  place([x, y, z]: Turn, lowMm: Xyz, cornerMm: Xyz): void {
    this.turned.matrix = new Matrix4().set(...x, 0, ...y, 0, ...z, 0, 0, 0, 0, 1);
    this.group.position.set(cornerMm[0] - lowMm[0], cornerMm[1] - lowMm[1], cornerMm[2] - lowMm[2]);
    this.group.updateMatrixWorld(true);
  }

  /** Cuts it open at a distance from the plate's front; null closes it. */
  cut(atMm: number | null): void {
    this.front.constant = -(atMm ?? 0);
    const planes = atMm === null ? null : [this.front];
    for (const { material } of [
      this.body,
      this.inside,
      this.lines,
      ...(this.painted ? [this.painted] : []),
    ]) {
      material.clippingPlanes = planes;
      material.needsUpdate = true;
    }
    this.inside.visible = atMm !== null;
  }

  /** The mesh that can be pointed at. */
  get target(): Mesh {
    return this.body;
  }

  dispose(): void {
    for (const { geometry, material } of [
      this.body,
      this.inside,
      this.lines,
      ...(this.painted ? [this.painted] : []),
    ]) {
      geometry.dispose();
      material.dispose();
    }
  }
}

/** The colour of a share of what may be borne: deeper up to the full one, and at once another for more than all. */
export function paintOf(share: number, full: number, { nothing, all, more }: ScaleColours): Color {
  if (share > 1) return new Color(more);
  return new Color(nothing).lerp(new Color(all), Math.min(1, Math.max(0, share / full)));
}

function paintedMesh(
  { positions, shares, full }: Painting,
  scale: ScaleColours,
): Mesh<BufferGeometry, MeshLambertMaterial> {
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(positions, 3));
  const colours = new Float32Array(positions.length);
  shares.forEach((share, face) => {
    const { r, g, b } = paintOf(share, full, scale);
    for (let corner = 0; corner < 6; corner++) colours.set([r, g, b], 18 * face + 3 * corner);
  });
  geometry.setAttribute('color', new BufferAttribute(colours, 3));
  return new Mesh(
    geometry,
    new MeshLambertMaterial({ flatShading: true, vertexColors: true, side: DoubleSide }),
  );
}
