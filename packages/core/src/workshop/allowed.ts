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
  return families.filter(f => isAllowed(allowed, { key: f.key, family: f.grade?.family ?? f.key }));
}

/** Whether a workshop allows a family or grade. */
export function isAllowed(
  allowed: readonly AllowedFilament[],
  { key, family }: { key: string; family: string },
): boolean {
  return !allowed.length || allowed.some(a => a.material === key || a.material === family);
}
