import type { Brief } from '../brief/brief.js';
import type { Printer } from '../workshop/printer.js';

/** Width of the rim of a plate where a bed heated in its middle is cooler, mm. */
export const RIM_MM = 30;

/** Whether a part cannot lie straight on a plate without reaching its cool rim. */
export function reachesRim(brief: Pick<Brief, 'geometry'>, printer: Pick<Printer, 'buildMm'>): boolean {
  return !liesInside(brief, printer, 0) && !liesInside(brief, printer, 90);
}

/** The least turn that keeps a part off the cool rim of a plate, deg; null where it is off it, or none does. */
export function offRimTurnDeg(
  brief: Pick<Brief, 'geometry'>,
  printer: Pick<Printer, 'buildMm'>,
): number | null {
  if (!reachesRim(brief, printer)) return null;
  for (let deg = 5; deg < 90; deg += 5) if (liesInside(brief, printer, deg)) return deg;
  return null;
}

function liesInside(
  { geometry: g }: Pick<Brief, 'geometry'>,
  p: Pick<Printer, 'buildMm'>,
  deg: number,
): boolean {
  const cos = Math.cos((deg * Math.PI) / 180);
  const sin = Math.sin((deg * Math.PI) / 180);
  const [bx, by] = p.buildMm;
  const alongX = g.xMm * cos + g.yMm * sin;
  const alongY = g.xMm * sin + g.yMm * cos;
  // A turn by a right angle leaves a rounding error that must not count.
  return alongX <= bx - 2 * RIM_MM + 1e-9 && alongY <= by - 2 * RIM_MM + 1e-9;
}
