/**
 * A year of hourly weather. Arrays have one entry an hour, 8760 or 8784 of them, local standard time, first
 * hour 0:00–1:00 on 1 January.
 */
export interface Weather {
  name: string;
  latitudeDeg: number;
  longitudeDeg: number;
  /** Hours ahead of UTC. */
  timezoneH: number;
  airC: readonly number[];
  ghiWm2: readonly number[];
  windMs: readonly number[];
}

/** Hours of an ordinary and of a leap year. */
export const YEAR_HOURS = [8760, 8784] as const;

/** Global horizontal irradiation of a year, kWh/m². */
export function annualGhiKWhm2(w: Weather): number {
  return w.ghiWm2.reduce((s, g) => s + g, 0) / 1000;
}

/** The highest of a series, without the call-stack limit of Math.max(...list). */
export function highest(series: readonly number[]): number {
  return series.reduce((m, x) => (x > m ? x : m), -Infinity);
}

/** The lowest of a series. */
export function lowest(series: readonly number[]): number {
  return series.reduce((m, x) => (x < m ? x : m), Infinity);
}
