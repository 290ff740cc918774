import { sharpCorners, type SharpCorner } from './corners.js';
import { extent } from './extent.js';
import { triangleCount, type Mesh, type MeshFormat, type MeshProgress, type MeshUnit } from './mesh.js';
import { turnedOver } from './outward.js';
import { overhangMm2 } from './overhang.js';
import { outlinesMm2, plateOutline } from './plate-outline.js';
import type { Solidity } from './solid.js';
import { soundness } from './soundness.js';
import { wallThickness } from './walls.js';

/** What a shape is, measured. */
export interface MeshReport {
  format: MeshFormat;
  triangles: number;
  volumeMm3: number;
  surfaceMm2: number;
  boundsMm: { x: number; y: number; z: number };
  watertight: boolean;
  /** Pieces that do not touch. */
  shells: number;
  /** Area of the outline on the plate, a tenth of a millimetre up. */
  footprintMm2: number;
  /** Area that faces down by more than 45° from upright and is not on the plate. */
  overhangMm2: number;
  sharpCorners: SharpCorner[];
  /** The wall than which one in twenty is thinner, and the middle one; null where there is nothing to measure. */
  minWallMm: number | null;
  medianWallMm: number | null;
  units: MeshUnit;
  /** What is wrong with the file, and what that means for the figures. */
  warnings: string[];
}

/** Measures a shape as it lies in its file. @throws whatever `progress` throws, to end it */
export function meshReport(mesh: Mesh, progress: MeshProgress = () => undefined): MeshReport {
  const { lowMm, highMm, surfaceMm2, volumeMm3 } = extent(mesh.positions);
  // Taken as if it were the right way out, and said so below.
  const positions = volumeMm3 < 0 ? turnedOver(mesh.positions) : mesh.positions;
  progress(0.2);
  const [x, y, z] = highMm.map((h, k) => h - lowMm[k]!) as [number, number, number];
  const { solid, gridMm } = soundness(positions, Math.max(x, y, z));
  progress(0.6);
  const outlines = plateOutline(positions, { lowMm, highMm }, gridMm);
  progress(0.7);
  const walls = wallThickness(positions);
  progress(1);
  return {
    format: mesh.format,
    triangles: triangleCount(mesh),
    volumeMm3: Math.abs(volumeMm3),
    surfaceMm2,
    boundsMm: { x, y, z },
    watertight: solid.watertight,
    shells: solid.shells,
    footprintMm2: outlinesMm2(outlines),
    overhangMm2: overhangMm2(positions, lowMm[2]),
    sharpCorners: outlines.flatMap(sharpCorners),
    minWallMm: walls?.minMm ?? null,
    medianWallMm: walls?.medianMm ?? null,
    units: mesh.unit,
    warnings: [...mesh.warnings, ...faults(solid, volumeMm3 < 0)],
  };
}

function faults({ openEdges, oddEdges, degenerate }: Solidity, insideOut: boolean): string[] {
  const counted = (n: number, one: string, several: string): string => `${n} ${n === 1 ? one : several}`;
  return [
    ...(openEdges
      ? [`is open along ${counted(openEdges, 'edge', 'edges')}: its volume and mass are only about right`]
      : []),
    ...(oddEdges
      ? [`has ${counted(oddEdges, 'edge', 'edges')} where faces cross or face different ways`]
      : []),
    ...(degenerate ? [`has ${counted(degenerate, 'triangle', 'triangles')} without area`] : []),
    ...(insideOut ? ['is inside out: it is taken as if it were not'] : []),
  ];
}
