import { mean, sampleVariance } from 'simple-statistics';

/**
 * Variance of the mean of readings of one place, mm²: what they scatter, and what the caliper cannot tell apart, whose
 * step is a uniform error (its width over √12).
 */
export function varianceOfMean(readings: readonly number[], resolutionMm: number): number {
  const scatter = readings.length > 1 ? sampleVariance([...readings]) : 0;
  return (scatter + resolutionMm ** 2 / 12) / readings.length;
}

/** Mean of readings of one place. */
export function meanOf(readings: readonly number[]): number {
  return mean([...readings]);
}
