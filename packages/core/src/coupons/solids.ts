import Module, { type CrossSection, type Manifold, type ManifoldToplevel } from 'manifold-3d';

/** A solid shape while it is being made. */
export type Solid = Manifold;
/** A flat outline while a shape is being made. */
export type Flat = CrossSection;
/** The maker of shapes: boxes, prisms, turned bodies, and what is cut from them; always closed. */
export type Maker = Pick<ManifoldToplevel, 'Manifold' | 'CrossSection'>;

let kept: Promise<ManifoldToplevel> | null = null;

/** The library that shapes are made with; it is compiled once. */
export async function maker(): Promise<Maker> {
  kept ??= Module().then(lib => {
    lib.setup();
    return lib;
  });
  return kept;
}

/** The triangles of a solid, nine coordinates each, mm, and the solid is done with. */
export function trianglesOf(solid: Solid): Float32Array {
  const { triVerts, vertProperties, numProp } = solid.getMesh();
  const positions = new Float32Array(3 * triVerts.length);
  for (const [i, v] of triVerts.entries())
    for (let k = 0; k < 3; k++) positions[3 * i + k] = vertProperties[v * numProp + k]!;
  solid.delete();
  return positions;
}
