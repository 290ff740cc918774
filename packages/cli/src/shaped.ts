import { layVerdicts } from '@hornblende/core/advice';
import { laidBrief } from '@hornblende/core/brief';
import type { Weather } from '@hornblende/core/climate';
import type { Brief, Printer } from '@hornblende/core/formats';
import type { Family } from '@hornblende/core/materials';
import type { Lay } from '@hornblende/core/geometry';
import { basename } from 'node:path';
import { readBytes } from './read-json.js';

/** A part's file: its wall in the middle, and the ways to lay it. */
export interface ShapeFile {
  name: string;
  wallMm: number | null;
  lays: Lay[];
}

/** Reads and measures a part's file; what is wrong with it goes to standard error. @throws InputError */
export async function readShape(path: string, everyWay: boolean): Promise<ShapeFile> {
  // The mesh libraries are only loaded when they are wanted.
  const { laysOf, layWith, meshReport, readMesh } = await import('@hornblende/core/geometry');
  const mesh = readMesh(path, readBytes(path));
  const report = meshReport(mesh);
  for (const w of report.warnings) process.stderr.write(`${path}: ${w}\n`);
  return {
    name: basename(path),
    wallMm: report.medianWallMm,
    lays: everyWay ? laysOf(mesh) : [layWith(mesh, [0, 0, 1])],
  };
}

/** A brief with the shape of a file, lying as it is in it, or as is best for one filament. */
export function shapedBrief(
  brief: Brief,
  { name, wallMm, lays }: ShapeFile,
  best: { family: Family; printer: Printer | null; weather: Weather | null } | null,
): Brief {
  const asFile = laidBrief(brief, lays[0]!, name, wallMm);
  if (!best) return asFile;
  const [first] = layVerdicts(asFile, lays, best.family, { printer: best.printer, weather: best.weather });
  return first?.brief ?? asFile;
}
