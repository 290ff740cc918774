import { getPosition } from 'suncalc';
import { HOUR_MS } from '../lib/physical-constants.js';

/**
 * Clear-sky global horizontal irradiance, W/m². Haurwitz 1945: GHI = 1098·cosθ·exp(−0.057/cosθ), θ the zenith angle.
 * @param cosZenith cosine of the sun's zenith angle; nothing below the horizon
 */
export function clearSkyGhiWm2(cosZenith: number): number {
  return cosZenith <= 0 ? 0 : 1098 * cosZenith * Math.exp(-0.057 / cosZenith);
}

/** Cosine of the sun's zenith angle at an instant and place; negative below the horizon. */
export function cosZenith(instant: Date, latitudeDeg: number, longitudeDeg: number): number {
  return Math.sin((getPosition(instant, latitudeDeg, longitudeDeg).altitude * Math.PI) / 180);
}

/** The instant in the middle of an hour of the year (2025, not a leap year), local standard time. */
export function middleOfHour(hourOfYear: number, timezoneH: number): Date {
  return new Date(Date.UTC(2025, 0, 1) + (hourOfYear + 0.5 - timezoneH) * HOUR_MS);
}
