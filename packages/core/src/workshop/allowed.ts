import { MaterialKey } from '../materials/material-key.js';
import type { Family } from '../materials/family.js';

/** A filament that a workshop prints: a family with all its grades, or one grade. */
export class AllowedFilament {
  @MaterialKey({ doc: 'The key of a family or grade.' }) material!: string;
}

/**
 * The families and grades that a workshop allows; all of them where it names none. A family brings its grades, a grade
 * only itself.
 */
export function allowedOf(families: readonly Family[], allowed: readonly AllowedFilament[]): Family[] {
  if (!allowed.length) return [...families];
  const keys = new Set(allowed.map(a => a.material));
  return families.filter(f => keys.has(f.key) || (f.grade !== null && keys.has(f.grade.family)));
}
