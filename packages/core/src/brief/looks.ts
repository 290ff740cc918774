import type { Colour } from '../materials/colours.js';
import type { Brief } from './brief.js';
import type { SurfaceWish } from './choices.js';

/** The colour that physics sees: see-through parts are clear, whatever colour is noted. */
export function effectiveColour(brief: Pick<Brief, 'looks'>): Colour {
  return brief.looks.clear ? 'clear' : brief.looks.colour;
}

/** What a surface may be wished to be, in words. */
export const surfaceWishWords: Record<SurfaceWish, string> = {
  gloss: 'glossy',
  matt: 'matt',
  'line-free': 'free of layer lines',
  textured: 'textured',
  paintable: 'paintable',
  dyeable: 'dyeable',
  smoothable: 'smoothable',
  sealed: 'sealed',
};

/** How a part is to look, in words: "white, fair surface, see-through, paintable". */
export function looksInWords({ looks }: Pick<Brief, 'looks'>): string {
  return [
    effectiveColour({ looks }),
    `${looks.finish} surface`,
    ...(looks.clear ? ['see-through'] : []),
    ...looks.wishes.map(w => surfaceWishWords[w]),
  ].join(', ');
}
