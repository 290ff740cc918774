import type { Family } from '../materials/family.js';
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

/** What joins a family and a grade of it in a key; no key has it. */
const OF = ' ';

/** What is kept of a printer for a family, or for a grade of it. */
export function familyAndGradeKey(f: Pick<Family, 'key' | 'grade'>): string {
  return f.grade ? `${f.grade.family}${OF}${f.key}` : f.key;
}

/** The family, and the grade where there is one, of a key by {@link familyAndGradeKey}. */
export function familyAndGrade(key: string): { family: string; grade: string | null } {
  const [family = '', grade = null] = key.split(OF);
  return { family, grade };
}
