import { fieldsOf } from './field-info.js';
import type { InputClass } from './instance-of.js';

/** Whether a value may stand in a field, beside being left out or null. */
export type Fits = (value: unknown) => boolean;

const noted = new WeakMap<object, Map<string, Fits>>();

/** Notes what may stand in a field of an input class. */
export function noteFits(target: object, name: string, fits: Fits): void {
  noted.set(target, (noted.get(target) ?? new Map<string, Fits>()).set(name, fits));
}

/**
 * Whether an instance of an input class is as its fields allow: the same answer as class-validator gives, in a small
 * part of the time and without a word on what is wrong. What does not fit is given to class-validator, which says why.
 */
export function fitsClass(type: InputClass, instance: unknown): boolean {
  if (!(instance instanceof type)) return false;
  const fields = compiled(type);
  for (const name of Object.keys(instance)) if (!fields.has(name)) return false;
  for (const [name, fits] of fields) if (!fits((instance as Record<string, unknown>)[name])) return false;
  return true;
}

const known = new WeakMap<InputClass, ReadonlyMap<string, Fits>>();

/** What may stand in each field of a class, and of its parents. */
function compiled(type: InputClass): ReadonlyMap<string, Fits> {
  const before = known.get(type);
  if (before) return before;
  const fields = new Map<string, Fits>();
  for (const { name, optional, nullable } of fieldsOf(type)) {
    const fits = fitsOf(type, name);
    fields.set(name, value => (value === undefined ? optional : value === null ? nullable : fits(value)));
  }
  known.set(type, fields);
  return fields;
}

/** Where nothing was noted, nothing is known to fit. */
function fitsOf(type: InputClass, name: string): Fits {
  for (let p = type.prototype as object | null; p; p = Object.getPrototypeOf(p) as object | null) {
    const fits = noted.get(p)?.get(name);
    if (fits) return fits;
  }
  return () => false;
}
