import {
  movedLines,
  toldWarp,
  warpField,
  WarpFieldInput,
  type MovedLines,
  type WarpFieldResult,
} from '@hornblende/core/field';
import { facingOut } from '@hornblende/core/geometry';
import type { WarpBowInput } from '@hornblende/core/models';
import type { Progress } from '../job';

/** What decides how a shape warps, and its triangles as bytes: nine coordinates each, mm. */
export interface WarpFieldQuestion {
  bow: WarpBowInput;
  up: [number, number, number] | null;
  bytes: Uint8Array;
  cells: number;
  /** Its lines, to be drawn as they come off the plate: six coordinates each, mm. */
  edges: Float32Array;
}

/** What was found, and the lines of the part as it lets go. */
export interface WarpFieldAnswer {
  result: WarpFieldResult;
  lines: MovedLines;
}

/** Pieces that the longest side of a part is drawn in. */
const PIECES = 24;

/** Works out how a part's own shape warps. @throws InputError where it cannot be told */
export function run(
  { bow, up, bytes, cells, edges }: WarpFieldQuestion,
  progress: Progress,
): WarpFieldAnswer {
  const positions = facingOut(new Float32Array(bytes.buffer, bytes.byteOffset, bytes.byteLength / 4));
  const input = Object.assign(new WarpFieldInput(), bow, { up, cells });
  const field = warpField({ positions, minWallMm: null }, input, done => progress(done, 1));
  const { counts, size } = field.grid;
  const longest = Math.max(...counts.map((n, k) => n * size[k]!));
  return { result: toldWarp(field), lines: movedLines(field, edges, longest / PIECES) };
}
