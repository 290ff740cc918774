import { hasPlaces } from '@hornblende/core/brief';
import type { Brief } from '@hornblende/core/formats';
import {
  bornByCell,
  cellsOfShape,
  cutPlan,
  loadFieldOf,
  stressField,
  type CutPlan,
  type StressField,
} from '@hornblende/core/field';
import { facingOut } from '@hornblende/core/geometry';
import type { Progress } from '../job';

/** A part that is to be printed in pieces, and what a piece may be long. */
export interface CutsQuestion {
  brief: Brief;
  /** The shape's triangles as bytes: nine coordinates each, mm. */
  bytes: Uint8Array;
  minWallMm: number | null;
  /** The longest piece along X, Y and Z as it lies, mm. */
  roomMm: [number, number, number];
}

/** Where to cut along each axis that needs it, or might; and how many of its loads are counted. */
export interface CutsAnswer {
  plans: CutPlan[];
  loads: number;
}

/** Cells that a load is worked out on: a seam asks for no finer ones. */
const CELLS = 20_000;
const AXES = [0, 1, 2] as const;

/** Finds where a part is best cut. @throws InputError where its shape is open, or a load cannot be told */
export function run({ brief, bytes, minWallMm, roomMm }: CutsQuestion, progress: Progress): CutsAnswer {
  const positions = facingOut(new Float32Array(bytes.buffer, bytes.byteOffset, bytes.byteLength / 4));
  const placed = brief.loads.filter(hasPlaces);
  const fields = placed.map((load, i): StressField => {
    const input = loadFieldOf.input(brief, load, CELLS);
    return stressField({ positions, minWallMm }, input, done => progress(i + done, placed.length));
  });
  const grid = fields[0]?.grid ?? cellsOfShape(positions, brief.geometry.up);
  const born = bornByCell(fields);
  const longer = AXES.filter(axis => grid.counts[axis] * grid.size[axis] > roomMm[axis] + 1e-6);
  // Where all of it fits, halves are what is asked for.
  const plans = (longer.length ? longer : AXES).map(axis =>
    cutPlan(grid, born, axis, roomMm[axis], longer.length ? 1 : 2),
  );
  return { plans: plans.filter(p => p !== null), loads: placed.length };
}
