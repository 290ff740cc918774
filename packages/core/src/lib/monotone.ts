/** A point of a curve. */
export interface CurvePoint {
  x: number;
  y: number;
}

/**
 * The rising step function nearest to points, in least squares: pool adjacent violators (Ayer et al. 1955). Points of
 * one x are averaged first.
 * @returns points in the order of x, never falling
 */
export function isotonic(points: readonly CurvePoint[]): CurvePoint[] {
  const blocks: { xs: number[]; y: number; weight: number }[] = [];
  for (const { x, y, weight } of byPlace(points)) {
    blocks.push({ xs: [x], y, weight });
    while (blocks.length > 1 && blocks.at(-2)!.y > blocks.at(-1)!.y) {
      const last = blocks.pop()!;
      const before = blocks.pop()!;
      const together = before.weight + last.weight;
      blocks.push({
        xs: [...before.xs, ...last.xs],
        y: (before.y * before.weight + last.y * last.weight) / together,
        weight: together,
      });
    }
  }
  return blocks.flatMap(b => b.xs.map(x => ({ x, y: b.y })));
}

/** Points averaged at each x, in its order. */
function byPlace(points: readonly CurvePoint[]): (CurvePoint & { weight: number })[] {
  const sums = new Map<number, { sum: number; weight: number }>();
  for (const { x, y } of points) {
    const at = sums.get(x) ?? { sum: 0, weight: 0 };
    sums.set(x, { sum: at.sum + y, weight: at.weight + 1 });
  }
  return [...sums].map(([x, { sum, weight }]) => ({ x, y: sum / weight, weight })).sort((a, b) => a.x - b.x);
}

/**
 * A smooth curve through points that never turns where they do not: cubic Hermite pieces with harmonic mean slopes
 * (Fritsch and Butland 1984). Outside the points their ends are held.
 * @param points at least one, in the order of x, no x twice
 */
export function monotoneCurve(points: readonly CurvePoint[]): (x: number) => number {
  const n = points.length;
  const rise = points.slice(1).map((p, i) => (p.y - points[i]!.y) / (p.x - points[i]!.x));
  const slopes = points.map((_, i) => {
    const before = rise[i - 1];
    const after = rise[i];
    if (before === undefined || after === undefined) return before ?? after ?? 0;
    return before * after <= 0 ? 0 : (2 * before * after) / (before + after);
  });
  return x => {
    if (x <= points[0]!.x) return points[0]!.y;
    if (x >= points[n - 1]!.x) return points[n - 1]!.y;
    const i = points.findIndex(p => p.x > x) - 1;
    const from = points[i]!;
    const to = points[i + 1]!;
    const h = to.x - from.x;
    const t = (x - from.x) / h;
    const s = 1 - t;
    return (
      from.y * (1 + 2 * t) * s * s +
      to.y * (1 + 2 * s) * t * t +
      h * (slopes[i]! * t * s * s - slopes[i + 1]! * s * t * t)
    );
  };
}
