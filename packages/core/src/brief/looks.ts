import type { Colour } from '../materials/colours.js';
import type { Brief } from './brief.js';

/** The colour that physics sees: see-through parts are clear, whatever colour is noted. */
export function effectiveColour(brief: Pick<Brief, 'looks'>): Colour {
  return brief.looks.clear ? 'clear' : brief.looks.colour;
}
