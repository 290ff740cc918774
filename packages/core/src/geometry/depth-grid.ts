/** Depths from the outline of a layer at which a shape is measured, mm: what walls of usual lines take up. */
export const SIDE_MM = [0, 0.45, 0.9, 1.35, 1.8, 2.7, 3.6, 5.4] as const;
/** Depths from what is open above and below, mm: what layers on top and at the bottom take up. */
export const END_MM = [0, 0.4, 0.8, 1.2, 2, 3] as const;

/**
 * How much of a shape lies deep: for each side depth, and within it for each end depth, the share of its volume that
 * is further than the one from the outline of its layer and further than the other from open air above and below.
 */
export type DeepShares = readonly number[];

/** How many shares a shape has. */
export const DEPTHS = SIDE_MM.length * END_MM.length;

/**
 * The share of a shape inside a skin, by straight lines between the depths that were measured.
 * @param sideMm the skin's thickness at the sides
 * @param endMm its thickness above and below
 */
export function insideShare(shares: DeepShares, sideMm: number, endMm: number): number {
  const [i, u] = place(SIDE_MM, sideMm);
  const [j, v] = place(END_MM, endMm);
  const at = (a: number, b: number): number => shares[a * END_MM.length + b] ?? 0;
  const near = at(i, j) + (at(i, j + 1) - at(i, j)) * v;
  const far = at(i + 1, j) + (at(i + 1, j + 1) - at(i + 1, j)) * v;
  return Math.max(0, near + (far - near) * u);
}

/** The interval of a grid that a depth lies in, and how far along it; beyond the last, the last goes on. */
function place(grid: readonly number[], depth: number): [number, number] {
  let i = 0;
  while (i < grid.length - 2 && grid[i + 1]! < depth) i++;
  return [i, (depth - grid[i]!) / (grid[i + 1]! - grid[i]!)];
}
