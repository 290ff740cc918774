import type { Grade } from '@hornblende/core/formats';
import { InputError } from '@hornblende/core/input';
import { familyKeys, materialFinder, type Family } from '@hornblende/core/materials';

/** A family or a grade by its key. @throws InputError for a filament that is not there */
export function materialOf(key: string, grades: readonly Grade[]): Family {
  const family = materialFinder(grades)(key);
  if (family) return family;
  const known = [...familyKeys, ...grades.map(g => g.key)].join(', ');
  throw new InputError([{ field: 'material', value: key, message: `must be one of ${known}` }]);
}
