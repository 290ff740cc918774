/** Stefan–Boltzmann constant σ, W/(m²·K⁴). CODATA 2018. */
export const STEFAN_BOLTZMANN = 5.670374419e-8;
/** Standard acceleration of free fall g₀, m/s². ISO 80000-3. */
export const STANDARD_GRAVITY = 9.80665;
/** 0 °C in K. */
export const ZERO_CELSIUS_K = 273.15;
/** Hours in a Julian year. */
export const HOURS_A_YEAR = 24 * 365.25;
/** An hour, ms. */
export const HOUR_MS = 3_600_000;
/** A day of 24 hours, ms. */
export const DAY_MS = 24 * HOUR_MS;
/** The standard atmosphere that properties are measured in, °C. ISO 291, class 23/50. */
export const STANDARD_ROOM_C = 23;
/** Normal quantile of a two-sided interval of 95 %. */
export const Z_95 = 1.959963984540054;
