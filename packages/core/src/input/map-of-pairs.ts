import { registerDecorator, type ValidationArguments } from 'class-validator';
import { isWithin } from './kinds-of-value.js';

/** Finds what is wrong with a map of pairs: an unknown key, or not two different numbers; null if nothing is. */
export function pairsProblem(value: unknown, keys: readonly string[]): string | null {
  if (typeof value !== 'object' || value === null) return null; // IsObject speaks first
  for (const [key, entry] of Object.entries(value)) {
    if (!keys.includes(key)) return `"${key}" is not known here; allowed: ${keys.join(', ')}`;
    const pair: unknown[] = Array.isArray(entry) ? entry : [];
    if (pair.length !== 2 || pair.some(x => !isWithin(x, -1e9, 1e9)) || pair[0] === pair[1])
      return `"${key}" must be [unacceptable, comfortable], two different numbers`;
  }
  return null;
}

/** class-validator decorator over {@link pairsProblem}. */
export function MapOfPairs(keys: readonly string[]): PropertyDecorator {
  return (target, key) =>
    registerDecorator({
      name: 'mapOfPairs',
      target: target.constructor,
      propertyName: String(key),
      validator: {
        validate: (value: unknown) => pairsProblem(value, keys) === null,
        defaultMessage: (a?: ValidationArguments) => pairsProblem(a?.value, keys) ?? 'must be an object',
      },
    });
}
