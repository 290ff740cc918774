/** A pattern as it is typed; null where nothing is, or it is none. */
export function patternOf(text: string): RegExp | null {
  if (!text.trim()) return null;
  try {
    return new RegExp(text);
  } catch {
    return null;
  }
}
