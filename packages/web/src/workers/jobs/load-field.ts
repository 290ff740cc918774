import { fieldKey, type LoadField } from '@hornblende/core/brief';
import type { Brief } from '@hornblende/core/formats';
import {
  loadFieldOf,
  innerEdgeNear,
  skinOf,
  stressField,
  surfaceOf,
  told,
  volumeQuantiles,
  type Skin,
  type StressFieldResult,
} from '@hornblende/core/field';
import { facingOut, type Xyz } from '@hornblende/core/geometry';
import type { Progress } from '../job';

/** A load of a brief that names its places, and the shape that it is to be worked out on. */
export interface LoadFieldQuestion {
  brief: Brief;
  load: number;
  /** The shape's triangles as bytes: nine coordinates each, mm. */
  bytes: Uint8Array;
  /** Its thinnest wall, mm, as it was measured; null where it was not. */
  minWallMm: number | null;
  /** Most cells: few for a first answer, many for the fine one. */
  cells: number;
}

/** What was found, as the brief keeps it, as it is told, and as it is drawn. */
export interface LoadFieldAnswer {
  load: number;
  cells: number;
  field: LoadField;
  result: StressFieldResult;
  skin: Skin;
  /** What each hundredth of its volume bears at most along its layers, MPa, the least first. */
  byVolume: number[];
  /** The inner edges at which stress gathers, where it does: a radius would help there. */
  innerEdges: { along: Xyz | null; between: Xyz | null };
}

/** How far the worst cell may lie from an inner edge that it is put down to, in cells. */
const AT_EDGE_CELLS = 2.5;

/** Works a load out on the shape itself. @throws InputError where it cannot be told */
export function run(
  { brief, load, bytes, minWallMm, cells }: LoadFieldQuestion,
  progress: Progress,
): LoadFieldAnswer {
  const positions = facingOut(new Float32Array(bytes.buffer, bytes.byteOffset, bytes.byteLength / 4));
  const one = brief.loads[load]!;
  const input = loadFieldOf.input(brief, one, cells);
  const field = stressField({ positions, minWallMm }, input, done => progress(done, 1));
  const result = told(field);
  const surface = surfaceOf(positions);
  const edgeAt = (atMm: Xyz): Xyz | null => innerEdgeNear(surface, atMm, AT_EDGE_CELLS * field.cellMm);
  return {
    load,
    cells,
    field: loadFieldOf.result(fieldKey(brief, one), input, result),
    result,
    skin: skinOf(field),
    byVolume: volumeQuantiles(field.stress.along, field.volumesMm3),
    innerEdges: { along: edgeAt(result.along.atMm), between: edgeAt(result.between.atMm) },
  };
}
