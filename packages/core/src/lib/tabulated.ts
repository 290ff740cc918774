/** How many intervals a {@link tabulated} function has. */
const INTERVALS = 48;

/**
 * A smooth function over a range, worked out at 49 points once and read by straight lines after that. What
 * is dear to work out
 * (an integral, a mean over a cycle) becomes some multiplications, for a million draws.
 * @param from, to the range; outside it the ends are held
 */
export function tabulated(from: number, to: number, f: (x: number) => number): (x: number) => number {
  if (!(to > from)) {
    const only = f(from);
    return () => only;
  }
  const values = Float64Array.from({ length: INTERVALS + 2 }, (_, i) =>
    f(from + ((to - from) * Math.min(i, INTERVALS)) / INTERVALS),
  );
  const scale = INTERVALS / (to - from);
  return x => {
    const u = Math.min(INTERVALS, Math.max(0, (x - from) * scale));
    const i = u | 0;
    const a = values[i]!;
    return a + (values[i + 1]! - a) * (u - i);
  };
}
