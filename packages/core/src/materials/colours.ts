/** Colours as far as physics cares about them. */
export const colours = ['white', 'light', 'mid', 'dark', 'black', 'clear'] as const;
/** A colour as far as physics cares. */
export type Colour = (typeof colours)[number];

/** Solar absorptivity by colour; typical of opaque plastics and paints. */
export const absorptivityOf: Record<Colour, number> = {
  white: 0.25,
  light: 0.45,
  mid: 0.65,
  dark: 0.85,
  black: 0.95,
  clear: 0.2,
};

/**
 * How many times longer a pigmented surface lasts under ultraviolet light than a light one. Carbon black
 * screens best, clear lets it in.
 */
export const uvColourFactor: Record<Colour, number> = {
  black: 3,
  dark: 1.6,
  mid: 1.3,
  light: 1,
  white: 1.2,
  clear: 0.7,
};
