import { validateSync, type ValidationError } from 'class-validator';
import { fitsClass } from './fits.js';
import { InputError, type Problem } from './input-error.js';
import { instanceOf, type InputClass } from './instance-of.js';
import { requireWellFormed } from './well-formed.js';

export { InputError, problemLine, shown, type Problem } from './input-error.js';

/**
 * Reads a plain object into an input class: defaults filled in, unknown fields refused, every value checked.
 * @throws InputError listing each field, its value and what is allowed
 */
export function parseInput<T extends object>(type: InputClass<T>, plain: unknown): T {
  if (typeof plain !== 'object' || plain === null || Array.isArray(plain))
    throw new InputError([{ field: '(input)', value: plain, message: 'must be an object' }]);
  requireWellFormed(plain);
  const instance = instanceOf(type, plain);
  if (fitsClass(type, instance)) return instance;
  const errors = validateSync(instance, {
    whitelist: true,
    forbidNonWhitelisted: true,
    forbidUnknownValues: false,
  });
  if (errors.length) throw new InputError(flatten(errors, ''));
  return instance;
}

function flatten(errors: ValidationError[], path: string): Problem[] {
  return errors.flatMap(e => {
    const name = e.property || '""';
    const field = path ? (/^\d+$/.test(name) ? `${path}[${name}]` : `${path}.${name}`) : name;
    const messages = Object.entries(e.constraints ?? {});
    // A wrong shape (a list where an object belongs) is said once, not through its parts.
    const shape = messages.find(([name]) => name === 'isArray' || name === 'isObject');
    if (e.children?.length && !shape) return flatten(e.children, field);
    const unknown = messages.find(([name]) => name === 'whitelistValidation');
    // All checks of one field share one message, so the first says everything.
    const message = shape
      ? shape[1]
      : unknown
        ? 'is not a field of this format'
        : (messages[0]?.[1] ?? 'is not allowed');
    return [{ field, value: e.value as unknown, message }];
  });
}
