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
  refuseNul(plain, () => '');
  const rest: Place[] = [];
  if (isNested(plain)) rest.push({ value: plain, key: '', up: null, depth: 0 });
  for (let at = rest.pop(); at; at = rest.pop()) {
    const { value, depth } = at;
    const up = at;
    if (depth >= DEEPEST) throw problem(pathOf(at), `must not nest more than ${DEEPEST} deep`);
    // Numbers in their thousands (a year of weather) hold nothing to refuse.
    if (Array.isArray(value) && value.every(v => typeof v === 'number')) continue;
    for (const key of Object.keys(value)) {
      const inner = (value as Record<string, unknown>)[key];
      if (ownNames.has(key)) throw problem(pathOf(up, key), 'is not a name that a field may have');
      refuseNul(inner, () => pathOf(up, key));
      if (isNested(inner)) rest.push({ value: inner, key, up, depth: depth + 1 });
    }
  }
}

/** An object within an input. Where it stands is written out only where something is wrong with it. */
interface Place {
  value: object;
  key: string;
  up: Place | null;
  depth: number;
}

/** Whether a value holds others: an object or a list. */
function isNested(value: unknown): value is object {
  return typeof value === 'object' && value !== null;
}

function refuseNul(value: unknown, path: () => string): void {
  if (typeof value === 'string' && value.includes('\0'))
    throw problem(path() || '(input)', 'must not hold a NUL character');
}

/** Where a place is, or a field of it: `places[2].where`. */
function pathOf(place: Place, key?: string): string {
  const above = place.up === null ? '' : pathOf(place.up, place.key);
  if (key === undefined) return above;
  return Array.isArray(place.value) ? `${above}[${key}]` : above ? `${above}.${key}` : key;
}

function problem(field: string, message: string): InputError {
  return new InputError([
    { field: field.length > 120 ? `${field.slice(0, 120)}…` : field, value: null, message },
  ]);
}
