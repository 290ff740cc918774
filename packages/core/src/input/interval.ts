import { registerDecorator } from 'class-validator';

/** class-validator decorator: an array of exactly two finite numbers, in order and within limits. */
export function IsInterval(min: number, max: number, message: string): PropertyDecorator {
  return (target, key) =>
    registerDecorator({
      name: 'isInterval',
      target: target.constructor,
      propertyName: String(key),
      options: { message },
      validator: {
        validate: (value: unknown) =>
          Array.isArray(value) &&
          value.length === 2 &&
          value.every(x => typeof x === 'number' && Number.isFinite(x) && x >= min && x <= max) &&
          (value[0] as number) <= (value[1] as number),
      },
    });
}
