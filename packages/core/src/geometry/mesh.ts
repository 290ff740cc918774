/** The kinds of file that a shape comes in. */
export const meshFormats = ['stl', 'obj', '3mf'] as const;
/** The kind of file that a shape came in. */
export type MeshFormat = (typeof meshFormats)[number];

/** Units that a shape may be drawn in, in mm. */
export const unitMm = {
  micron: 0.001,
  millimeter: 1,
  centimeter: 10,
  inch: 25.4,
  foot: 304.8,
  meter: 1000,
} as const;
/** Units that a shape may be drawn in, by name. */
export const meshUnits = Object.keys(unitMm) as MeshUnit[];
/** The unit that a shape is drawn in. */
export type MeshUnit = keyof typeof unitMm;

/** A shape as a heap of triangles. */
export interface Mesh {
  format: MeshFormat;
  /** Nine coordinates a triangle, mm; each triangle counter-clockwise seen from outside. */
  positions: Float32Array;
  /** The unit that the file is in; STL and OBJ do not say, and are taken to be in millimetres. */
  unit: MeshUnit;
  /** What is wrong with the file, in words, where it could be read all the same. */
  warnings: string[];
}

/** How many triangles a shape has. */
export function triangleCount({ positions }: Pick<Mesh, 'positions'>): number {
  return positions.length / 9;
}

/** Called now and then with how much of the work is done, 0 to 1; it may throw to end it. */
export type MeshProgress = (done: number) => void;
