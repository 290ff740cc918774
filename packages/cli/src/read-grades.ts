import { readFileSync } from 'node:fs';
import type { Grade } from '@hornblende/core/formats';
import { InputError } from '@hornblende/core/input';
import { readGrades } from '@hornblende/core/tables';

/**
 * Reads a table of grades; every row must be usable.
 * @throws InputError naming the line, the field and what is allowed
 */
export function readGradesFile(file: string): Grade[] {
  let bytes: Uint8Array;
  try {
    bytes = readFileSync(file);
  } catch {
    throw new InputError([{ field: 'file', value: file, message: 'cannot be read' }]);
  }
  const table = readGrades(bytes);
  const problems = [
    ...table.problems,
    ...table.rows.flatMap(r => r.problems.map(p => ({ ...p, field: `line ${r.line}, ${p.field}` }))),
  ];
  if (problems.length) throw new InputError(problems);
  return table.rows.flatMap(r => (r.grade ? [r.grade] : []));
}
