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
