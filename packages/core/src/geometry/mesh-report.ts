import { sharpCorners, type SharpCorner } from './corners.js';
import { extent } from './extent.js';
import { triangleCount, type Mesh, type MeshFormat, type MeshProgress, type MeshUnit } from './mesh.js';
import { overhangMm2 } from './overhang.js';
import { outlineArea, sectionAt } from './section.js';
import { solidity } from './solid.js';
import { wallThickness } from './walls.js';
import { weld } from './weld.js';

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

/** Where the outline on the plate is taken, above the lowest point, mm. */
const OUTLINE_MM = 0.1;
/** Corners that do not quite meet are closed within this share of the part's size. */
const GAP_SHARE = 1e-6;

/** Measures a shape as it lies in its file. @throws whatever `progress` throws, to end it */
export function meshReport(mesh: Mesh, progress: MeshProgress = () => undefined): MeshReport {
  const { positions } = mesh;
  const size = extent(positions);
  progress(0.2);
  const [x, y, z] = size.highMm.map((h, k) => h - size.lowMm[k]!) as [number, number, number];
  let solid = solidity(weld(positions));
  let gridMm = 0;
  if (!solid.watertight) {
    const wider = GAP_SHARE * Math.max(x, y, z);
    const closed = solidity(weld(positions, wider));
    if (closed.openEdges < solid.openEdges) {
      solid = closed;
      gridMm = wider;
    }
  }
  progress(0.6);
  const plateMm = size.lowMm[2];
  const outlines = sectionAt(positions, plateMm + Math.min(OUTLINE_MM, z / 2), gridMm);
  const inwards = size.volumeMm3 < 0 ? -1 : 1;
  progress(0.7);
  const walls = wallThickness(positions, inwards);
  progress(1);
  return {
    format: mesh.format,
    triangles: triangleCount(mesh),
    volumeMm3: Math.abs(size.volumeMm3),
    surfaceMm2: size.surfaceMm2,
    boundsMm: { x, y, z },
    watertight: solid.watertight,
    shells: solid.shells,
    footprintMm2: Math.abs(outlines.reduce((sum, o) => sum + outlineArea(o), 0)),
    overhangMm2: overhangMm2(inwards < 0 ? turnedOver(positions) : positions, plateMm),
    sharpCorners: outlines.flatMap(o => sharpCorners(inwards < 0 ? [...o].reverse() : o)),
    minWallMm: walls?.minMm ?? null,
    medianWallMm: walls?.medianMm ?? null,
    units: mesh.unit,
    warnings: [...mesh.warnings, ...faults(solid, inwards)],
  };
}

function faults({ openEdges, oddEdges, degenerate }: ReturnType<typeof solidity>, inwards: 1 | -1): string[] {
  const counted = (n: number, one: string, several: string): string => `${n} ${n === 1 ? one : several}`;
  return [
    ...(openEdges
      ? [`is open along ${counted(openEdges, 'edge', 'edges')}: its volume and mass are only about right`]
      : []),
    ...(oddEdges
      ? [`has ${counted(oddEdges, 'edge', 'edges')} where faces cross or face different ways`]
      : []),
    ...(degenerate ? [`has ${counted(degenerate, 'triangle', 'triangles')} without area`] : []),
    ...(inwards < 0 ? ['is inside out: it is taken as if it were not'] : []),
  ];
}

/** The same triangles, facing the other way. */
function turnedOver(positions: Float32Array): Float32Array {
  const turned = positions.slice();
  for (let i = 0; i < turned.length; i += 9) {
    turned.set(positions.subarray(i + 3, i + 6), i + 6);
    turned.set(positions.subarray(i + 6, i + 9), i + 3);
  }
  return turned;
}
