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

/** Colours in words. */
export const colourWords: Record<Colour, string> = {
  white: 'white',
  light: 'light',
  mid: 'medium',
  dark: 'dark',
  black: 'black',
  clear: 'clear',
};

/** Words that makers and people use, by how much sun they take in. */
const saidColours: readonly (readonly [RegExp, Colour])[] = [
  [/black|anthracite|graphite|charcoal/, 'black'],
  [/white|snow|chalk/, 'white'],
  [/clear|transparent|translucent|natural/, 'clear'],
  [/dark|navy|brown|slate|forest|purple/, 'dark'],
  [/light|yellow|cream|sand|beige|pale|silver|ivory|pink/, 'light'],
  [/grey|gray|red|green|blue|orange|medium|mid/, 'mid'],
];

/**
 * How dark a colour is that is given in words; null where no word is known.
 * @example colourByWords('Slate grey'); // 'dark'
 */
export function colourByWords(words: string): Colour | null {
  return saidColours.find(([pattern]) => pattern.test(words.toLowerCase()))?.[1] ?? null;
}

/**
 * How much more ultraviolet light a colour takes than a light one before it has visibly changed: pale greys hide it,
 * deep and bright colours show it first, white and clear turn yellow.
 */
export const fadeColourFactor: Record<Colour, number> = {
  black: 2,
  dark: 0.9,
  mid: 0.7,
  light: 1,
  white: 0.8,
  clear: 0.6,
};

/** From this share of the sun taken in on, a colour counts as dark. */
const DARK = 0.8;
/** Whether a part of a colour heats up in the sun as dark ones do. */
export function isDark(colour: Colour): boolean {
  return absorptivityOf[colour] >= DARK;
}
