/**
 * What so many hundredths of a shape’s volume stay under.
 * @param values by cell, e.g. MPa
 * @param volumes of the cells, in any unit
 * @returns 101 values, rising: the least, what 1 of 100 stays under, and so on to the most
 * @example volumeQuantiles(Float32Array.of(1, 3), Float64Array.of(1, 1))[50] // 1
 */
export function volumeQuantiles(values: Float32Array, volumes: Float64Array): number[] {
  const order = Uint32Array.from(values, (_, i) => i).sort((a, b) => values[a]! - values[b]!);
  const whole = volumes.reduce((s, v) => s + v, 0);
  const quantiles = [values[order[0] ?? 0] ?? 0];
  let under = 0;
  for (const c of order) {
    under += volumes[c]!;
    while (quantiles.length <= 100 && under >= (quantiles.length / 100) * whole * (1 - 1e-9))
      quantiles.push(values[c]!);
  }
  return quantiles;
}
