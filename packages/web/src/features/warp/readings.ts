/** Several readings of one place as typed, "6.12 6.15 6,13"; none where one of them is no number. */
export function readings(text: string): number[] {
  const found = text
    .trim()
    .split(/[\s;]+/)
    .filter(Boolean)
    .map(t => Number(t.replace(',', '.')));
  return found.every(n => Number.isFinite(n)) ? found : [];
}
