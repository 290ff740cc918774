import { registerDecorator, type ValidationArguments } from 'class-validator';
import { isWithin } from './kinds-of-value.js';

/** What an entry of an {@link OpenMap} must be, in words, and whether it is. */
export interface EntryRule {
  must: string;
  holds: (value: unknown) => boolean;
}

/** Longest name that an entry may have. */
const LONGEST_KEY = 60;

/** An entry that is a number within limits. */
export const numberEntry = (min: number, max: number): EntryRule => ({
  must: `must be a number from ${min} to ${max}`,
  holds: v => isWithin(v, min, max),
});

/** An entry that is a list of numbers, none too many. */
export const numbersEntry = (most: number): EntryRule => ({
  must: `must be a list of up to ${most} numbers`,
  holds: v => Array.isArray(v) && v.length <= most && v.every(x => isWithin(x, -1e9, 1e9)),
});

/** An entry that is a pair of numbers, the lower one first. */
export const pairEntry = (min: number, max: number): EntryRule => ({
  must: `must be [low, high], two numbers in order from ${min} to ${max}`,
  holds: v => Array.isArray(v) && v.length === 2 && v.every(x => isWithin(x, min, max)) && v[0] <= v[1],
});

/** An entry that is yes or no. */
export const booleanEntry: EntryRule = {
  must: 'must be true or false',
  holds: v => typeof v === 'boolean',
};

/** Finds what is wrong with a map whose names are the sender's own; null if nothing is. */
export function openMapProblem(value: unknown, rule: EntryRule, most: number): string | null {
  if (typeof value !== 'object' || value === null) return null; // IsObject speaks first
  const entries = Object.entries(value);
  if (entries.length > most) return `must have at most ${most} entries`;
  for (const [name, entry] of entries) {
    if (!name.trim() || name.length > LONGEST_KEY)
      return `"${name.slice(0, LONGEST_KEY)}" must be a name of 1 to ${LONGEST_KEY} characters`;
    if (!rule.holds(entry)) return `"${name}" ${rule.must}`;
  }
  return null;
}

/** class-validator decorator over {@link openMapProblem}. */
export function IsOpenMap(rule: EntryRule, most: number): PropertyDecorator {
  return (target, key) =>
    registerDecorator({
      name: 'openMap',
      target: target.constructor,
      propertyName: String(key),
      validator: {
        validate: (value: unknown) => openMapProblem(value, rule, most) === null,
        defaultMessage: (a?: ValidationArguments) =>
          openMapProblem(a?.value, rule, most) ?? 'must be an object',
      },
    });
}
