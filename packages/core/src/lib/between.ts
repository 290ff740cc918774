/**
 * A value that runs straight between points and stays what it is outside them: for weights that grow with what is
 * asked, without a step at any figure.
 * @param points [x, y], rising in x, at least one
 * @example between([[60, 1], [120, 3]], 90) // 2
 */
export function between(points: readonly (readonly [number, number])[], x: number): number {
  const after = points.findIndex(([at]) => x <= at);
  const last = points[points.length - 1]!;
  if (after === -1) return last[1];
  const [x1, y1] = points[after]!;
  if (after === 0) return y1;
  const [x0, y0] = points[after - 1]!;
  return y0 + ((y1 - y0) * (x - x0)) / (x1 - x0);
}

/**
 * How far a value has come from one point to another, 0 to 1; either may be the larger.
 * @example ramp(50, 40, 60) // 0.5
 */
export function ramp(x: number, from: number, to: number): number {
  return Math.min(1, Math.max(0, (x - from) / (to - from)));
}
