import { InputError } from '../input/input-error.js';

/** One thing that keeps a field from being worked out. */
export function problem(field: string, value: unknown, message: string): InputError {
  return new InputError([{ field, value, message }]);
}
