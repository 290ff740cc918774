import type { ShapeLay } from '@hornblende/core/advice';
import { fieldKey, fieldOf, hasPlaces, laidBrief, type BriefLoad } from '@hornblende/core/brief';
import type { Brief } from '@hornblende/core/formats';
import type { FieldShape, StressFieldResult } from '@hornblende/core/field';
import { readBytes } from './read-json.js';

/** A part's file with what fields ask of it. @throws InputError */
export async function fieldShape(path: string): Promise<FieldShape> {
  // The mesh libraries are only loaded when they are wanted.
  const { meshReport, readMesh } = await import('@hornblende/core/geometry');
  const mesh = readMesh(path, readBytes(path));
  return { positions: mesh.positions, minWallMm: meshReport(mesh).minWallMm };
}

/** Works a load out on the shape, and writes it into the brief: the ranking goes by it. @throws InputError */
export async function loadOnShape(
  brief: Brief,
  load: BriefLoad,
  shape: FieldShape,
): Promise<StressFieldResult> {
  const { loadFieldOf, stressField, told } = await import('@hornblende/core/field');
  const input = loadFieldOf.input(brief, load);
  const result = told(stressField(shape, input));
  load.field = loadFieldOf.result(fieldKey(brief, load), input, result);
  return result;
}

/**
 * Ways to lay a part, with its loads that name their places worked out on its shape for each; the brief gets those of
 * the first, which is how it lies.
 * @throws InputError
 */
export async function laysOnShape(
  brief: Brief,
  lays: readonly ShapeLay[],
  path: string,
): Promise<ShapeLay[]> {
  if (!brief.loads.some(hasPlaces)) return [...lays];
  const shape = await fieldShape(path);
  const worked: ShapeLay[] = [];
  for (const lay of lays) {
    const laid = laidBrief(brief, lay);
    for (const load of laid.loads)
      if (hasPlaces(load) && !fieldOf(laid, load)) await loadOnShape(laid, load, shape);
    worked.push({ ...lay, fields: laid.loads.map(load => load.field) });
  }
  brief.loads.forEach((load, i) => (load.field = worked[0]?.fields?.[i] ?? load.field));
  return worked;
}

/** Works out every load of a brief that names its places and has no field that stands. @throws InputError */
export async function loadsOnShape(brief: Brief, path: string): Promise<void> {
  const open = brief.loads.filter(load => hasPlaces(load) && !fieldOf(brief, load));
  if (!open.length) return;
  const shape = await fieldShape(path);
  for (const load of open) await loadOnShape(brief, load, shape);
}
