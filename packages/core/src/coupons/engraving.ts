import opentype, { type Font } from 'opentype.js';
import type { CodePlace } from './coded.js';
import type { Flat, Maker, Solid } from './solids.js';

/** How deep a code is cut: two layers, mm. */
const DEEP_MM = 0.4;
/** Pieces that a curve of a letter is cut into. */
const PIECES = 6;

/** A font to engrave with. @param bytes a TrueType, OpenType or WOFF file */
export function engravingFont(bytes: Uint8Array): Font {
  return opentype.parse(bytes.slice().buffer);
}

/** Cuts a code into a solid, as large as its place allows. */
export function engraved(make: Maker, solid: Solid, font: Font, code: string, place: CodePlace): Solid {
  if (!code.trim()) return solid;
  const letters = lettersOf(make, font, code.trim());
  const { min, max } = letters.bounds();
  const scale = Math.min(place.highMm / (max[1] - min[1]), place.longMm / (max[0] - min[0]));
  const cut = letters
    .translate([-min[0], -min[1]])
    .scale(scale)
    .extrude(2 * DEEP_MM)
    .translate([place.atMm[0], place.atMm[1], place.faceMm - DEEP_MM]);
  return solid.subtract(cut);
}

/** The outlines of a text, their curves cut into straight pieces. */
function lettersOf({ CrossSection }: Maker, font: Font, text: string): Flat {
  const outlines: [number, number][][] = [];
  let outline: [number, number][] = [];
  // Upright on the plate: a font's path runs down the page.
  const put = (x: number, y: number): void => void outline.push([x, -y]);
  for (const c of font.getPath(text, 0, 0, 10).commands) {
    const [x0 = 0, up = 0] = outline.at(-1) ?? [];
    const y0 = -up;
    if (c.type === 'M') {
      // Not every font closes its outlines: the next one begins where the pen is lifted.
      outline = [];
      outlines.push(outline);
      put(c.x, c.y);
    } else if (c.type === 'L') put(c.x, c.y);
    else if (c.type !== 'Z')
      for (let i = 1; i <= PIECES; i++) {
        const t = i / PIECES;
        const s = 1 - t;
        if (c.type === 'Q')
          put(s * s * x0 + 2 * s * t * c.x1 + t * t * c.x, s * s * y0 + 2 * s * t * c.y1 + t * t * c.y);
        else
          put(
            s ** 3 * x0 + 3 * s * s * t * c.x1 + 3 * s * t * t * c.x2 + t ** 3 * c.x,
            s ** 3 * y0 + 3 * s * s * t * c.y1 + 3 * s * t * t * c.y2 + t ** 3 * c.y,
          );
      }
  }
  return CrossSection.ofPolygons(
    outlines.filter(o => o.length > 2),
    'NonZero',
  );
}
