import type { Family } from '../materials/family.js';
import { allowedOf } from './allowed.js';
import { scaledFamilies } from './model-scales.js';
import type { WorkshopSettings } from './settings.js';

/** Families and grades as a workshop has them: those that it allows, judged as its parts in service taught it. */
export function familiesHere(
  families: readonly Family[],
  { allowed, scales }: Pick<WorkshopSettings, 'allowed' | 'scales'>,
): Family[] {
  return [...scaledFamilies(allowedOf(families, allowed), scales)];
}
