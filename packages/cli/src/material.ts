import { familyKeys, InputError, materialFinder, type Family, type Grade } from '@hornblende/core';

/** A family or a grade by its key. @throws InputError for a filament that is not there */
export function materialOf(key: string, grades: readonly Grade[]): Family {
  const family = materialFinder(grades)(key);
  if (family) return family;
  const known = [...familyKeys, ...grades.map(g => g.key)].join(', ');
  throw new InputError([{ field: 'material', value: key, message: `must be one of ${known}` }]);
}
