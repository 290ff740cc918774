import { meshReport, readMesh, type MeshReport, type MeshUnit } from '@hornblende/core/geometry';
import type { Progress } from '../job';

/** A part's file, and what it is drawn in where the file does not say. */
export interface MeshQuestion {
  name: string;
  bytes: Uint8Array;
  unit: MeshUnit | null;
}

/** How much of the work is reading; the rest is measuring. */
const READING = 0.4;

/** Reads and measures a shape. @throws InputError for a file that nothing can be made of */
export function run({ name, bytes, unit }: MeshQuestion, progress: Progress): MeshReport {
  const mesh = readMesh(name, bytes, {
    ...(unit ? { unit } : {}),
    progress: done => progress(READING * done, 1),
  });
  return meshReport(mesh, done => progress(READING + (1 - READING) * done, 1));
}
