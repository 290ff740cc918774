/** A number to so many significant figures, as text for working and sentences. */
export function sig(x: number, figures = 4): string {
  if (!Number.isFinite(x)) return String(x);
  const rounded = Number(x.toPrecision(figures));
  const text =
    Math.abs(rounded) >= 1e6 || (rounded !== 0 && Math.abs(rounded) < 1e-3)
      ? rounded.toExponential()
      : String(rounded);
  return text.replace('-', '−');
}
