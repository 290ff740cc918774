import type { MeshUnit } from '@hornblende/core/geometry';
import { parseInput } from '@hornblende/core/input';
import {
  stressField,
  StressFieldInput,
  told,
  toldWarp,
  warpField,
  WarpFieldInput,
  type FieldShape,
  type StressFieldResult,
  type WarpFieldResult,
} from '@hornblende/core/field';
import { meshReport, readMesh } from '@hornblende/core/geometry';
import type { Knex } from 'knex';
import { ShapeStore } from '../../db/shapes.js';
import { notFound } from '../../lib/errors.js';
import type { SayProgress, Task } from '../task.js';

/** Steps that the work is told in. */
const STEPS = 100;

/** What is asked of the shape that is kept with a part. */
export interface ShapeAsked {
  partId: string;
  body: unknown;
}

/** What a part's own shape bears. */
export const stressOnShape: Task<ShapeAsked, StressFieldResult> = {
  async run(db, { partId, body }, progress) {
    const input = parseInput(StressFieldInput, body);
    return told(stressField(await shapeOf(db, partId), input, inSteps(progress)));
  },
};

/** The shape that a part takes off the plate. */
export const warpOfShape: Task<ShapeAsked, WarpFieldResult> = {
  async run(db, { partId, body }, progress) {
    const input = parseInput(WarpFieldInput, body);
    return toldWarp(warpField(await shapeOf(db, partId), input, inSteps(progress)));
  },
};

const inSteps =
  (progress: SayProgress) =>
  (done: number): void =>
    progress(Math.round(STEPS * done), STEPS);

/** @throws HttpProblem 404 where no file is kept; InputError where it is no shape */
async function shapeOf(db: Knex, partId: string): Promise<FieldShape> {
  const store = new ShapeStore(db);
  const facts = await store.facts(partId);
  if (!facts) throw notFound('shape', partId);
  const unit = facts.unit as MeshUnit | null;
  const mesh = readMesh(facts.name, await store.bytes(partId), unit ? { unit } : {});
  return { positions: mesh.positions, minWallMm: meshReport(mesh).minWallMm };
}
