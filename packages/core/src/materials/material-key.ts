import { Choice, Read, Text } from '../input/fields.js';
import { familyKeys } from './library.js';
import { currentKey } from './renamed.js';

/** A key of before is read as that of now. */
const renaming = Read(sent => (typeof sent === 'string' ? currentKey(sent) : sent));

/** A field that names a family of the library. */
export function FamilyKey(o: { doc: string }): PropertyDecorator {
  const choice = Choice(familyKeys, o);
  return (target, key) => {
    renaming(target, key);
    choice(target, key);
  };
}

/** A field that names a family or a grade. */
export function MaterialKey(o: { doc: string }): PropertyDecorator {
  const text = Text({ maxLength: 80, ...o });
  return (target, key) => {
    renaming(target, key);
    text(target, key);
  };
}
