import { families } from './library.js';

const keyByName = new Map(families.flatMap(f => [f.key, f.name].map(n => [n.toLowerCase(), f.key] as const)));

/** The key of a family called by its key or by its shown name ("ASA"); the text itself where it is neither. */
export function familyNamed(text: string): string {
  return keyByName.get(text.trim().toLowerCase()) ?? text;
}
