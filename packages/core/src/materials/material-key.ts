import { Transform } from 'class-transformer';
import { Choice, Text } from '../input/fields.js';
import { familyKeys } from './library.js';
import { currentKey } from './renamed.js';

/** A key of before is read as that of now. */
const renaming = Transform(({ value }: { value: unknown }) =>
  typeof value === 'string' ? currentKey(value) : value,
);

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
