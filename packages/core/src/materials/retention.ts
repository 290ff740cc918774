import { between } from '../lib/between.js';

/** Share of the 23 °C strength and stiffness left at a temperature: [°C, share], rising in temperature. */
export type RetentionPoints = readonly (readonly [number, number])[];

/** Kelvins above its glass transition at which an amorphous plastic carries nothing any more. */
const FLOWS_ABOVE_TG_K = 60;

/**
 * Retention points that end at nothing: at the melting point, or 60 K above the glass transition of what has
 * none.
 */
export function closedRetention(
  points: RetentionPoints,
  tmC: number | undefined,
  tgC: number | undefined,
): RetentionPoints {
  const last = points[points.length - 1];
  if (!last || last[1] === 0) return points;
  const endC = tmC ?? (tgC ?? last[0]) + FLOWS_ABOVE_TG_K;
  return endC > last[0] ? [...points, [endC, 0]] : [...points.slice(0, -1), [last[0], 0]];
}

/**
 * Share of the 23 °C strength and stiffness at a temperature, linear between the family's points and flat
 * outside them.
 */
export function retentionAt(points: RetentionPoints, temperatureC: number): number {
  return points.length ? between(points, temperatureC) : 1;
}
