import { InputError } from '../input/parse.js';

/** A file of a shape that cannot be used at all, and why. */
export function meshProblem(message: string): InputError {
  return new InputError([{ field: '(file)', value: null, message }]);
}
