import {
  extent,
  featureEdges,
  readMesh,
  triangleCount,
  type MeshUnit,
  type Xyz,
} from '@hornblende/core/geometry';
import type { Progress } from '../job';

/** A part's file, and what it is drawn in where the file does not say. */
export interface ShapeQuestion {
  name: string;
  bytes: Uint8Array;
  unit: MeshUnit | null;
}

/** A shape as it is looked at: its triangles, nine coordinates each, and the lines of its drawing, six each, mm. */
export interface ShapeAnswer {
  positions: Float32Array;
  edges: Float32Array;
  /** Its box as the file has it. */
  lowMm: Xyz;
  highMm: Xyz;
  triangles: number;
  warnings: string[];
}

/** Reads a shape, so that it can be shown; it is measured after that. @throws InputError */
export function run({ name, bytes, unit }: ShapeQuestion, progress: Progress): ShapeAnswer {
  const mesh = readMesh(name, bytes, { ...(unit ? { unit } : {}), progress: done => progress(done, 1) });
  const { lowMm, highMm } = extent(mesh.positions);
  return {
    positions: mesh.positions,
    edges: featureEdges(mesh.positions),
    lowMm,
    highMm,
    triangles: triangleCount(mesh),
    warnings: mesh.warnings,
  };
}
