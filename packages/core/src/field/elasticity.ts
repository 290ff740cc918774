/** Elastic constants of plastic that lies in layers: alike in the plane of the layers, other across them. */
export interface Elastic {
  /** Modulus in the plane of the layers, MPa. */
  modulusMPa: number;
  poisson: number;
  /** Modulus across the layers over that in their plane. */
  layerRatio: number;
}

/** A symmetric 6 × 6 matrix by rows: xx, yy, zz, yz, xz, xy, with engineering shears. */
export type Stiffness = readonly (readonly number[])[];

/**
 * The stiffness of a layered solid, transversely isotropic about z: ν the same in the plane and towards z, and the
 * shear modulus across the layers by the geometric mean of the two moduli (estimate; exact where the ratio is 1).
 */
export function stiffnessOf({ modulusMPa: E, poisson, layerRatio }: Elastic): Stiffness {
  const flat = 1 / E;
  const across = 1 / (layerRatio * E);
  const coupled = -poisson / E;
  const normal = inverse3([
    [flat, coupled, coupled],
    [coupled, flat, coupled],
    [coupled, coupled, across],
  ]);
  const shear = E / (2 * (1 + poisson));
  const shearAcross = shear * Math.sqrt(layerRatio);
  const rows = normal.map(row => [...row, 0, 0, 0]);
  return [...rows, [0, 0, 0, shearAcross, 0, 0], [0, 0, 0, 0, shearAcross, 0], [0, 0, 0, 0, 0, shear]];
}

/** The inverse of a 3 × 3 matrix, by cofactors. */
function inverse3(m: readonly (readonly number[])[]): number[][] {
  const at = (i: number, j: number): number => m[i % 3]![j % 3]!;
  const cofactor = (i: number, j: number): number =>
    at(i + 1, j + 1) * at(i + 2, j + 2) - at(i + 1, j + 2) * at(i + 2, j + 1);
  const determinant = [0, 1, 2].reduce((sum, j) => sum + at(0, j) * cofactor(0, j), 0);
  return [0, 1, 2].map(i => [0, 1, 2].map(j => cofactor(j, i) / determinant));
}
