import { fieldsOf } from '@hornblende/core/input';

/** What the fields of an input class may hold, as controls take it: stated once, where they are read. */
export interface FieldLimits<T> {
  /** The ends of a number. @throws TypeError for a field that is none */
  number: (name: keyof T & string) => { min: number; max: number };
  /** The most letters of a text. @throws TypeError for a field that is none */
  text: (name: keyof T & string) => { maxlength: number };
}

/**
 * The limits of an input class for a form of it.
 * @example limitsOf(Printer).number('nozzleMaxC'); // { min: 0, max: 600 }
 */
export function limitsOf<T extends object>(type: new () => T): FieldLimits<T> {
  const fields = new Map(fieldsOf(type).map(f => [f.name, f]));
  return {
    number(name) {
      const { min, max } = fields.get(name) ?? {};
      if (min === undefined || max === undefined) throw new TypeError(`${type.name}.${name} is no number`);
      return { min, max };
    },
    text(name) {
      const maxlength = fields.get(name)?.maxLength;
      if (maxlength === undefined) throw new TypeError(`${type.name}.${name} is no text`);
      return { maxlength };
    },
  };
}
