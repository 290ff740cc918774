import { plainToInstance, type ClassConstructor } from 'class-transformer';
import { validateSync, type ValidationError } from 'class-validator';

/** One thing wrong with an input: where, what stood there, and what is allowed. */
export interface Problem {
  field: string;
  value: unknown;
  message: string;
}

/** Thrown for any input that does not fit its class; carries every problem, not just the first. */
export class InputError extends Error {
  constructor(readonly problems: Problem[]) {
    super(problems.map(problemLine).join('\n'));
    this.name = 'InputError';
  }
}

/** One problem as one line of text: field, value, what is allowed. */
export function problemLine(p: Problem): string {
  return `${p.field}: ${shown(p.value)} ${p.message}`;
}

/** A value as it may stand in an error message: short, on one line. */
export function shown(value: unknown): string {
  if (value === undefined) return '(missing)';
  const text = typeof value === 'number' ? String(value) : (JSON.stringify(value) ?? String(value));
  return text.length > 60 ? `${text.slice(0, 57)}…` : text;
}

/**
 * Reads a plain object into an input class: defaults filled in, unknown fields refused, every value checked.
 * @throws InputError listing each field, its value and what is allowed
 */
export function parseInput<T extends object>(type: ClassConstructor<T>, plain: unknown): T {
  if (typeof plain !== 'object' || plain === null || Array.isArray(plain))
    throw new InputError([{ field: '(input)', value: plain, message: 'must be an object' }]);
  const instance = plainToInstance(type, plain, { exposeDefaultValues: true });
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
