/**
 * The root of a function that rises through zero between two points, by bisection.
 * @param f a function with f(low) ≤ 0 ≤ f(high)
 * @param tolerance the width of the final bracket, in the unit of x
 * @example bisect(x => x * x - 2, 0, 2) // 1.41421…
 */
export function bisect(f: (x: number) => number, low: number, high: number, tolerance = 1e-9): number {
  let a = low;
  let b = high;
  for (let i = 0; i < 200 && b - a > tolerance; i++) {
    const m = (a + b) / 2;
    if (f(m) > 0) b = m;
    else a = m;
  }
  return (a + b) / 2;
}
