import { warpField, WarpFieldInput, type WarpFieldResult } from '@hornblende/core/field';
import { facingOut } from '@hornblende/core/geometry';
import type { WarpBowInput } from '@hornblende/core';
import type { Progress } from '../job';

/** What decides how a shape warps, and its triangles as bytes: nine coordinates each, mm. */
export interface WarpFieldQuestion {
  bow: WarpBowInput;
  up: [number, number, number] | null;
  bytes: Uint8Array;
  cells: number;
}

/** Works out how a part's own shape warps. @throws InputError where it cannot be told */
export function run({ bow, up, bytes, cells }: WarpFieldQuestion, progress: Progress): WarpFieldResult {
  const positions = facingOut(new Float32Array(bytes.buffer, bytes.byteOffset, bytes.byteLength / 4));
  const input = Object.assign(new WarpFieldInput(), bow, { up, cells });
  const {
    grid: _grid,
    u: _u,
    ...result
  } = warpField({ positions, minWallMm: null }, input, done => progress(done, 1));
  return result;
}
