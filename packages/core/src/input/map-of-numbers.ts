import { registerDecorator, type ValidationArguments } from 'class-validator';
import { isWithin } from './kinds-of-value.js';

/** Finds what is wrong with a map of numbers: an unknown key or a value outside its limits; null if nothing is. */
export function mapProblem(
  value: unknown,
  keys: readonly string[],
  min: number,
  max: number,
): { key: string; value: unknown; message: string } | null {
  if (typeof value !== 'object' || value === null) return null; // IsObject speaks first
  for (const [key, entry] of Object.entries(value)) {
    if (!keys.includes(key))
      return { key, value: entry, message: `is not known here; allowed: ${keys.join(', ')}` };
    if (!isWithin(entry, min, max))
      return { key, value: entry, message: `must be a number from ${min} to ${max}` };
  }
  return null;
}

/** class-validator decorator over {@link mapProblem}. */
export function MapOfNumbers(keys: readonly string[], min: number, max: number): PropertyDecorator {
  return (target, key) =>
    registerDecorator({
      name: 'mapOfNumbers',
      target: target.constructor,
      propertyName: String(key),
      validator: {
        validate: (value: unknown) => mapProblem(value, keys, min, max) === null,
        defaultMessage: (a?: ValidationArguments) => {
          const p = mapProblem(a?.value, keys, min, max);
          return p ? `"${p.key}" ${p.message}` : 'must be an object';
        },
      },
    });
}
