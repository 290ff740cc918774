import { registerDecorator } from 'class-validator';
import { isWithin } from './kinds-of-value.js';

/** Whether a value is two numbers in order and within limits. */
export function isInterval(value: unknown, min: number, max: number): boolean {
  return (
    Array.isArray(value) &&
    value.length === 2 &&
    value.every(x => isWithin(x, min, max)) &&
    (value[0] as number) <= (value[1] as number)
  );
}

/** class-validator decorator: an array of exactly two finite numbers, in order and within limits. */
export function IsInterval(min: number, max: number, message: string): PropertyDecorator {
  return (target, key) =>
    registerDecorator({
      name: 'isInterval',
      target: target.constructor,
      propertyName: String(key),
      options: { message },
      validator: {
        validate: (value: unknown) => isInterval(value, min, max),
      },
    });
}
