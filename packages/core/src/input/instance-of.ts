import { isObject } from './kinds-of-value.js';

/** A class that an input is read into: made anew, its fields hold what holds where nothing is sent. */
export type InputClass<T extends object = object> = new () => T;

/** How a field takes what was sent for it. */
export type FieldReading = (sent: unknown) => unknown;

const readings = new WeakMap<object, Map<string, FieldReading>>();

/** Notes how a field of an input class takes what is sent; the others take a copy of it. */
export function noteReading(target: object, name: string, reading: FieldReading): void {
  readings.set(target, (readings.get(target) ?? new Map<string, FieldReading>()).set(name, reading));
}

/**
 * A plain object as an instance of an input class: fields that were not sent keep their defaults, nested objects become
 * instances of their classes, the rest is copied, so that nothing of it is shared with the sender. Nothing is checked
 * here, and fields that the class does not have come along: they are refused by who checks it.
 * @example instanceOf(Printer, { name: 'Shed' }).nozzleMm // 0.4, its default
 */
export function instanceOf<T extends object>(type: InputClass<T>, plain: object): T {
  const made = new type() as Record<string, unknown>;
  for (const [name, sent] of Object.entries(plain) as [string, unknown][])
    if (sent !== undefined) made[name] = (readingOf(type, name) ?? copied)(sent);
  return made as T;
}

/** A value read into an input class where it is an object; anything else is left for the checks to refuse. */
export function nestedReading(type: () => InputClass): FieldReading {
  return sent => (isObject(sent) ? instanceOf(type(), sent) : copied(sent));
}

function readingOf(type: InputClass, name: string): FieldReading | undefined {
  for (let p = type.prototype as object | null; p; p = Object.getPrototypeOf(p) as object | null) {
    const reading = readings.get(p)?.get(name);
    if (reading) return reading;
  }
  return undefined;
}

function copied(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(copied);
  if (!isObject(value)) return value;
  return Object.fromEntries(Object.entries(value).map(([name, inner]) => [name, copied(inner)]));
}
