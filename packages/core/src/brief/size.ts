import { BOX_SHARE } from './defaults.js';
import type { Brief } from './brief.js';

/** The part's longer side on the plate, mm. */
export function plateLengthMm({ geometry }: Pick<Brief, 'geometry'>): number {
  return Math.max(geometry.xMm, geometry.yMm);
}

/** Whether a part fits a space as it lies, turned about the upright axis if need be. */
export function fitsInto(
  { geometry: { xMm, yMm, zMm } }: Pick<Brief, 'geometry'>,
  [bx, by, bz]: readonly [number, number, number],
): boolean {
  return zMm <= bz && ((xMm <= bx && yMm <= by) || (yMm <= bx && xMm <= by));
}

/** Outer surface of the part, cm²: that of its bounding box, about which a brush or a cloth goes. */
export function outerSurfaceCm2({ geometry: g }: Pick<Brief, 'geometry'>): number {
  return (2 * (g.xMm * g.yMm + g.yMm * g.zMm + g.zMm * g.xMm)) / 100;
}

/** Volume of the part's model, cm³: as said, else a share of its bounding box. */
export function modelVolumeCm3({ geometry: g }: Pick<Brief, 'geometry'>): number {
  return g.volumeCm3 ?? (g.xMm * g.yMm * g.zMm * BOX_SHARE) / 1000;
}
