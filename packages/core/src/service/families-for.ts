import type { Brief } from '../brief/brief.js';
import type { Family } from '../materials/family.js';
import { families as libraryFamilies } from '../materials/library.js';
import { withFieldEvidence, type FieldEvidence } from './field-evidence.js';

/** The library as a brief's outdoor school has it: by what is logged outdoors, with one's own parts in it. */
export function familiesFor(
  { outdoorSchool }: Pick<Brief, 'outdoorSchool'>,
  field: readonly FieldEvidence[],
): readonly Family[] {
  return outdoorSchool === 'field' ? withFieldEvidence(libraryFamilies, field) : libraryFamilies;
}
