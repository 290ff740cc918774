import { registerDecorator, type ValidationArguments } from 'class-validator';

/** How many numbers a list may have: one of some lengths, or as many as wanted up to a limit. */
export type SeriesLengths = readonly number[] | { readonly atMost: number };

/** Finds what is wrong with a list of numbers; null if nothing is. */
export function seriesProblem(
  value: unknown,
  min: number,
  max: number,
  lengths: SeriesLengths,
  unit: string,
): string | null {
  if (!Array.isArray(value)) return 'must be a list of numbers';
  if ('atMost' in lengths) {
    if (value.length > lengths.atMost)
      return `must have at most ${lengths.atMost} entries, not ${value.length}`;
  } else if (!lengths.includes(value.length))
    return `must have ${lengths.join(' or ')} entries, not ${value.length}`;
  const bad = value.findIndex(x => typeof x !== 'number' || !(x >= min && x <= max));
  return bad < 0
    ? null
    : `entry ${bad} is ${JSON.stringify(value[bad])}; allowed: a number from ${min} to ${max} ${unit}`.trimEnd();
}

/** class-validator decorator: a list of numbers within limits and of one of the allowed lengths. */
export function IsSeries(min: number, max: number, lengths: SeriesLengths, unit: string): PropertyDecorator {
  return (target, key) =>
    registerDecorator({
      name: 'isArray',
      target: target.constructor,
      propertyName: String(key),
      validator: {
        validate: (value: unknown) => seriesProblem(value, min, max, lengths, unit) === null,
        defaultMessage: (a?: ValidationArguments) => seriesProblem(a?.value, min, max, lengths, unit) ?? '',
      },
    });
}
