const GOLDEN = (Math.sqrt(5) - 1) / 2;

/**
 * Where a function that rises and then falls is highest, by golden section (Kiefer 1953).
 * @param f with one maximum between the two points
 * @param tolerance the width of the final bracket, in the unit of x
 * @example maximise(x => -((x - 1) ** 2), 0, 3); // 1
 */
export function maximise(f: (x: number) => number, low: number, high: number, tolerance = 1e-7): number {
  let a = low;
  let b = high;
  let left = b - GOLDEN * (b - a);
  let right = a + GOLDEN * (b - a);
  let atLeft = f(left);
  let atRight = f(right);
  while (b - a > tolerance) {
    if (atLeft > atRight) {
      b = right;
      right = left;
      atRight = atLeft;
      left = b - GOLDEN * (b - a);
      atLeft = f(left);
    } else {
      a = left;
      left = right;
      atLeft = atRight;
      right = a + GOLDEN * (b - a);
      atRight = f(right);
    }
  }
  return (a + b) / 2;
}
