import { InputError } from './input-error.js';

/** Names that every object has of itself: read as fields, they would be found where nothing was said. */
const ownNames: ReadonlySet<string> = new Set([...Object.getOwnPropertyNames(Object.prototype), 'prototype']);
/** How deep an input may nest; no format of ours comes near it. */
const DEEPEST = 40;

/**
 * Refuses plain data that no format has: names of the object's own prototype, texts with a NUL, nesting without end.
 * It walks without recursion, since the depth is the sender's.
 * @throws InputError naming the first such place
 */
export function requireWellFormed(plain: unknown): void {
  const rest: { value: unknown; path: string; depth: number }[] = [{ value: plain, path: '', depth: 0 }];
  for (let at = rest.pop(); at; at = rest.pop()) {
    const { value, path, depth } = at;
    if (typeof value === 'string' && value.includes('\0'))
      throw problem(path || '(input)', 'must not hold a NUL character');
    if (typeof value !== 'object' || value === null) continue;
    if (depth >= DEEPEST) throw problem(path, `must not nest more than ${DEEPEST} deep`);
    // Numbers in their thousands (a year of weather) hold nothing to refuse.
    if (Array.isArray(value) && value.every(v => typeof v === 'number')) continue;
    for (const [key, inner] of Object.entries(value)) {
      const field = Array.isArray(value) ? `${path}[${key}]` : path ? `${path}.${key}` : key;
      if (ownNames.has(key)) throw problem(field, 'is not a name that a field may have');
      rest.push({ value: inner, path: field, depth: depth + 1 });
    }
  }
}

function problem(field: string, message: string): InputError {
  return new InputError([
    { field: field.length > 120 ? `${field.slice(0, 120)}…` : field, value: null, message },
  ]);
}
