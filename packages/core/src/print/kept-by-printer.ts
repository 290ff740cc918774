import type { Printer } from '../workshop/printer.js';

/**
 * Works something out once for each printer and family: profiles are not changed in place, and a brief is ranked anew
 * with every key typed.
 */
export function keptByPrinter<T>(
  make: (printer: Printer, familyKey: string) => T,
): (printer: Printer, familyKey: string) => T {
  const kept = new WeakMap<Printer, Map<string, T>>();
  return (printer, familyKey) => {
    const known = kept.get(printer) ?? new Map<string, T>();
    kept.set(printer, known);
    const found = known.get(familyKey);
    if (found !== undefined) return found;
    const made = make(printer, familyKey);
    known.set(familyKey, made);
    return made;
  };
}
