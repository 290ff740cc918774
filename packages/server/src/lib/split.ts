import { InputError, parseInput } from '@hornblende/core/input';

type Class<T> = new () => T;

/**
 * Takes named objects out of a body and reads the rest as an envelope.
 * @throws InputError when the body is no object or the rest does not fit
 */
export function split<T extends object>(
  body: unknown,
  envelope: Class<T>,
  ...names: string[]
): { rest: T; taken: Record<string, unknown> } {
  if (typeof body !== 'object' || body === null || Array.isArray(body))
    throw new InputError([{ field: '(body)', value: body ?? null, message: 'must be a JSON object' }]);
  const taken: Record<string, unknown> = {};
  const rest: Record<string, unknown> = {};
  for (const [key, value] of Object.entries(body)) (names.includes(key) ? taken : rest)[key] = value;
  return { rest: parseInput(envelope, rest), taken };
}

/** Runs a parser and puts a prefix before the fields it complains about. */
export function within<T>(prefix: string, read: () => T): T {
  try {
    return read();
  } catch (e) {
    if (e instanceof InputError)
      throw new InputError(
        e.problems.map(p => ({ ...p, field: p.field === '(input)' ? prefix : `${prefix}.${p.field}` })),
      );
    throw e;
  }
}
