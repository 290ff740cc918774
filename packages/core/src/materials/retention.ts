/**
 * Share of the 23 °C strength and stiffness at a temperature, linear between the family's points and flat
 * outside them.
 */
export function retentionAt(points: readonly (readonly [number, number])[], temperatureC: number): number {
  const first = points[0];
  const last = points[points.length - 1];
  if (!first || !last) return 1;
  if (temperatureC <= first[0]) return first[1];
  for (let i = 1; i < points.length; i++) {
    const a = points[i - 1];
    const b = points[i];
    if (a && b && temperatureC <= b[0]) return a[1] + ((b[1] - a[1]) * (temperatureC - a[0])) / (b[0] - a[0]);
  }
  return last[1];
}
