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

/** What the hours of a year come to. */
export interface YearSpan {
  airMinC: number;
  airMaxC: number;
  /** The strongest sun on level ground, W/m². */
  irradianceWm2: number;
  /** Global horizontal irradiation of the year, kWh/m². */
  ghiKWhm2Year: number;
}

const spans = new WeakMap<Weather, YearSpan>();

/** What the hours of a year come to. Every judgement of a part asks for it: the hours are gone through once. */
export function yearSpan(w: Weather): YearSpan {
  const known = spans.get(w);
  if (known) return known;
  const span = {
    airMinC: lowest(w.airC),
    airMaxC: highest(w.airC),
    irradianceWm2: highest(w.ghiWm2),
    ghiKWhm2Year: annualGhiKWhm2(w),
  };
  spans.set(w, span);
  return span;
}
